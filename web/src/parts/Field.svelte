<script lang="ts">
  import type { Snippet } from "svelte";

  // A label above a control, and the sentence that says what is wrong with it.
  let {
    label,
    trouble = "",
    troubleId,
    children,
  }: { label: string; trouble?: string; troubleId?: string; children: Snippet } = $props();
</script>

<label class="field" class:wrong={trouble}>
  <span class="label">{label}</span>
  {@render children()}
  {#if trouble}<span class="trouble" id={troubleId} role="alert">{trouble}</span>{/if}
</label>

<style>
  .field {
    display: flex;
    flex-direction: column;
    gap: 3px;
    min-width: 0;
  }
  .label {
    font-size: 13px;
    color: var(--soft);
  }
  .trouble {
    color: var(--tomato);
    font-size: 13px;
    max-width: 34ch;
  }
  .field :global(input),
  .field :global(select) {
    border: 1.5px solid var(--line);
    border-radius: 8px;
    background: #fff;
    padding: 5px 7px;
    min-width: 0;
    min-height: 34px;
  }
  .wrong :global(input),
  .wrong :global(select) {
    border-color: var(--tomato);
  }
</style>
