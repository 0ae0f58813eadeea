<script lang="ts">
  import type { ThinningKnown } from "../../api/types";
  import { plural, short } from "../../units/format";

  // Counts against water, seconds by their logarithms: there a base thins along a straight line.
  let { curve }: { curve: ThinningKnown } = $props();

  const LEFT = 46;
  const RIGHT = 548;
  const TOP = 14;
  const BOTTOM = 232;
  const SECONDS = [80, 50, 36, 20, 15, 10, 5, 3];

  const most = $derived(
    Math.max(100, curve.was.ownSeconds, ...curve.counts.map((one) => one.seconds)),
  );
  const least = $derived(
    Math.min(
      3,
      curve.was.mostWaterSeconds,
      curve.is.mostWaterSeconds,
      ...curve.counts.map((one) => one.seconds),
    ),
  );
  const x = $derived((water: number) => LEFT + (water / curve.mostWater) * (RIGHT - LEFT));
  const y = $derived(
    (seconds: number) =>
      BOTTOM - (Math.log(seconds / least) / Math.log(most / least)) * (BOTTOM - TOP),
  );
  const ticks = $derived(
    [0, 2, 4, 6, 8, 10, 12, 15, 20, 30].filter((water) => water <= curve.mostWater),
  );
  const faster = $derived(curve.waterIs < curve.waterWas);
  const alike = $derived(short(curve.waterIs) === short(curve.waterWas));
</script>

<header>
  <h2>Thinning, {curve.name.toLowerCase()}</h2>
  <span class="soft">{plural(curve.counts.length, "count")}</span>
</header>
<svg
  viewBox="0 0 560 272"
  role="img"
  aria-label="Counts of {curve.name} against water in 100 g of base"
>
  {#each SECONDS as seconds (seconds)}
    <line class="grid" x1={LEFT} x2={RIGHT} y1={y(seconds)} y2={y(seconds)} />
    <text x={LEFT - 8} y={y(seconds) + 4} text-anchor="end">{seconds} s</text>
  {/each}
  {#each ticks as water (water)}
    <text x={x(water)} y={BOTTOM + 20} text-anchor="middle">{water}</text>
  {/each}
  <text x={RIGHT} y={BOTTOM + 38} text-anchor="end">water, g in 100 g of base</text>
  <line
    class="house"
    x1={x(0)}
    x2={x(curve.mostWater)}
    y1={y(curve.was.ownSeconds)}
    y2={y(curve.was.mostWaterSeconds)}
  />
  <line
    class="own"
    x1={x(0)}
    x2={x(curve.mostWater)}
    y1={y(curve.is.ownSeconds)}
    y2={y(curve.is.mostWaterSeconds)}
  />
  {#each curve.counts as count (count.note)}
    <circle class:aside={count.aside} cx={x(count.water)} cy={y(count.seconds)} r="5">
      <title
        >{short(count.seconds)} s at {short(count.water)} g{count.aside ? ", set aside" : ""}</title
      >
    </circle>
  {/each}
</svg>
<p>
  {#if alike}
    Your icing thins as its recipe says: <strong
      >{short(curve.seconds)} s at {short(curve.waterIs)} g</strong
    > of water in 100.
  {:else}
    Your icing thins a little {faster ? "faster" : "slower"}:
    <strong>{short(curve.seconds)} s at {short(curve.waterIs)} g</strong> of water in 100, not {short(
      curve.waterWas,
    )}.
  {/if}
  <span class="soft">Dashed: as the recipe has it.</span>
</p>

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    justify-content: space-between;
    gap: 4px 12px;
  }
  svg {
    width: 100%;
    height: auto;
  }
  text {
    font: var(--least) var(--text);
    fill: var(--soft);
  }
  .grid {
    stroke: var(--line);
    stroke-width: 1;
  }
  .house {
    stroke: var(--soft);
    stroke-width: 1.5;
    stroke-dasharray: 5 4;
  }
  .own {
    stroke: var(--cobalt);
    stroke-width: 2.5;
  }
  circle {
    fill: var(--cobalt);
  }
  circle.aside {
    fill: var(--paper);
    stroke: var(--tomato);
    stroke-width: 2;
  }
</style>
