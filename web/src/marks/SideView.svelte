<script lang="ts">
  import type { CookieView } from "../api/types";
  import { isPale } from "../units/colour";
  import type { Moment } from "./moments";
  import { DOUGH_MM, tall } from "./sideView";

  // A level cut through the cookie, six times as tall as it is, right below it and at its scale; each piece stands on the coat under it.
  let {
    cookie,
    hexes,
    y,
    unit,
    until = null,
  }: {
    until?: Moment | null;
    cookie: CookieView;
    hexes: Record<string, string>;
    y: number;
    unit: number;
  } = $props();

  const DOUGH = "#DDB98A";
  const hex = (colour: string | null) => (colour === null ? DOUGH : (hexes[colour] ?? "#888888"));
  const times = $derived(tall(cookie));
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
    const base = -piece.baseMm * times;
    const top = base - piece.heightMm * times;
    // The rim is a quarter circle at true scale, only its height is stretched; what is wet together meets flat.
    const rim = Math.min((to - from) / 2, piece.heightMm);
    const left = piece.meetsBefore ? 0 : rim;
    const right = piece.meetsAfter ? 0 : rim;
    return `M${from} ${base}Q${from} ${top} ${from + left} ${top}H${to - right}Q${to} ${top} ${to} ${base}Z`;
  }
</script>

<!-- Where it is cut. -->
<g class="cut" aria-hidden="true" stroke-width={0.5 * unit}>
  <line x1={cookie.box.x - 4 * unit} x2={cookie.box.x - unit} y1={cookie.sideY} y2={cookie.sideY} />
  <line
    x1={cookie.box.x + cookie.box.widthMm + unit}
    x2={cookie.box.x + cookie.box.widthMm + 4 * unit}
    y1={cookie.sideY}
    y2={cookie.sideY}
  />
</g>
<g transform="translate(0 {y})" aria-hidden="true">
  <rect
    x={cookie.box.x}
    y="0"
    width={cookie.box.widthMm}
    height={DOUGH_MM}
    rx="1.5"
    fill={DOUGH}
    stroke="#B98D56"
    stroke-width="0.4"
  />
  {#each cookie.side.filter((one) => until === null || one.pass <= until.pass) as slice, i (i)}
    <path
      d={dome(slice)}
      fill={hex(slice.colour)}
      stroke={isPale(hex(slice.colour)) ? "#5C6784" : "none"}
      stroke-width="0.3"
    />
  {/each}
  {#each numbers as [pass, piece] (pass)}
    <text
      x={(piece.fromMm + piece.toMm) / 2}
      y={DOUGH_MM - 1.2}
      font-size={Math.min(3.6, 3.2 * unit)}>{pass}</text
    >
  {/each}
  <text class="said" x={cookie.box.x - 3.4 * unit} y={DOUGH_MM} font-size={2.9 * unit}
    >×{times} tall</text
  >
</g>

<style>
  text {
    text-anchor: middle;
    fill: #1b2440;
  }
  .said {
    text-anchor: end;
    fill: #515c79;
  }
  .cut {
    stroke: #a9752a;
  }
</style>
