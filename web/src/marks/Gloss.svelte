<script lang="ts">
  import type { Layer } from "../api/types";
  import { placed } from "./placed";

  // How an icing shines: wet it has a bright rim of light at its upper left, with a skin a faint one, dry it is matt and paler.
  let { layer, shine }: { layer: Layer; shine: "wet" | "skinned" | "dry" } = $props();

  const id = $props.id();
  const isLine = $derived(Boolean(layer.strokeMm));
  const bright = $derived(shine === "wet" ? 0.85 : 0.3);
  const thick = $derived(layer.role === "COAT" || layer.role === "FLOWING" ? 1.6 : 0.6);
</script>

<g transform={placed(layer.at)} aria-hidden="true" data-shine={shine}>
  {#if shine === "dry"}
    <path
      d={layer.path}
      fill={isLine ? "none" : "#fff"}
      stroke={isLine ? "#fff" : "none"}
      stroke-width={layer.strokeMm ?? 0}
      opacity="0.14"
      fill-rule="evenodd"
    />
  {:else if isLine}
    <path
      d={layer.path}
      transform="translate({-0.16 * (layer.strokeMm ?? 0)} {-0.2 * (layer.strokeMm ?? 0)})"
      fill="none"
      stroke="#fff"
      stroke-width={0.28 * (layer.strokeMm ?? 0)}
      opacity={bright}
    />
  {:else}
    <clipPath {id}><path d={layer.path} clip-rule="evenodd" /></clipPath>
    <g clip-path="url(#{id})">
      <path
        d={layer.path}
        transform="translate({1.4 * thick} {1.6 * thick})"
        fill="none"
        stroke="#fff"
        stroke-width={thick}
        opacity={bright}
      />
    </g>
  {/if}
</g>
