<script lang="ts">
  import type { CookieView, Layer } from "../api/types";
  import { isPale, toned } from "../units/colour";
  import { litGroups } from "./light";
  import { isOn, type Moment } from "./moments";
  import { placed } from "./placed";

  // Paints what the server answers: layers of paths in mm, from the cookie up, lit as icing is; of a moment while it dries, what is on it then
  // and how that shines. On paper, where colours are forced, and where many are seen at once it is flat.
  let {
    cookie,
    hexes,
    lit = null,
    until = null,
    flat = false,
  }: {
    cookie: Pick<CookieView, "layers"> & {
      sections: unknown[];
      marks?: Pick<CookieView["marks"][number], "move" | "state">[];
    };
    hexes: Record<string, string>;
    lit?: number | null;
    until?: Moment | null;
    flat?: boolean;
  } = $props();

  const layers = $derived(
    until === null ? cookie.layers : cookie.layers.filter((layer) => isOn(layer, until)),
  );
  const groups = $derived(litGroups(layers, cookie.marks ?? [], until));
  const hex = (layer: Layer) => toned(hexes[layer.colour] ?? "#888888", layer.tone ?? 0);
  const isCoat = (layer: Layer) => layer.role === "COAT" || layer.role === "FLOWING";
  const at = (layer: Layer) => placed(layer.at);
  // A fold has no rim of its own.
  const isFold = (layer: Layer) => layer.tone !== undefined && layer.tone !== null;
  const rim = (layer: Layer) => (!isFold(layer) && isPale(hex(layer)) ? "#1B2440" : "none");
</script>

{#snippet painted(layer: Layer)}
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
        stroke-opacity={layer.role === "RAISED" ? 0.45 : 0.35}
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
      fill-opacity={layer.role === "SPRAYED" ? 0.55 : 1}
      fill-rule="evenodd"
      stroke={layer.role === "RAISED" && !isFold(layer) ? "#1B2440" : rim(layer)}
      stroke-opacity={rim(layer) === "none" || isCoat(layer) ? 0.25 : 0.45}
      stroke-width="0.3"
    />
    {#if layer.role === "COAT" && cookie.sections.length > 1}
      <!-- A crease: a fine dark line, and a light one inside it. -->
      <path class="crease light" d={layer.path} />
      <path class="crease" d={layer.path} />
    {/if}
  {/if}
{/snippet}

{#each groups as group, i (i)}
  <g
    class={flat || group.light === "none" ? "" : `lit-${group.light} ${group.shine}`}
    data-shine={until && group.light !== "none" ? group.shine : undefined}
  >
    {#each group.layers as layer, n (n)}{@render painted(layer)}{/each}
  </g>
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
  .lit-soft.wet {
    filter: url(#icing-soft-wet);
  }
  .lit-soft.skinned {
    filter: url(#icing-soft-skinned);
  }
  .lit-soft.dry {
    filter: url(#icing-soft-dry);
  }
  .lit-domed.wet {
    filter: url(#icing-domed-wet);
  }
  .lit-domed.skinned {
    filter: url(#icing-domed-skinned);
  }
  .lit-domed.dry {
    filter: url(#icing-domed-dry);
  }
  .lit-glaze.wet {
    filter: url(#icing-glaze-wet);
  }
  .lit-glaze.skinned {
    filter: url(#icing-glaze-skinned);
  }
  .lit-glaze.dry {
    filter: url(#icing-glaze-dry);
  }
  .lit-raised.wet {
    filter: url(#icing-raised-wet);
  }
  .lit-raised.skinned {
    filter: url(#icing-raised-skinned);
  }
  .lit-raised.dry {
    filter: url(#icing-raised-dry);
  }
  @media print, (forced-colors: active) {
    g {
      filter: none !important;
    }
  }
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
