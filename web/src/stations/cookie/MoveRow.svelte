<script lang="ts">
  import type { DesignView, MarkView, Move } from "../../api/types";
  import { field, reference } from "../../desk/catalogue.svelte";
  import { theDesk } from "../../desk/order.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import Slump from "../../marks/Slump.svelte";
  import type { Hand } from "./hand.svelte";
  import MoveForm from "./MoveForm.svelte";
  import { saidOfMove } from "./said";
  import { fixed } from "../../units/format";

  let {
    design,
    move,
    marks,
    index,
    open,
    last,
    hand,
    onopen,
    onlit,
    onshift,
    onremove,
    onchange,
  }: {
    design: DesignView;
    move: Move;
    marks: MarkView[];
    index: number;
    open: boolean;
    last: boolean;
    hand: Hand;
    onopen: () => void;
    onlit: (on: boolean) => void;
    onshift: (by: number) => void;
    onremove: () => void;
    onchange: (name: string, value: unknown) => void;
  } = $props();

  const desk = theDesk();
  const kind = $derived(reference.move(move.move));
  const grams = $derived(marks.reduce((g, m) => g + m.gramsEach, 0));
  const passes = $derived(
    [...new Set(marks.map((m) => m.pass))].filter((p) => p > 0).sort((a, b) => a - b),
  );
  const state = $derived(marks[0]?.state);
  const colour = $derived(field(move, "colour") as string | undefined);
  // Numbers of the warnings about it, as they stand on the drawing.
  const cautions = $derived(
    (design.cookie?.cautions ?? []).flatMap((c, i) =>
      c.move === index && c.weight !== "A_THOUGHT" ? [{ number: i + 1, weight: c.weight }] : [],
    ),
  );
  const place = $derived(`${hand.movesPlace}/${index}`);
  const trouble = $derived(desk.paper.troubleIn(place));

  function keyed(event: KeyboardEvent) {
    if (event.altKey && (event.key === "ArrowUp" || event.key === "ArrowDown")) {
      event.preventDefault();
      onshift(event.key === "ArrowUp" ? -1 : 1);
    } else if (event.key === "Delete") onremove();
  }
</script>

<li class:open>
  <button
    class="row"
    data-move={index}
    aria-expanded={open}
    onclick={onopen}
    onkeydown={keyed}
    onmouseenter={() => onlit(true)}
    onmouseleave={() => onlit(false)}
  >
    {#if colour}<BowlDisc hex={desk.hexes[colour] ?? "#888888"} size={28} />{:else}<span
        class="cut"
        aria-hidden="true">✂</span
      >{/if}
    {#if state}<Slump {state} />{/if}
    <span class="words">
      <span
        ><strong>{kind?.word ?? move.move}</strong>
        {colour
          ? desk.colourName(colour)
          : field(move, "key")
            ? `into ${String(field(move, "key"))}`
            : ""}</span
      >
      <span class="soft"
        >{saidOfMove(move, marks, design.cookie?.sections ?? [], kind?.says ?? "")}</span
      >
    </span>
    {#each cautions as { number, weight } (number)}<span
        class="warned"
        class:mind={weight === "MIND"}
        title="warning {number}">{number}</span
      >{/each}
    {#if grams > 0}<span class="grams">{fixed(grams, grams < 1 ? 2 : 1)} g</span>{/if}
    {#if passes.length > 0}<span class="pass" title="pass {passes.join(' and ')}"
        >{passes.join("·")}</span
      >{/if}
  </button>
  {#if trouble && !open}<p class="caution" role="alert">{trouble}</p>{/if}
  {#if open && kind}
    <MoveForm
      {design}
      {move}
      {kind}
      {place}
      {index}
      {last}
      {hand}
      {onshift}
      {onremove}
      {onchange}
    />
  {/if}
</li>

<style>
  li {
    border-radius: 10px;
    /* Two hundred of them are laid out only as they come into view. */
    content-visibility: auto;
    contain-intrinsic-size: auto 48px;
  }
  li.open {
    background: var(--wash);
  }
  .row {
    display: flex;
    align-items: center;
    gap: 10px;
    width: 100%;
    min-height: 44px;
    border: 0;
    border-radius: 10px;
    background: none;
    text-align: left;
    padding: 6px 8px;
    cursor: pointer;
  }
  /* The small drawing stands above it. */
  @media (max-width: 1120px) {
    .row {
      scroll-margin-top: 38vh;
    }
  }
  .row:hover {
    background: var(--wash);
  }
  .words {
    flex: 1;
    display: flex;
    flex-direction: column;
    min-width: 0;
  }
  .grams {
    font-weight: 700;
    white-space: nowrap;
  }
  .cut {
    width: 28px;
    text-align: center;
    color: var(--soft);
  }
  .pass {
    min-width: 22px;
    border: 1.5px solid var(--cobalt);
    border-radius: 11px;
    font-size: var(--least);
    font-weight: 700;
    text-align: center;
    padding: 0 4px;
    color: var(--cobalt);
  }
  .warned {
    min-width: 20px;
    border-radius: 10px;
    background: var(--tomato);
    color: var(--paper);
    font-size: var(--least);
    font-weight: 700;
    text-align: center;
  }
  .warned.mind {
    background: var(--brass);
  }
  .caution {
    color: var(--tomato);
    font-size: var(--small);
    padding: 0 8px 6px 46px;
  }
</style>
