<script lang="ts">
  import type { DesignView } from "../api/types";
  import CookiePicture from "./CookiePicture.svelte";

  // One cookie, filling its box; with a scale given, at that many pixels a millimetre. Flat where many are seen at once.
  let {
    design,
    hexes,
    pxPerMm,
    label,
    flat = false,
  }: {
    design: DesignView;
    hexes: Record<string, string>;
    pxPerMm?: number;
    label?: string;
    flat?: boolean;
  } = $props();

  const box = $derived(design.cookie?.box ?? { x: -40, y: -40, widthMm: 80, heightMm: 80 });
  const view = $derived(`${box.x - 1} ${box.y - 1} ${box.widthMm + 2} ${box.heightMm + 2}`);
</script>

<svg
  viewBox={view}
  width={pxPerMm ? (box.widthMm + 2) * pxPerMm : undefined}
  height={pxPerMm ? (box.heightMm + 2) * pxPerMm : undefined}
  role={label ? "img" : undefined}
  aria-label={label}
  aria-hidden={label ? undefined : "true"}
>
  {#if design.cookie}<CookiePicture cookie={design.cookie} {hexes} {flat} />{/if}
</svg>

<style>
  svg {
    display: block;
    max-width: 100%;
    max-height: 100%;
  }
</style>
