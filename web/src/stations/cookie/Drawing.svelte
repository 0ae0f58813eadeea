<script lang="ts">
  import type { DesignView } from "../../api/types";
  import { cutWith } from "../../desk/cutters.svelte";
  import { theDesk } from "../../desk/order.svelte";
  import type { Moment } from "../../marks/moments";
  import AsItDries from "./AsItDries.svelte";
  import CautionList from "./CautionList.svelte";
  import CookieCanvas from "./CookieCanvas.svelte";
  import CutterChoice from "./CutterChoice.svelte";
  import type { Hand } from "./hand.svelte";
  import { withCutter } from "./newDesign";
  import PaletteRow from "./PaletteRow.svelte";

  // The cookie, to press and to look at, with its colours, its cut and what is likely to go wrong.
  let { design, hand, isNew }: { design: DesignView; hand: Hand; isNew: boolean } = $props();

  const desk = theDesk();
  const cookie = $derived(design.cookie);
  let until = $state<Moment | null>(null);
  let litCaution = $state<number | null>(null);
  /** Number of the design whose cutter has been picked: then the pictures fold, and the cookie and its colours are in sight. */
  let picked = $state<number | null>(null);
</script>

{#if isNew && picked !== design.id}
  <!-- A cookie begins with its cutter: until one is picked, they all lie there. -->
  <CutterChoice
    chosen={design.document.cutter.shape.kind}
    onown={(own) => {
      picked = design.id;
      desk.editDesign(design.id, (draft) => cutWith(draft.document.cutter, own));
    }}
    onpick={(word) => {
      picked = design.id;
      desk.editDesign(design.id, (draft) => withCutter(draft.document, word));
    }}
  />
{/if}
{#if cookie}
  <CookieCanvas {design} {cookie} {hand} {litCaution} {until} />
  <PaletteRow {cookie} {hand} />
  <CautionList {design} {cookie} onlit={(caution) => (litCaution = caution)} />
  <AsItDries {cookie} bind:at={until} />
{:else}
  <p class="trouble" role="alert">{design.trouble}</p>
{/if}

<style>
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
  }
</style>
