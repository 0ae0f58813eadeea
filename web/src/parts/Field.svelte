<script lang="ts">
  import type { Snippet } from "svelte";
  import Explain from "./Explain.svelte";
  import type { Explained } from "./explained";
  import { thePaper } from "./placed";

  // A label above a control, and the sentence that says what is wrong with it. A place is where the field writes to on the paper.
  let {
    label,
    place,
    trouble = "",
    troubleId,
    quiet = false,
    explain,
    children,
  }: {
    label: string;
    place?: string;
    trouble?: string;
    troubleId?: string;
    quiet?: boolean;
    explain?: Explained;
    children: Snippet;
  } = $props();

  const paper = thePaper();
  const said = $derived(quiet ? "" : trouble || (place && paper?.trouble(place)) || "");
</script>

<div class="field" class:wrong={said} data-place={place}>
  <label>
    <span class="label">{label}</span>
    {@render children()}
    {#if said}<span class="trouble" id={troubleId} role="alert">{said}</span>{/if}
  </label>
  {#if explain}<span class="ask"><Explain word={explain} /></span>{/if}
</div>

<style>
  .field {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 3px 6px;
    align-content: start;
    min-width: 0;
  }
  /* Its words, control and sentence lie on the grid of the field, so that a press beside the words is none on the label. */
  label {
    display: contents;
  }
  label > :global(*) {
    grid-column: 1 / -1;
  }
  label > .label {
    grid-column: 1;
    grid-row: 1;
  }
  .ask {
    grid-column: 2;
    grid-row: 1;
    align-self: center;
    line-height: 0;
  }
  .label {
    font-size: var(--small);
    color: var(--soft);
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
    max-width: 34ch;
  }
  .field :global(input),
  .field :global(select),
  .field :global(textarea) {
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    padding: 5px 7px;
    min-width: 0;
    min-height: var(--target);
  }
  .wrong :global(input),
  .wrong :global(select),
  .wrong :global(textarea) {
    border-color: var(--tomato);
  }
</style>
