<script lang="ts">
  import { tick } from "svelte";
  import { MediaQuery } from "svelte/reactivity";
  import type { DesignView, Move } from "../../api/types";
  import { field, reference, startingValues } from "../../desk/catalogue.svelte";
  import { theDesk } from "../../desk/order.svelte";
  import { plural } from "../../units/format";
  import { calmly } from "../../parts/calm";
  import type { Hand } from "./hand.svelte";
  import CookieCanvas from "./CookieCanvas.svelte";
  import Drunk from "./Drunk.svelte";
  import MoveAdder from "./MoveAdder.svelte";
  import PassList from "./PassList.svelte";
  import { measuredAs } from "./measured";
  import MoveRow from "./MoveRow.svelte";

  const desk = theDesk();

  let { design, hand }: { design: DesignView; hand: Hand } = $props();

  let byPass = $state(false);
  // Beside the moves there is room for the drawing; below it, a small one stays in sight while a move is in hand.
  const narrow = new MediaQuery("max-width: 1120px");
  const moves = $derived(design.document.moves);
  const marks = $derived(Map.groupBy(design.cookie?.marks ?? [], (mark) => mark.move));
  const measured = $derived(measuredAs(moves, hand.measured));
  const marksOf = (i: number) => marks.get(measured[i] ?? -1) ?? [];
  const elsewhere = $derived(desk.trouble(hand.movesPlace));

  const edit = (change: (moves: Move[]) => void) => hand.edit(change);

  function add(word: string) {
    const kind = reference.move(word);
    if (!kind) return;
    const colours = moves.map((m) => field(m, "colour") as string);
    const fresh = desk.palette.find((c) => !colours.includes(c.key)) ?? desk.palette[0];
    const colour = hand.bowl ?? (word === "flood" ? colours.at(-1) : undefined) ?? fresh?.key ?? "";
    const values = startingValues(kind, colour);
    if (kind.parameters.some((p) => p.name === "key")) {
      // A division is called by the next free letter, and comes before what is laid on its sections.
      const taken = moves.map((m) => field(m, "key"));
      const sections = design.cookie?.sections ?? [];
      // A divided cookie can be divided further only section by section.
      if (sections.length > 1) values["of"] = hand.chosen[0] ?? sections[0]?.name;
      hand.chosen = [];
      values["key"] = [..."abcdefghijklmnopqrstuvwxyz"].find((k) => !taken.includes(k)) ?? "z";
      const at = moves.findLastIndex((m) => field(m, "key")) + 1;
      edit((list) => list.splice(at, 0, { move: word, ...values } as Move));
      hand.open = at;
      choose(at);
    } else {
      const last = moves.length;
      if (
        hand.chosen.length > 0 &&
        (design.cookie?.sections.length ?? 0) > 1 &&
        kind.parameters.some((p) => p.name === "on")
      ) {
        values["on"] = hand.chosen.join(" ");
        hand.chosen = [];
      }
      edit((list) => list.push({ move: word, ...values } as Move));
      hand.open = last;
      choose(last);
    }
  }

  function shift(from: number, by: number) {
    const to = from + by;
    if (to < 0 || to >= moves.length) return;
    edit((list) => {
      const [moved] = list.splice(from, 1);
      if (moved) list.splice(to, 0, moved);
    });
    if (hand.open === from) hand.open = to;
    follow(to);
  }

  function remove(i: number) {
    hand.open = null;
    hand.hovered = null;
    const last = moves.length - 2;
    edit((list) => list.splice(i, 1));
    follow(Math.min(i, last));
  }

  /** The move that was under the hand stays there; after the last is off, what adds one. */
  function follow(i: number) {
    void tick().then(() => {
      const row = document.querySelector<HTMLElement>(`[data-move="${i}"]`);
      (row ?? document.querySelector<HTMLElement>("[data-add-move] button"))?.focus();
    });
  }

  /** The small drawing comes in above: the row that was pressed stays below it. */
  function keepInSight(i: number) {
    void tick().then(() =>
      document.querySelector(`[data-move="${i}"]`)?.scrollIntoView({ block: "start" }),
    );
  }

  /** What is new has its first field chosen. */
  function choose(i: number) {
    void tick().then(() => {
      const form = document.querySelector<HTMLElement>(`[data-move="${i}"]`)?.parentElement;
      const field = form?.querySelector<HTMLElement>(".form input, .form select");
      (field ?? document.querySelector<HTMLElement>(`[data-move="${i}"]`))?.focus();
    });
  }
</script>

{#if narrow.current && hand.move && design.cookie}
  <div class="insight"><CookieCanvas {design} cookie={design.cookie} {hand} small /></div>
{/if}
<div class="head">
  <h2>{plural(moves.length, "move")}</h2>
  <button class="turn" aria-pressed={byPass} onclick={() => (byPass = !byPass)}>
    {byPass ? "as planned" : plural(design.cookie?.passes.length ?? 0, "pass", "passes")}
  </button>
</div>

{#if moves.length === 0}
  <p class="soft">Nothing on it yet. Most cookies start with an outline and a flood.</p>
{/if}
{#if byPass && design.cookie}
  <PassList
    {design}
    cookie={design.cookie}
    onopen={(move) => {
      byPass = false;
      hand.take(move);
    }}
  />
{:else}
  <ol>
    {#each moves as move, i (i)}
      <MoveRow
        {design}
        {move}
        marks={marksOf(i)}
        index={i}
        open={hand.open === i}
        {hand}
        last={i === moves.length - 1}
        onopen={() => {
          hand.open = hand.open === i ? null : i;
          if (narrow.current) keepInSight(i);
        }}
        onlit={(on) => (hand.hovered = on ? i : null)}
        onshift={(by) => shift(i, by)}
        onremove={() => calmly(() => remove(i))}
        onchange={(name, value) => hand.set(i, name, value)}
      />
    {/each}
  </ol>
{/if}
{#if elsewhere}<p class="trouble" role="alert">{elsewhere}</p>{/if}

<div data-add-move><MoveAdder onadd={add} /></div>

{#if hand.within === null}<Drunk {design} />{/if}

<style>
  .insight {
    position: sticky;
    top: 0;
    z-index: 2;
    background: var(--enamel);
    border-bottom: 1px solid var(--line);
    margin: 0 -8px 8px;
  }
  .head {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    margin-bottom: 6px;
  }
  .turn {
    border: 1.5px solid var(--cobalt);
    border-radius: var(--pill);
    background: none;
    color: var(--cobalt);
    padding: 2px 12px;
    font-size: var(--small);
    cursor: pointer;
    min-height: var(--target);
  }
  ol {
    list-style: none;
    margin: 0 -8px;
    padding: 0;
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
  }
</style>
