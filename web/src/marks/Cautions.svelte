<script lang="ts">
  import type { CookieView } from "../api/types";
  import Damage from "./Damage.svelte";

  // Where something is likely to go wrong: a dashed ring with the number of its sentence.
  let {
    cookie,
    unit,
    lit = null,
  }: { cookie: CookieView; unit: number; lit?: number | null } = $props();

  const r = $derived(2.4 * unit);
</script>

{#each cookie.cautions.filter((one) => one.weight !== "A_THOUGHT") as caution, i (i)}
  {@const ring = caution.radiusMm}
  {@const lean = (Math.PI / 180) * (i * 47 - 40)}
  {@const x = caution.at.x + ring * Math.cos(lean)}
  {@const y = caution.at.y + ring * Math.sin(lean)}
  {#if caution.damage}<Damage {caution} {unit} />{/if}
  <g aria-hidden="true" class:lit={lit === i} class:mind={caution.weight === "MIND"}>
    <circle
      class="ring"
      cx={caution.at.x}
      cy={caution.at.y}
      r={ring}
      stroke-width={(lit === i ? 0.9 : 0.5) * unit}
      stroke-dasharray="{1.3 * unit} {0.9 * unit}"
    />
    <circle class="badge" cx={x} cy={y} {r} stroke-width={0.4 * unit} />
    <text {x} y={y + r * 0.42} font-size={r * 1.25}>{i + 1}</text>
  </g>
{/each}

<style>
  .ring {
    fill: none;
    stroke: #b93a25;
  }
  .badge {
    fill: #b93a25;
    stroke: #fbfbf9;
  }
  .mind .ring {
    stroke: #8a5c17;
  }
  .mind .badge {
    fill: #8a5c17;
  }
  g {
    pointer-events: none;
  }
  text {
    fill: var(--paper);
    font-weight: 700;
    text-anchor: middle;
  }
</style>
