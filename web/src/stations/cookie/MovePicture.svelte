<script lang="ts">
  import { reference } from "../../desk/catalogue.svelte";
  import CookiePicture from "../../marks/CookiePicture.svelte";

  // What a move looks like on a small cookie.
  let { word, size = 38 }: { word: string; size?: number } = $props();

  const layers = $derived(reference.catalogue?.movesDrawn[word] ?? []);
  const HEXES = { mark: "#4A5E8C", ground: "#F1EBDD" };
</script>

<svg viewBox="-23.5 -23.5 47 47" width={size} height={size} aria-hidden="true">
  <CookiePicture cookie={{ layers, sections: [] }} hexes={HEXES} />
</svg>

<style>
  svg {
    flex: none;
  }
</style>
