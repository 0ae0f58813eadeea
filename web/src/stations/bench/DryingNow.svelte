<script lang="ts">
  import { theDesk } from "../../desk/order.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, timeOf } from "../../units/format";
  import type { Drying } from "./steps";
  import { clockOf, local } from "./words";

  // What dries, cools or is chilled, each with a ring that closes; a fingertip knows better than any clock.
  const { bench } = theDesk();
  let { all, at }: { all: Drying[]; at: number } = $props();

  const R = 15;
  const ROUND = 2 * Math.PI * R;
  const SOON_MS = 90 * 60_000;
  // In the practice kitchen a fingertip feels what only that kitchen knows.
  let felt = $state<Record<string, string>>({});
  async function touch(one: Drying) {
    const outcome = await bench.play.act({
      what: "TOUCH",
      step: one.step.key,
      wanted: (one.until - one.from) / 1000,
      toMs: at - one.from,
    });
    if (outcome)
      felt = {
        ...felt,
        [one.step.task]: outcome.isDry
          ? "a fingertip leaves no mark"
          : "it gives under a fingertip",
      };
  }

  const share = (one: Drying) =>
    one.until <= at ? 1 : Math.max(0, (at - one.from) / (one.until - one.from));
  // What has cooled is a thing to ice, and no news.
  const shown = $derived(all.filter((one) => one.until > at || isIcing(one)));
  const isIcing = (one: Drying) => one.word.startsWith("dries");
</script>

<Sheet label="Drying now">
  <h2>Drying now</h2>
  <ul>
    {#each shown as one (one.step.task)}
      <li>
        <svg viewBox="-18 -18 36 36" width="36" height="36" aria-hidden="true">
          <circle r={R} fill={one.step.hex ?? "#DDB98A"} stroke="#C9CFD9" stroke-width="4" />
          <circle
            r={R}
            fill="none"
            stroke="#23407A"
            stroke-width="4"
            stroke-dasharray="{share(one) * ROUND} {ROUND}"
            transform="rotate(-90)"
          />
        </svg>
        <span class="what">
          <strong>{one.step.name}</strong>
          <span class="soft">
            {one.step.tray > 0
              ? `${one.step.doing === "ICE" ? "tray" : "load"} ${one.step.tray}`
              : ""}
            {one.word}
          </span>
        </span>
        <span class="when">
          {#if one.until <= at}
            ready
          {:else if one.until - at < SOON_MS}
            {clockOf((one.until - at) / 1000)}
          {:else}
            {dayOf(local(one.until))} {timeOf(local(one.until))}
          {/if}
        </span>
        {#if isIcing(one) && one.until > at}
          <span class="touch">
            {#if bench.view?.seed !== null}
              <Press
                plain
                label="{one.step.name}, tray {one.step.tray}: touch it"
                onpress={() => touch(one)}>{felt[one.step.task] ?? "touch it"}</Press
              >
            {/if}
            <Press
              plain
              label="{one.step.name}, tray {one.step.tray}: touched, it is skinned"
              onpress={() => bench.press("TOUCHED", one.step.key, 0, "SKINNED")}>skinned</Press
            >
            <Press
              plain
              label="{one.step.name}, tray {one.step.tray}: touched, it is still soft"
              onpress={() => bench.press("TOUCHED", one.step.key, 0, "SOFT")}>still soft</Press
            >
          </span>
        {/if}
      </li>
    {:else}
      <li class="soft">nothing</li>
    {/each}
  </ul>
</Sheet>

<style>
  ul {
    list-style: none;
    margin: 6px 0 0;
    padding: 0;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 12px;
    padding: 6px 0;
    border-top: 1px solid var(--line);
  }
  .what {
    display: grid;
    flex: 1;
    min-width: 100px;
  }
  .when {
    font-weight: 700;
    font-variant-numeric: tabular-nums;
  }
  .touch {
    flex-basis: 100%;
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
</style>
