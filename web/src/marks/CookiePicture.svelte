<script lang="ts">
  import type { CookieView, Layer } from "../api/types";
  import { isPale } from "../units/colour";
  import Gloss from "./Gloss.svelte";
  import { isOn, shineOf, type Moment } from "./moments";
  import { placed } from "./placed";

  // Paints what the server answers: layers of paths in mm, from the cookie up; of a moment while it dries, what is on it then and how
  // that shines.
  let {
    cookie,
    hexes,
    lit = null,
    until = null,
  }: {
    cookie: Pick<CookieView, "layers"> & { sections: unknown[] };
    hexes: Record<string, string>;
    lit?: number | null;
    until?: Moment | null;
  } = $props();

  const layers = $derived(
    until === null ? cookie.layers : cookie.layers.filter((layer) => isOn(layer, until)),
  );
  const hex = (layer: Layer) => hexes[layer.colour] ?? "#888888";
  const isCoat = (layer: Layer) => layer.role === "COAT" || layer.role === "FLOWING";
  const at = (layer: Layer) => placed(layer.at);
  const rim = (layer: Layer) => (isPale(hex(layer)) ? "#1B2440" : "none");
</script>

{#each layers as layer, i (i)}
  {#if layer.role === "DOUGH"}
    <path
      d={layer.path}
      transform={at(layer)}
      fill="#DDB98A"
      stroke="#B98D56"
      stroke-width="0.5"
      fill-rule="evenodd"
    />
  {:else if layer.strokeMm}
    {#if rim(layer) !== "none"}
      <path
        d={layer.path}
        transform={at(layer)}
        fill="none"
        stroke="#1B2440"
        stroke-opacity={layer.role === "RAISED" ? 0.75 : 0.35}
        stroke-width={layer.strokeMm + 0.35}
        stroke-linejoin="round"
      />
    {/if}
    <path
      d={layer.path}
      transform={at(layer)}
      fill="none"
      stroke={hex(layer)}
      stroke-width={layer.strokeMm}
      stroke-linejoin="round"
    />
  {:else}
    <path
      d={layer.path}
      transform={at(layer)}
      fill={hex(layer)}
      fill-rule="evenodd"
      stroke={layer.role === "RAISED" ? "#1B2440" : rim(layer)}
      stroke-opacity={rim(layer) === "none" || isCoat(layer) ? 0.35 : 0.6}
      stroke-width="0.3"
    />
    {#if layer.role === "COAT" && cookie.sections.length > 1}
      <!-- A crease: a fine dark line, and a light one inside it. -->
      <path class="crease light" d={layer.path} />
      <path class="crease" d={layer.path} />
    {/if}
  {/if}
  {#if until && layer.role !== "DOUGH" && layer.role !== "DRESSING"}
    <Gloss {layer} shine={shineOf(layer, until)} />
  {/if}
{/each}
{#each layers.filter((layer) => layer.move === lit) as layer, i (i)}
  <path
    class="lit"
    d={layer.path}
    transform={at(layer)}
    fill="none"
    stroke="#A9752A"
    stroke-width="0.6"
  />
{/each}

<style>
  .crease {
    fill: none;
    stroke: #1b2440;
    stroke-opacity: 0.4;
    stroke-width: 0.25;
  }
  .crease.light {
    stroke: #fff;
    stroke-opacity: 0.4;
    stroke-width: 0.7;
  }
  .lit {
    stroke-width: 2px;
    stroke-dasharray: 8px 5px;
    vector-effect: non-scaling-stroke;
  }
</style>
