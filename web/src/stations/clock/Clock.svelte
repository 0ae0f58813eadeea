<script lang="ts">
  import { onMount } from "svelte";
  import { theDesk } from "../../desk/order.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, lasting, plural, timeOf } from "../../units/format";
  import DayList from "./DayList.svelte";
  import { gateOf, type Row, type Run, sentence, shadeOf } from "./runs";
  import { at, hoursOf, scaleOf } from "./scale";

  // Wet to dry: one row a design, solid for hands, fading while it dries. Nights are folded.
  const desk = theDesk();
  const { clock } = desk;

  const ROW = 54;
  const TOP = 44;
  const SOLID = 34;
  const LEAST_PX = 4;
  const LABELS_PX = 128;
  /** A fade that is shorter says nothing: its word would lie on others. */
  const LEAST_WORD_PX = 74;

  let room = $state(1000);
  let told = $state("");

  onMount(() => void clock.look());
  $effect(() => {
    void desk.order?.revision;
    if (!clock.isFresh) clock.lookSoon(150);
  });

  const view = $derived(clock.view);
  const LABEL = -2;
  const rows = $derived((view?.rows ?? []).filter((row) => row.design !== LABEL));
  const scale = $derived(view && rows.length ? scaleOf(view, room - LABELS_PX) : null);
  const height = $derived(TOP + (rows.length + 1) * ROW);
  const first = $derived(
    rows
      .flatMap((row) => row.runs)
      .map((run) => run.from)
      .sort()[0] ?? "",
  );
  const days = $derived(
    (scale?.stretches ?? [])
      .filter((one) => !one.isFolded)
      .map((one) => ({ x: one.x, iso: new Date(one.from).toISOString() })),
  );

  const named = (run: Run) => (run.colour ? desk.colourName(run.colour) : "");
  const tell = (row: Row, run: Run) => sentence(row, run, named(run));
  const NIGHT = 20 * 3_600_000;
  const foldOf = (stretch: { from: number; to: number }) =>
    stretch.to - stretch.from < NIGHT
      ? "night"
      : plural(Math.max(1, Math.round((stretch.to - stretch.from) / (24 * 3_600_000))), "day");

  /** Of the trays of a pass only the one that is dry last says so. */
  const saysGate = (runs: Run[], run: Run) =>
    run.until !== null &&
    !runs.some(
      (other) =>
        other.pass === run.pass &&
        other.doing === run.doing &&
        (other.until ?? "") > (run.until ?? ""),
    );
</script>

<main>
  {#if clock.trouble}
    <Sheet label="Clock"><p role="alert">{clock.trouble}</p></Sheet>
  {:else if !view}
    <Sheet label="Clock"><p class="soft" role="status">Laying it on the clock …</p></Sheet>
  {:else if view.trouble}
    <Sheet label="Clock"
      ><h2>Wet to dry</h2>
      <p>{view.trouble}</p></Sheet
    >
  {:else if scale}
    <Sheet label="Wet to dry">
      <div class="head">
        <h2>Wet to dry</h2>
        <span class="soft hint">solid is your hands; the fade is icing drying until the mark</span>
      </div>
      <div class="wide" bind:clientWidth={room}>
        <div class="labels" style:padding-top="{TOP}px">
          {#each rows as row (row.design)}
            <span style:height="{ROW}px">
              <strong><bdi>{row.name}</bdi></strong>
              {#if row.count}<span class="soft"
                  >{row.design === -1 ? plural(row.count, "bowl") : row.count}</span
                >{/if}
            </span>
          {/each}
          <span style:height="{ROW}px"><strong>Hands</strong></span>
        </div>
        <div class="scroll">
          <svg width={scale.width} {height} role="group" aria-label="The work from wet to dry">
            <defs>
              {#each desk.palette as colour (colour.key)}
                <linearGradient id="dry-{colour.key}">
                  <stop offset="0" stop-color={colour.hex} stop-opacity="0.75" />
                  <stop offset="1" stop-color={colour.hex} stop-opacity="0.08" />
                </linearGradient>
              {/each}
              <linearGradient id="dry-none">
                <stop offset="0" stop-color="#DDB98A" stop-opacity="0.75" />
                <stop offset="1" stop-color="#DDB98A" stop-opacity="0.08" />
              </linearGradient>
            </defs>
            {#each scale.stretches as stretch (stretch.from)}
              {#if stretch.isFolded}
                <rect class="night" x={stretch.x} y="0" width={stretch.width} {height} />
                <text class="small" x={stretch.x + stretch.width / 2} y="14" text-anchor="middle"
                  >{foldOf(stretch)}</text
                >
              {/if}
            {/each}
            {#each hoursOf(scale) as tick (tick.x)}
              <line class="hour" x1={tick.x} x2={tick.x} y1={TOP - 8} y2={height} />
              <text class="small" x={tick.x + 2} y={TOP - 12}>{tick.word}</text>
            {/each}
            {#each days as day (day.x)}
              <text class="day" x={day.x + 2} y="14">{dayOf(day.iso)}</text>
            {/each}
            {#each rows as row, i (row.design)}
              {@const y = TOP + i * ROW + (ROW - SOLID) / 2}
              {#each row.runs as run (run.from + run.doing + run.tray)}
                {@const from = scale.x(at(run.from))}
                {@const to = scale.x(at(run.to))}
                {#if run.until}
                  {@const dry = scale.x(at(run.until))}
                  <rect
                    class="drying"
                    x={to - 3}
                    y={y + 4}
                    width={Math.max(0, dry - to + 3)}
                    height={SOLID - 8}
                    fill="url(#dry-{run.colour ?? 'none'})"
                  />
                  <line class="gate" x1={dry} x2={dry} y1={y} y2={y + SOLID} />
                  {#if dry - to > LEAST_WORD_PX && saysGate(row.runs, run)}
                    <text class="word" x={dry - 4} y={y + SOLID - 8} text-anchor="end"
                      >{gateOf(run)}</text
                    >
                  {/if}
                {/if}
                <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
                <rect
                  class="run"
                  role="img"
                  tabindex="0"
                  aria-label={tell(row, run)}
                  x={from}
                  {y}
                  width={Math.max(LEAST_PX, to - from)}
                  height={SOLID}
                  rx={Math.min(8, Math.max(LEAST_PX, to - from) / 2)}
                  fill={shadeOf(run, desk.hexes)}
                  onpointerenter={() => (told = tell(row, run))}
                  onfocus={() => (told = tell(row, run))}
                />
              {/each}
            {/each}
            {#each view.hands as stretch (stretch.from)}
              <rect
                class="hands"
                class:other={!stretch.own}
                x={scale.x(at(stretch.from))}
                y={TOP + rows.length * ROW + 16}
                width={Math.max(1, scale.x(at(stretch.to)) - scale.x(at(stretch.from)))}
                height="14"
                rx="2"
              />
            {/each}
            {#if at(view.now) > at(first)}
              <line
                class="now"
                x1={scale.x(at(view.now))}
                x2={scale.x(at(view.now))}
                y1={TOP - 20}
                y2={height}
              />
            {/if}
          </svg>
        </div>
      </div>
      <p class="told wide">{told || "Point at a piece of work to read what it is."}</p>
      <DayList rows={view.rows} {named} />
    </Sheet>
    <div class="slips">
      <Sheet label="Start">
        <h3>{view.lateMinutes > 0 ? "Too late by" : "Start"}</h3>
        <p class="big">
          {view.lateMinutes > 0 ? lasting(view.lateMinutes) : `${dayOf(first)}, ${timeOf(first)}`}
        </p>
        <p class="soft">
          {lasting(view.handMinutes)} of hands in {plural(view.sittingsUsed, "sitting")}. All is to
          be ready on
          {dayOf(view.ready)} at {timeOf(view.ready)}, in hand before the hand-over.
          {#if view.lateMinutes > 0}Everything begins at once, and is late all the same: hand it
            over later, or ice fewer.{/if}
        </p>
        {#if view.others.length > 0}
          <p class="soft">Late as well: {view.others.join(", ")}.</p>
        {/if}
      </Sheet>
      <Sheet label="What it reckons with">
        <h3>What it reckons with</h3>
        <p class="soft">
          Monday to Friday 9:00 to 13:00, 14:00 to 18:00 and 19:00 to 22:00, Saturday 8:00 to 13:00;
          one pair of hands, one oven; still air of 21 °C and 45 %. The hours, helpers, the room and
          the fan can't be set yet, and nothing can be moved by hand yet. The other figures are
          among
          <a href="/shop">the shop's numbers</a>.
        </p>
      </Sheet>
      {#if view.leftOut.length > 0}
        <Sheet label="Left out">
          <h3>Not on the clock</h3>
          <ul>
            {#each view.leftOut as one (one)}<li>{one}</li>{/each}
          </ul>
        </Sheet>
      {/if}
    </div>
  {/if}
</main>

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    align-items: baseline;
    margin-bottom: 8px;
  }
  .soft {
    color: var(--soft);
    font-size: var(--small);
  }
  .wide {
    display: grid;
    grid-template-columns: 128px minmax(0, 1fr);
  }
  .told {
    display: block;
    min-height: 1.5em;
    margin-top: 6px;
  }
  .labels > span {
    display: grid;
    align-content: center;
    line-height: 1.2;
    padding-right: 8px;
    overflow-wrap: anywhere;
  }
  .scroll {
    overflow-x: auto;
  }
  .night {
    fill: var(--wash);
  }
  .hour {
    stroke: var(--line);
  }
  .small,
  .word {
    font-size: var(--least);
    fill: var(--soft);
  }
  .word {
    fill: var(--ink);
  }
  .day {
    font-weight: 600;
    font-size: var(--small);
    fill: var(--ink);
  }
  .run {
    stroke: var(--ink);
    stroke-width: 1.5;
    cursor: default;
  }
  .run:focus-visible {
    outline: 3px solid var(--cobalt);
    outline-offset: 2px;
  }
  .gate {
    stroke: var(--ink);
    stroke-width: 1.5;
  }
  .hands {
    fill: var(--cobalt);
  }
  .hands.other {
    fill: var(--line);
  }
  .now {
    stroke: var(--brass-line);
    stroke-width: 3;
  }
  .slips {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(260px, 100%), 1fr));
    gap: 16px;
    margin-top: 16px;
    align-items: start;
  }
  .big {
    font-family: var(--heading);
    font-size: var(--h2);
    font-weight: 700;
    margin: 4px 0;
  }
  @media (max-width: 820px) {
    .wide,
    .hint {
      display: none;
    }
  }
</style>
