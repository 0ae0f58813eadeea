<script lang="ts">
  import { answered, api } from "../../api/client";
  import type { WetRehearsal } from "../../api/types";
  import Press from "../../parts/Press.svelte";
  import { theDesk } from "../../desk/order.svelte";

  // One cookie of a pass, second by second: strokes against the age of the coat that they sink into.
  let { design, pass }: { design: number; pass: number } = $props();

  const desk = theDesk();
  const WIDE = 560;
  const ROW = 18;

  let all = $state.raw<WetRehearsal[]>([]);
  let asked = 0;
  $effect(() => {
    void desk.order?.revision;
    const mine = ++asked;
    const path = { order: desk.id, design };
    answered(api.GET("/api/orders/{order}/designs/{design}/rehearsal", { params: { path } }))
      .then((found) => {
        if (mine === asked) all = found;
      })
      .catch(() => undefined);
  });

  type Strokes = WetRehearsal["strokes"];
  const one = $derived(all.find((rehearsal) => rehearsal.pass === pass));
  const fails = $derived(one?.strokes.some((stroke) => stroke.isLate) ?? false);
  const helps = $derived(fails && (one?.sectionBySection ?? []).every((stroke) => !stroke.isLate));
  const longest = $derived(Math.max(...(one?.strokes ?? []).map((stroke) => stroke.to), 1));
  /** The moves of this pass in the order that works, in the places that they have among all moves. */
  function takeOrder() {
    const wanted = [...new Set((one?.sectionBySection ?? []).map((stroke) => stroke.move))];
    const places = [...wanted].sort((a, b) => a - b);
    desk.editDesign(design, (draft) => {
      const before = [...draft.document.moves];
      places.forEach((place, i) => {
        const move = before[wanted[i] ?? -1];
        if (move) draft.document.moves[place] = move;
      });
    });
  }

  const nameOf = (stroke: Strokes[number]) =>
    desk.designs.find((d) => d.id === design)?.document.moves[stroke.move]?.move ?? "";
  const s = (seconds: number) => `${Math.round(seconds)} s`;
</script>

{#snippet strip(strokes: Strokes, limit: number)}
  <svg
    viewBox="0 0 {WIDE} {strokes.length * ROW + 4}"
    role="img"
    aria-label={strokes
      .map(
        (stroke) =>
          `${nameOf(stroke)} from ${s(stroke.from)} to ${s(stroke.to)}${stroke.coat >= 0 ? `, its coat ${s(stroke.ageSeconds)} old` : ""}${stroke.isLate ? ", too late" : ""}`,
      )
      .join("; ")}
  >
    {#each strokes as stroke, i (i)}
      {@const x = (stroke.from / longest) * (WIDE - 130)}
      {@const w = Math.max(2, ((stroke.to - stroke.from) / longest) * (WIDE - 130))}
      {#if stroke.isCoat}
        <rect
          class="age"
          {x}
          y={i * ROW + 6}
          width={(Math.min(limit, longest - stroke.from) / longest) * (WIDE - 130)}
          height="6"
          fill={desk.hexes[stroke.colour ?? ""] ?? "#dddddd"}
        />
      {/if}
      <rect
        class="stroke"
        class:late={stroke.isLate}
        {x}
        y={i * ROW + 2}
        width={w}
        height={ROW - 4}
        rx="3"
        fill={desk.hexes[stroke.colour ?? ""] ?? "#dddddd"}
      />
      <text x={x + w + 5} y={i * ROW + 14}
        >{nameOf(stroke)}{stroke.coat >= 0 ? `, ${s(stroke.ageSeconds)}` : ""}</text
      >
    {/each}
  </svg>
{/snippet}

{#if one}
  <div class="wet">
    <p>
      <strong>Wet window.</strong>
      {#if !fails}
        All that sinks in is on its coat before that is {s(one.limitSeconds)} old.
      {:else if helps}
        In the order of the design some of it comes after its coat is {s(one.limitSeconds)} old. Section
        by section it works: flood one, put in what sinks into it, and only then the next.
      {:else}
        Some of it comes after its coat is {s(one.limitSeconds)} old, in any order: {one.inOneGo} of
        {one.strokes.length} strokes can be done in one go. Use fewer marks, or divide the section on
        <a href="/orders/{desk.id}/cookie/{design}">Cookie</a>.
      {/if}
    </p>
    {#if helps}
      <p><Press plain onpress={takeOrder}>Put the moves in that order</Press></p>
    {/if}
    {@render strip(one.strokes, one.limitSeconds)}
    {#if helps}
      <p class="soft">section by section</p>
      {@render strip(one.sectionBySection, one.limitSeconds)}
    {/if}
  </div>
{/if}

<style>
  .wet {
    margin: 10px 0;
  }
  svg {
    width: 100%;
    max-width: 640px;
    display: block;
  }
  text {
    font-size: 12px;
    fill: var(--ink);
  }
  .age {
    opacity: 0.3;
  }
  .stroke {
    stroke: var(--ink);
    stroke-width: 1;
  }
  .stroke.late {
    stroke: var(--tomato);
    stroke-width: 3;
  }
  .soft {
    color: var(--soft);
    font-size: var(--small);
  }
</style>
