<script lang="ts">
  import { onMount } from "svelte";
  import { theDesk } from "../../desk/order.svelte";
  import { shop } from "../../desk/shop.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, lasting, plural, timeOf } from "../../units/format";
  import DayList from "./DayList.svelte";
  import LostHours from "./LostHours.svelte";
  import RoomSlip from "./RoomSlip.svelte";
  import RunSlip from "./RunSlip.svelte";
  import { chainOf, type Run } from "./runs";
  import WetToDry from "./WetToDry.svelte";
  import WhatIfSlip from "./WhatIfSlip.svelte";

  // Wet to dry: what is done when, what dries meanwhile, when she must start, and what would change that.
  const desk = theDesk();
  const { clock } = desk;

  const MOST_NAMED = 3;
  let chosen = $state("");
  let showsAll = $state(false);
  let showsChain = $state(false);

  onMount(() => void clock.look());
  $effect(() => {
    void desk.order?.revision;
    void shop.view?.revision;
    if (!clock.isFresh) clock.lookSoon(150);
  });
  // What the shop changes, changes the clock as well.
  let seen = -1;
  $effect(() => {
    const now = shop.view?.revision ?? -1;
    if (seen >= 0 && now !== seen) clock.lookSoon(150);
    seen = now;
  });

  const view = $derived(clock.view);
  const groups = $derived([
    { name: desk.details?.name ?? "", isOwn: true, rows: view?.rows ?? [] },
    ...(showsAll
      ? (view?.others ?? []).map((other) => ({ name: other.name, isOwn: false, rows: other.rows }))
      : []),
  ]);
  const first = $derived(
    (view?.rows ?? [])
      .flatMap((row) => row.runs)
      .map((run) => run.from)
      .sort()[0] ?? "",
  );
  const picked = $derived.by(() => {
    for (const row of view?.rows ?? []) {
      const run = row.runs.find((one) => one.key === chosen);
      if (run) return { row, run };
    }
    return null;
  });
  const done = $derived(
    Object.entries(desk.details?.clock ?? {}).filter(([, wish]) => wish.done !== null),
  );
  const lateOthers = $derived((view?.others ?? []).filter((other) => other.lateMinutes > 0));
  const named = (run: Run) => run.colour ?? "";
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
  {:else}
    <Sheet label="Wet to dry">
      <div class="head">
        <h2>Wet to dry</h2>
        <span class="soft hint">solid is your hands; the fade is icing drying until the mark</span>
        {#if view.others.length > 0}
          <label class="hint"
            ><input type="checkbox" bind:checked={showsAll} /> the other orders below it</label
          >
        {/if}
      </div>
      <WetToDry
        {view}
        {groups}
        {chosen}
        decides={showsChain ? view.decides.map((link) => link.key) : []}
        onchoose={(key) => (chosen = chosen === key ? "" : key)}
      />
      <DayList rows={view.rows} {named} onchoose={(key) => (chosen = key)} />
    </Sheet>
    {#if picked}
      <div class="picked">
        <RunSlip row={picked.row} run={picked.run} now={view.now} onclose={() => (chosen = "")} />
      </div>
    {/if}
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
          {#if view.lateMinutes > 0}See below what would bring it in time.{/if}
        </p>
        {#if lateOthers.length > 0}
          <p class="mind">
            Late as well: {lateOthers
              .slice(0, MOST_NAMED)
              .map((other) => `${other.name} by ${lasting(other.lateMinutes)}`)
              .join(", ")}{lateOthers.length > MOST_NAMED
              ? ` and ${lateOthers.length - MOST_NAMED} more`
              : ""}.
          </p>
        {/if}
        {#each view.minds as mind (mind)}<p class="mind">{mind}</p>{/each}
      </Sheet>
      <Sheet label="What decides">
        <h3>What decides it</h3>
        <p class="soft">{chainOf(view.decides)}.</p>
        <Press plain onpress={() => (showsChain = !showsChain)}
          >{showsChain ? "Hide it above" : "Show it above"}</Press
        >
      </Sheet>
      <RoomSlip room={view.room} />
      {#if view.search}
        <Sheet label="The plan">
          <h3>{plural(view.search.sittings, "sitting")} for all orders</h3>
          <p class="soft" role="status">
            {#if view.search.isSearching}
              Looking for a better plan …
            {:else if view.search.isBest}
              No plan is better.
            {:else if !view.search.isThere}
              The solver can't be used on this machine: this is the plan that is made at once.
            {:else}
              The best that was found.
            {/if}
            {#if view.search.fewest > 0}
              No plan in time has fewer than {plural(view.search.fewest, "sitting")}.
            {/if}
          </p>
          {#if view.search.isSearching}
            <Press plain onpress={() => void clock.stop()}>Stop looking</Press>
          {/if}
          <p class="soft">
            Take it along: <a href="/api/orders/{desk.id}/print/clock.ics" download>calendar file</a
            >,
            <a href="/api/orders/{desk.id}/print/clock.csv" download>table (CSV)</a>,
            <a href="/api/orders/{desk.id}/print/day-sheet.pdf" target="_blank" rel="noreferrer"
              >day sheet (PDF)</a
            >. A calendar program can follow all orders at
            <code>{location.origin}/api/clock.ics</code>.
          </p>
        </Sheet>
      {/if}
      <LostHours now={view.now} />
      {#if done.length > 0}
        <Sheet label="Done">
          <h3>{plural(done.length, "piece")} of work done</h3>
          <Press
            plain
            onpress={() =>
              desk.editDetails((d) => {
                d.clock = Object.fromEntries(
                  Object.entries(d.clock).filter(([, wish]) => wish.done === null),
                );
              }, "clock")}>None of it is done yet</Press
          >
        </Sheet>
      {/if}
      {#if view.leftOut.length > 0}
        <Sheet label="Left out">
          <h3>Not on the clock</h3>
          <ul>
            {#each view.leftOut as one (one)}<li>{one}</li>{/each}
          </ul>
        </Sheet>
      {/if}
    </div>
    <WhatIfSlip {view} />
  {/if}
</main>

<style>
  main {
    display: grid;
    gap: 16px;
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    align-items: baseline;
    margin-bottom: 8px;
  }
  label {
    display: flex;
    gap: 6px;
    align-items: center;
    margin-left: auto;
    min-height: var(--target);
    cursor: pointer;
  }
  .soft {
    color: var(--soft);
    font-size: var(--small);
  }
  .mind {
    color: var(--brass);
    font-size: var(--small);
    margin-top: 6px;
  }
  .slips {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(260px, 100%), 1fr));
    gap: 16px;
    align-items: start;
  }
  .big {
    font-family: var(--heading);
    font-size: var(--h2);
    font-weight: 700;
    margin: 4px 0;
  }
  code {
    overflow-wrap: anywhere;
  }
  @media (max-width: 820px) {
    .hint {
      display: none;
    }
  }
</style>
