<script lang="ts">
  import type { CookieView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import { field } from "../../desk/catalogue.svelte";
  import Slump from "../../marks/Slump.svelte";
  import { stateWord } from "../../units/format";
  import { countsOf } from "./counts";
  import type { Hand } from "./hand.svelte";

  // The order's colours: a press gives the open move that colour or stiffness, or floods the sections that are chosen with it; else it is taken in hand.
  let { cookie, hand }: { cookie: CookieView; hand: Hand } = $props();

  const desk = theDesk();
  // What the open move may be made with, from stiff to loose: each a press, its exact count a number in its form.
  const counts = $derived(hand.move ? countsOf(hand.move) : []);
  const state = $derived(
    cookie.marks.find((mark) => mark.move === hand.open && mark.state !== null)?.state,
  );
  const worn = $derived(hand.move ? String(field(hand.move, "colour") ?? "") : "");
  const does = $derived(
    hand.move
      ? "press a colour for this move"
      : hand.chosen.length > 0
        ? `press a colour to flood ${hand.chosen.join(", ")}`
        : hand.bowl
          ? `press what ${desk.colourName(hand.bowl)} floods; its bowl again puts it down`
          : "press a colour to take it, or a section or a mark to choose it",
  );
</script>

<div class="row" role="group" aria-label="Colours">
  {#each desk.palette as colour (colour.key)}
    <button
      aria-pressed={worn === colour.key || (hand.open === null && hand.bowl === colour.key)}
      title={colour.name}
      onclick={() => hand.colour(colour.key)}
    >
      <BowlDisc hex={colour.hex} size={26} />
      <span>{colour.name}</span>
    </button>
  {/each}
  <span class="soft">{does}</span>
</div>

{#if counts.length > 1}
  <div class="row" role="group" aria-label="How stiff">
    {#each counts as count (count.state)}
      <button aria-pressed={state === count.state} onclick={() => hand.stiff(count.seconds)}>
        <Slump state={count.state} />
        <span>{stateWord(count.state)}</span>
      </button>
    {/each}
  </div>
{/if}

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 2px 4px;
    min-height: 46px;
    font-size: var(--small);
  }
  button {
    display: flex;
    align-items: center;
    gap: 5px;
    min-height: 44px;
    border: 1.5px solid transparent;
    border-radius: var(--pill);
    background: none;
    padding: 2px 9px 2px 4px;
    cursor: pointer;
  }
  button[aria-pressed="true"] {
    border-color: var(--cobalt);
  }
  button:hover {
    background: var(--wash);
  }
</style>
