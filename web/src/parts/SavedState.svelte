<script lang="ts" generics="T extends object">
  import { connection } from "../desk/connection.svelte";
  import { outbox } from "../desk/outbox.svelte";
  import type { Paper } from "../desk/paper.svelte";
  import { plural } from "../units/format";

  // Whether all that was typed and pressed here is stored; a press on what can't be goes there.
  let { paper, onlook }: { paper: Paper<T>; onlook: (path: string) => void } = $props();

  const wrong = $derived(paper.held.length);
</script>

<span class="saved-state soft" aria-live="polite">
  {#if wrong > 0}
    <button onclick={() => onlook(paper.held[0]?.path ?? "")}
      >{plural(wrong, "thing")} not saved</button
    >
  {:else if connection.sentence && outbox.waiting > 0}kept here, not sent yet
  {:else if outbox.isSlow}busy, still working on it
  {:else if outbox.waiting > 0}saving
  {:else}saved{/if}
</span>

<style>
  .saved-state {
    white-space: nowrap;
  }
  button {
    border: 0;
    background: none;
    padding: 6px 0;
    color: var(--tomato);
    font-weight: 600;
    text-decoration: underline;
    cursor: pointer;
  }
</style>
