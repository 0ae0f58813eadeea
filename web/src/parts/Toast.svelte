<script lang="ts">
  import { toast } from "../desk/toast.svelte";
</script>

<div class="place" role="status" aria-live="polite">
  {#if toast.said}
    {@const said = toast.said}
    <div class="toast">
      <span>{said.sentence}</span>
      {#if said.action}
        <button onclick={() => toast.act()}>{said.action.word}</button>
      {/if}
      <button class="close" aria-label="Close" onclick={() => toast.clear()}>×</button>
    </div>
  {/if}
</div>

<style>
  .place {
    position: fixed;
    inset: auto 0 18px 0;
    display: flex;
    justify-content: center;
    pointer-events: none;
    z-index: 10;
  }
  .toast {
    pointer-events: auto;
    display: flex;
    align-items: center;
    gap: 12px;
    max-width: min(92vw, 640px);
    padding: 10px 16px;
    border-radius: var(--round);
    background: var(--ink);
    color: var(--enamel);
  }
  button {
    border: 1.5px solid var(--enamel);
    border-radius: var(--pill);
    background: none;
    color: inherit;
    padding: 4px 12px;
    cursor: pointer;
    white-space: nowrap;
    min-height: var(--target);
  }
  .close {
    border: 0;
    padding: 4px 6px;
    font-size: 18px;
  }
</style>
