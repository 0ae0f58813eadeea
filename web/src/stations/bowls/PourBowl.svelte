<script lang="ts">
  import { grams } from "../../units/format";

  // A bowl in the picture of the pour.
  let {
    hex,
    name,
    x,
    y,
    radius,
    grams: mass,
    chosen,
    onchoose,
  }: {
    hex: string;
    name: string;
    x: number;
    y: number;
    radius: number;
    grams: number;
    chosen: boolean;
    onchoose: () => void;
  } = $props();
</script>

<!-- A bowl is a button in the picture: enter or space opens its slip. -->
<g
  class="bowl"
  role="button"
  tabindex="0"
  aria-pressed={chosen}
  onclick={() => onchoose()}
  onkeydown={(event) => {
    if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      onchoose();
    }
  }}
>
  {#if chosen}
    <circle cx={x} cy={y} r={radius + 5} fill="none" stroke="#A9752A" stroke-width="2.5" />
  {/if}
  <circle cx={x} cy={y} r={radius} fill="#FBFBF9" stroke="#23407A" stroke-width="2" />
  <circle cx={x} cy={y} r={radius * 0.8} fill={hex} stroke="#1B2440" stroke-opacity="0.25" />
  <text class="name" x={x - radius - 10} {y} text-anchor="end">{name}</text>
  <text class="mass" x={x - radius - 10} y={y + 15} text-anchor="end">
    {grams(mass)} g
  </text>
</g>

<style>
  text {
    fill: var(--ink);
    font-size: 14px;
  }
  .mass {
    fill: var(--soft);
    font-size: var(--small);
  }
  .name {
    font-family: var(--heading);
    font-weight: 650;
    font-size: 16px;
  }
  .name,
  .mass {
    paint-order: stroke;
    stroke: #fbfbf9;
    stroke-width: 4px;
    stroke-linejoin: round;
  }
  .bowl {
    cursor: pointer;
  }
  .bowl:focus,
  .bowl:focus-visible {
    outline: none;
  }
  .bowl:focus-visible circle {
    stroke: var(--brass-line);
    stroke-width: 4;
  }
</style>
