<script lang="ts">
  import type { CookieView } from "../api/types";
  import { isPale } from "../units/colour";

  // A level cut through the middle, six times as tall as it is.
  let { cookie, hexes }: { cookie: CookieView; hexes: Record<string, string> } = $props();

  const TALL = 6;
  const DOUGH_MM = 5;
  const coat = $derived(Math.max(0, ...cookie.side.filter((s) => !s.above).map((s) => s.heightMm)));
  const top = $derived(
    Math.max(...cookie.side.map((s) => (s.above ? coat + s.heightMm : s.heightMm))) * TALL + 2,
  );
  const view = $derived(
    `${cookie.box.x - 1} ${-top} ${cookie.box.widthMm + 2} ${top + DOUGH_MM + 1}`,
  );

  function dome(from: number, to: number, base: number, height: number): string {
    const w = to - from;
    // The rim is a quarter circle at true scale; only its height is stretched.
    const r = Math.min(w / 2, height / TALL);
    return `M${from} ${base}Q${from} ${base - height} ${from + r} ${base - height}H${to - r}Q${to} ${base - height} ${to} ${base}Z`;
  }
</script>

<figure>
  <figcaption class="soft">side view, ×{TALL} tall</figcaption>
  <svg viewBox={view} aria-hidden="true">
    <rect
      x={cookie.box.x}
      y="0"
      width={cookie.box.widthMm}
      height={DOUGH_MM}
      rx="1.5"
      fill="#DDB98A"
      stroke="#B98D56"
      stroke-width="0.4"
    />
    {#each cookie.side as slice, i (i)}
      <path
        d={dome(slice.fromMm, slice.toMm, slice.above ? -coat * TALL : 0, slice.heightMm * TALL)}
        fill={hexes[slice.colour] ?? "#888888"}
        stroke={isPale(hexes[slice.colour] ?? "#888888") ? "#5C6784" : "none"}
        stroke-width="0.3"
      />
    {/each}
  </svg>
</figure>

<style>
  figure {
    margin: 4px 0 0;
  }
  svg {
    display: block;
    width: 100%;
    max-height: 84px;
  }
</style>
