<script lang="ts">
  import type { CookieView } from "../api/types";
  import { isPale } from "../units/colour";

  // A level cut through the middle, six times as tall as it is; each piece stands on the coat under it.
  let { cookie, hexes }: { cookie: CookieView; hexes: Record<string, string> } = $props();

  const TALL = 6;
  const DOUGH_MM = 5;
  const top = $derived(Math.max(...cookie.side.map((s) => s.baseMm + s.heightMm)) * TALL + 2);
  const view = $derived(
    `${cookie.box.x - 1} ${-top} ${cookie.box.widthMm + 2} ${top + DOUGH_MM + 1}`,
  );
  // A pass is written under the widest piece that goes on in it.
  const numbers = $derived.by(() => {
    const widest: Record<number, (typeof cookie.side)[number]> = {};
    for (const piece of cookie.side) {
      const before = widest[piece.pass];
      const wider = !before || piece.toMm - piece.fromMm > before.toMm - before.fromMm;
      if (piece.baseMm === 0 && wider) widest[piece.pass] = piece;
    }
    return Object.entries(widest);
  });

  function dome(piece: (typeof cookie.side)[number]): string {
    const { fromMm: from, toMm: to } = piece;
    const base = -piece.baseMm * TALL;
    const top = base - piece.heightMm * TALL;
    // The rim is a quarter circle at true scale, only its height is stretched; what is wet together meets flat.
    const rim = Math.min((to - from) / 2, piece.heightMm);
    const left = piece.meetsBefore ? 0 : rim;
    const right = piece.meetsAfter ? 0 : rim;
    return `M${from} ${base}Q${from} ${top} ${from + left} ${top}H${to - right}Q${to} ${top} ${to} ${base}Z`;
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
        d={dome(slice)}
        fill={hexes[slice.colour] ?? "#888888"}
        stroke={isPale(hexes[slice.colour] ?? "#888888") ? "#5C6784" : "none"}
        stroke-width="0.3"
      />
    {/each}
    {#each numbers as [pass, piece] (pass)}
      <text x={(piece.fromMm + piece.toMm) / 2} y={DOUGH_MM - 1.2} font-size="3.6">{pass}</text>
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
  text {
    text-anchor: middle;
    fill: #1b2440;
  }
</style>
