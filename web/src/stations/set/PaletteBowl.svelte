<script lang="ts">
  import type { PaletteColour } from "../../api/types";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import { grams } from "../../units/format";

  // A colour of the palette as its bowl: the area goes by the grams.
  let {
    colour,
    size,
    mass,
    open,
    onopen,
  }: {
    colour: PaletteColour;
    size: number;
    mass: number;
    open: boolean;
    onopen: () => void;
  } = $props();
</script>

<button class="bowl" aria-expanded={open} title="Change its name or colour" onclick={onopen}>
  <span class="disc"
    ><BowlDisc hex={/^#[0-9a-f]{6}$/i.test(colour.hex) ? colour.hex : "#fff"} {size} /></span
  >
  <span class="name"><bdi>{colour.name}</bdi></span>
  <span class="soft">{mass > 0 ? `${grams(mass)} g` : "unused"}</span>
</button>

<style>
  .bowl {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 1px;
    border: 0;
    border-radius: 12px;
    background: none;
    padding: 2px 5px;
    cursor: pointer;
    min-width: 62px;
    max-width: 110px;
  }
  .bowl:hover,
  .bowl[aria-expanded="true"] {
    background: var(--wash);
  }
  .disc {
    height: 48px;
    display: flex;
    align-items: center;
  }
</style>
