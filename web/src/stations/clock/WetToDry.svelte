<script lang="ts">
  import type { ClockView } from "../../api/types";
  import { dayOf, plural } from "../../units/format";
  import { gateOf, type Row, type Run, sentence, shadeOf } from "./runs";
  import { at, hoursOf, scaleOf } from "./scale";

  // One row a design, solid for hands, fading while it dries. Nights are folded.
  let {
    view,
    groups,
    chosen,
    decides,
    onchoose,
  }: {
    view: ClockView;
    /** Orders one above the other, each with its rows. */
    groups: { name: string; isOwn: boolean; rows: Row[] }[];
    chosen: string;
    decides: string[];
    onchoose: (key: string) => void;
  } = $props();

  const ROW = 54;
  const HEAD = 26;
  const TOP = 44;
  const SOLID = 34;
  const LEAST_PX = 4;
  const LABELS_PX = 128;
  /** A fade that is shorter says nothing: its word would lie on others. */
  const LEAST_WORD_PX = 74;
  const LABEL = -2;
  const NIGHT = 20 * 3_600_000;

  let room = $state(1000);
  let told = $state("");

  const many = $derived(groups.length > 1);
  const lanes = $derived.by(() => {
    let y = TOP;
    return groups.flatMap((group, g) => {
      const head = many ? [{ id: `head ${g}`, y, height: HEAD, group, row: null }] : [];
      y += many ? HEAD : 0;
      const rows = group.rows
        .filter((row) => row.design !== LABEL)
        .map((row) => {
          const lane = { id: `${g} ${row.design}`, y, height: ROW, group, row };
          y += ROW;
          return lane;
        });
      return [...head, ...rows];
    });
  });
  const bottom = $derived(lanes.reduce((y, lane) => Math.max(y, lane.y + lane.height), TOP));
  const height = $derived(bottom + ROW);
  const scale = $derived(
    scaleOf(
      view,
      room - LABELS_PX,
      groups.flatMap((group) => group.rows),
    ),
  );
  const first = $derived(
    groups
      .flatMap((group) => group.rows)
      .flatMap((row) => row.runs)
      .reduce((least, run) => (run.from < least ? run.from : least), "9999"),
  );
  const days = $derived(
    scale.stretches
      .filter((one) => !one.isFolded)
      .map((one) => ({ x: one.x, iso: new Date(one.from).toISOString() })),
  );
  const shownHands = $derived(
    view.hands.filter((one) => at(one.to) > at(first) && scale.x(at(one.from)) < scale.width),
  );
  const wetUntil = (run: Run) => scale.x(at(run.until ?? run.to));

  const named = (run: Run) => run.colour ?? "";
  // Colours of other orders are not this one's.
  const tell = (row: Row, run: Run, isOwn: boolean) => sentence(row, run, isOwn ? named(run) : "");
  // Bowls of this order, by their looks.
  const looks = $derived([
    ...new Set(view.rows.flatMap((row) => row.runs.flatMap((run) => (run.hex ? [run.hex] : [])))),
  ]);
  const dryOf = (run: Run, isOwn: boolean) =>
    isOwn && run.hex ? `dry-${run.hex.slice(1)}` : "dry-none";
  const foldOf = (stretch: { from: number; to: number }) =>
    new Date(stretch.from).getUTCDate() === new Date(stretch.to).getUTCDate()
      ? "pause"
      : stretch.to - stretch.from < NIGHT
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

<div class="wide" bind:clientWidth={room}>
  <div class="labels" style:padding-top="{TOP}px">
    {#each lanes as lane (lane.id)}
      <span style:height="{lane.height}px" class:head={!lane.row}>
        {#if lane.row}
          <strong><bdi>{lane.row.name}</bdi></strong>
          {#if lane.row.count}<span class="soft"
              >{lane.row.design === -1 ? plural(lane.row.count, "bowl") : lane.row.count}</span
            >{/if}
        {:else}
          <span class="soft"><bdi>{lane.group.name}</bdi></span>
        {/if}
      </span>
    {/each}
    <span style:height="{ROW}px"><strong>Hands</strong></span>
  </div>
  <div class="scroll">
    <svg width={scale.width} {height} role="group" aria-label="The work from wet to dry">
      <defs>
        {#each looks as hex (hex)}
          <linearGradient id="dry-{hex.slice(1)}">
            <stop offset="0" stop-color={hex} stop-opacity="0.75" />
            <stop offset="1" stop-color={hex} stop-opacity="0.08" />
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
      {#each lanes as lane (lane.id)}
        {#if lane.row}
          {@const row = lane.row}
          {@const y = lane.y + (ROW - SOLID) / 2}
          {#each row.runs as run (run.key)}
            {@const from = scale.x(at(run.from))}
            {@const to = scale.x(at(run.to))}
            {#if run.until}
              {@const dry = wetUntil(run)}
              <rect
                class="drying"
                x={to - 3}
                y={y + 4}
                width={Math.max(0, dry - to + 3)}
                height={SOLID - 8}
                fill="url(#{dryOf(run, lane.group.isOwn)})"
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
              class:chosen={chosen === run.key}
              class:decides={decides.includes(run.key)}
              class:helped={run.by !== ""}
              class:own={lane.group.isOwn}
              role={lane.group.isOwn ? "button" : "img"}
              tabindex="0"
              aria-label={tell(row, run, lane.group.isOwn)}
              x={from}
              {y}
              width={Math.max(LEAST_PX, to - from)}
              height={SOLID}
              rx={Math.min(8, Math.max(LEAST_PX, to - from) / 2)}
              fill={shadeOf(run, lane.group.isOwn)}
              onpointerenter={() => (told = tell(row, run, lane.group.isOwn))}
              onfocus={() => (told = tell(row, run, lane.group.isOwn))}
              onclick={() => lane.group.isOwn && onchoose(run.key)}
              onkeydown={(e) => {
                if (lane.group.isOwn && (e.key === "Enter" || e.key === " ")) {
                  e.preventDefault();
                  onchoose(run.key);
                }
              }}
            />
            {#if run.pinned}
              <circle class="pin" cx={from + Math.min(8, (to - from) / 2)} cy={y} r="4" />
            {/if}
          {/each}
        {/if}
      {/each}
      {#each shownHands as stretch (stretch.by + stretch.from)}
        <rect
          class="hands"
          class:other={!stretch.own}
          x={scale.x(at(stretch.from))}
          y={bottom + (stretch.by ? 34 : 16)}
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
<p class="told wide">
  {told || "Point at a piece of work to read what it is; press it to move it."}
</p>

<style>
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
  .labels > .head {
    align-content: end;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
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
  }
  .run.own {
    cursor: pointer;
  }
  .run.decides {
    stroke: var(--brass-line);
    stroke-width: 3;
  }
  .run.chosen {
    stroke: var(--cobalt);
    stroke-width: 4;
  }
  .run.helped {
    stroke-dasharray: 4 3;
  }
  .run:focus-visible {
    outline: 3px solid var(--cobalt);
    outline-offset: 2px;
  }
  .pin {
    fill: var(--cobalt);
    stroke: var(--paper);
    stroke-width: 1.5;
    pointer-events: none;
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
  @media (max-width: 820px) {
    .wide {
      display: none;
    }
  }
</style>
