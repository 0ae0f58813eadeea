<script lang="ts">
  import type { CookieView } from "../api/types";

  // What is likely to go wrong as it would look, where it would be: a pit, a dark creeping edge, a seam that is gone, a run, a dent.
  let { caution, unit }: { caution: CookieView["cautions"][number]; unit: number } = $props();

  const { x, y } = $derived(caution.at);
  const r = $derived(Math.min(caution.radiusMm, 3.2 * unit));
  /** Blots that run into each other, as a dark colour creeps. */
  const blots = $derived(
    Array.from({ length: 7 }, (_, i) => {
      const angle = i * 2.4;
      const far = i === 0 ? 0 : 0.3 * r + 0.07 * r * i;
      return {
        x: x + far * Math.cos(angle),
        y: y + far * Math.sin(angle),
        r: 0.46 * r - 0.03 * r * i,
      };
    }),
  );
</script>

<g aria-hidden="true" data-damage={caution.damage}>
  {#if caution.damage === "CRATER"}
    <ellipse class="pit" cx={x} cy={y} rx={0.62 * r} ry={0.46 * r} />
    <path
      class="rim"
      d="M{x - 0.62 * r} {y}A{0.62 * r} {0.46 * r} 0 0 0 {x + 0.62 * r} {y}"
      stroke-width={0.3 * unit}
    />
  {:else if caution.damage === "BLEED"}
    {#each blots as blot (blot.r)}
      <circle class="creeps" cx={blot.x} cy={blot.y} r={blot.r} />
    {/each}
  {:else if caution.damage === "RUN_TOGETHER"}
    <path class="runs" d="M{x - r} {y}q{r / 2} {-r} {r} 0t{r} 0" stroke-width={0.9 * unit} />
  {:else if caution.damage === "RUN_OVER"}
    <path
      class="drip"
      d="M{x - 0.5 * r} {y}q0 {r} {0.25 * r} {r}q{0.25 * r} 0 {0.25 * r} {-0.5 * r}q0 {1.2 *
        r} {0.3 * r} {1.2 * r}q{0.2 * r} 0 {0.2 * r} {-1.7 * r}Z"
      stroke-width={0.3 * unit}
    />
  {:else if caution.damage === "DENT"}
    <path class="rim" d="M{x - r} {y}q{r} {0.9 * r} {2 * r} 0" stroke-width={0.5 * unit} />
  {/if}
</g>

<style>
  g {
    pointer-events: none;
  }
  .pit {
    fill: #1b2440;
    fill-opacity: 0.45;
  }
  .rim {
    fill: none;
    stroke: #fff;
    stroke-opacity: 0.75;
  }
  .creeps {
    fill: #1b2440;
    fill-opacity: 0.22;
  }
  .runs {
    fill: none;
    stroke: #1b2440;
    stroke-opacity: 0.4;
    stroke-linecap: round;
  }
  .drip {
    fill: #1b2440;
    fill-opacity: 0.3;
    stroke: #fff;
    stroke-opacity: 0.6;
  }
</style>
