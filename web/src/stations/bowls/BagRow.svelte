<script lang="ts">
  import type { Portion } from "../../api/types";
  import { consistency, fixed, grams, outOf } from "../../units/format";

  // Bags of one colour at one consistency: a cone, its length by what is in each, and what goes with it.
  let {
    portion,
    hex,
    x,
    y,
    right,
  }: { portion: Portion; hex: string; x: number; y: number; right: number } = $props();

  const length = $derived(34 + 44 * Math.min(1, portion.gramsPerBag / 250));
  const slumps = {
    STIFF: "M9 14 Q11 9 12 2 Q13 9 15 14 Z",
    PIPING: "M8 14 A4 5.4 0 0 1 16 14 Z",
    MEDIUM: "M6.5 14 Q7 9 12 9 T17.5 14 Z",
    FLOOD: "M3 14 Q5 11.2 12 11.2 T21 14 Z",
    GLAZE: "M1.5 14 Q4 12.8 12 12.8 T22.5 14 Z",
  };
  // A bag is a cone; what is dipped, scraped or spread is a bowl from the side.
  const bag = $derived(portion.vessel === "BAG");
</script>

<g transform="translate({x} {y})" aria-hidden="true">
  <path
    d={bag
      ? `M0 -8 Q-5 0 0 8 L${length} 2 L${length} -2 Z`
      : "M-2 -8 H44 Q42 8 30 9 H12 Q0 8 -2 -8 Z"}
    fill={hex}
    stroke="#1B2440"
    stroke-width="1.4"
    stroke-linejoin="round"
  />
  <g transform="translate(88 -8)">
    <path d={slumps[portion.state]} fill="#1B2440" />
    <line x2="24" y1="14.6" y2="14.6" stroke="#1B2440" stroke-width="1.2" />
  </g>
  <text x="118" y="5">{consistency(portion.state, portion.countSeconds)}</text>
  <text class="mass" x="262" y="5" text-anchor="end">{grams(portion.finishedGrams)} g</text>
  <text class="soft" x="272" y="5">{outOf(portion)}</text>
  <text class="water" x={right - x} y="5" text-anchor="end">
    {portion.sugarGrams > 0.05
      ? `+ ${fixed(portion.sugarGrams, 1)} g sugar`
      : portion.waterGrams < 0.05
        ? "none"
        : `+ ${fixed(portion.waterGrams, 1)} g`}
  </text>
</g>

<style>
  text {
    fill: var(--ink);
    font-size: 14px;
  }
  .mass {
    font-weight: 700;
    font-size: var(--body);
  }
  .soft {
    fill: var(--soft);
    font-size: var(--small);
  }
  .water {
    fill: var(--cobalt);
    font-weight: 600;
  }
</style>
