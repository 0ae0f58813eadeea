<script lang="ts" generics="T extends object">
  import { connection } from "../desk/connection.svelte";
  import type { Paper } from "../desk/paper.svelte";
  import { plural } from "../units/format";

  // Whether what is on the screen is stored; a press on what is not goes there.
  let { paper, onlook }: { paper: Paper<T>; onlook: (path: string) => void } = $props();

  const wrong = $derived(paper.held.length);
</script>

<span class="saved-state soft" aria-live="polite">
  {#if wrong > 0}
    <button onclick={() => onlook(paper.held[0]?.path ?? "")}
      >{plural(wrong, "thing")} not saved</button
    >
  {:else if connection.sentence && paper.isSaving}kept here, not sent yet
  {:else if paper.isSaving}saving
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
