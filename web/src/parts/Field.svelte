<script lang="ts">
  import type { Snippet } from "svelte";
  import { thePaper } from "./placed";

  // A label above a control, and the sentence that says what is wrong with it. A place is where the field writes to on the paper.
  let {
    label,
    place,
    trouble = "",
    troubleId,
    quiet = false,
    children,
  }: {
    label: string;
    place?: string;
    trouble?: string;
    troubleId?: string;
    quiet?: boolean;
    children: Snippet;
  } = $props();

  const paper = thePaper();
  const said = $derived(quiet ? "" : trouble || (place && paper?.trouble(place)) || "");
</script>

<label class="field" class:wrong={said} data-place={place}>
  <span class="label">{label}</span>
  {@render children()}
  {#if said}<span class="trouble" id={troubleId} role="alert">{said}</span>{/if}
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
  .field :global(select),
  .field :global(textarea) {
    border: 1.5px solid var(--line);
    border-radius: 8px;
    background: #fff;
    padding: 5px 7px;
    min-width: 0;
    min-height: 34px;
  }
  .wrong :global(input),
  .wrong :global(select),
  .wrong :global(textarea) {
    border-color: var(--tomato);
  }
</style>
