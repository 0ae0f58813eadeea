<script lang="ts">
  import type { Move, Parameter } from "../../api/types";
  import { plural } from "../../units/format";
  import type { Hand } from "./hand.svelte";
  import { smallMoves, startedSmall } from "./small";

  // A small design of its own, iced move by move: a press opens it like any cookie.
  let {
    parameter,
    move,
    hand,
    index,
  }: { parameter: Parameter; move: Move; hand: Hand; index: number } = $props();

  const moves = $derived(smallMoves(move));

  function open() {
    if (moves.length === 0) hand.set(index, "moves", startedSmall(move));
    hand.enter(index);
  }
</script>

<div class="small">
  <button onclick={open}>
    {moves.length > 0
      ? `Open its own design, ${plural(moves.length, "move")}`
      : "Ice it move by move"}
  </button>
  {#if moves.length > 0}
    <button class="plain" onclick={() => hand.set(index, "moves", null)}
      >{parameter.otherwise} again</button
    >
  {:else}
    <span class="soft">now {parameter.otherwise}</span>
  {/if}
</div>

<style>
  .small {
    flex-basis: 100%;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 12px;
  }
  button {
    border: 1.5px solid var(--cobalt);
    border-radius: var(--pill);
    background: none;
    color: var(--cobalt);
    padding: 4px 14px;
    min-height: 44px;
    cursor: pointer;
  }
  .plain {
    border: 0;
    text-decoration: underline;
    padding: 4px 6px;
  }
</style>
