<script lang="ts">
  import type { DesignView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import Cautions from "../../marks/Cautions.svelte";
  import CookiePicture from "../../marks/CookiePicture.svelte";
  import Flags from "../../marks/Flags.svelte";
  import Ruler from "../../marks/Ruler.svelte";
  import SideView from "../../marks/SideView.svelte";
  import CountField from "../../parts/CountField.svelte";
  import { fixed, grams, inches, lasting } from "../../units/format";
  import CautionList from "./CautionList.svelte";
  import type { Hand } from "./hand.svelte";
  import PaletteRow from "./PaletteRow.svelte";
  import PlacingMarks from "./PlacingMarks.svelte";
  import PressGround from "./PressGround.svelte";
  import DesignActs from "./DesignActs.svelte";

  const desk = theDesk();

  let { design, hand }: { design: DesignView; hand: Hand } = $props();

  const namePlace = $derived(`/designs/${design.id}/document/name`);
  const nameTrouble = $derived(desk.trouble(namePlace));
  // Sizes inside the drawing are in mm; what is written there grows with the cookie so that it reads the same.
  const cookie = $derived(design.cookie);
  const span = $derived(cookie ? Math.max(cookie.box.widthMm * 0.8, cookie.box.heightMm) : 80);
  const unit = $derived(span / 100);
  const view = $derived(
    cookie
      ? {
          x: cookie.box.x - 26 * unit,
          y: cookie.box.y - 3 * unit,
          width: cookie.box.widthMm + 44 * unit,
          height: cookie.box.heightMm + 15 * unit,
        }
      : null,
  );

  let litCaution = $state<number | null>(null);

  /** A new design is called something first: its name is chosen when it opens. */
  function newName(input: HTMLInputElement) {
    if (!/^Design \d+$/.test(input.value)) return;
    input.focus();
    input.select();
  }

  function rename(name: string) {
    desk.editDesign(design.id, (draft) => (draft.document.name = name), "name", true);
  }
</script>

<div class="head">
  <input
    class="name"
    {@attach newName}
    aria-label="Name of the design"
    maxlength="200"
    autocomplete="off"
    value={design.document.name}
    aria-invalid={Boolean(nameTrouble)}
    oninput={(event) => rename(event.currentTarget.value)}
  />
  <CountField {design} />
  <span class="soft">
    {#if cookie}{fixed(cookie.box.widthMm, 0)} × {fixed(cookie.box.heightMm, 0)} mm{inches(
        cookie.box.widthMm,
        cookie.box.heightMm,
      )} baked ·
      <strong>{grams(cookie.gramsEach)} g</strong> icing, {lasting(
        Math.max(1, cookie.handSeconds / 60),
      )} hands each{/if}
  </span>
  <DesignActs {design} />
</div>
{#if nameTrouble}<p class="trouble" role="alert">{nameTrouble}</p>{/if}
{#if cookie && view}
  <svg
    viewBox="{view.x} {view.y} {view.width} {view.height}"
    role="group"
    aria-label="{design.document.name} at true shape, {fixed(cookie.box.widthMm, 0)} by {fixed(
      cookie.box.heightMm,
      0,
    )} mm"
  >
    <CookiePicture {cookie} hexes={desk.hexes} lit={hand.lit} />
    <PressGround {cookie} {hand} />
    {#if cookie.sections.length > 1}<Flags {cookie} {unit} />{/if}
    <Cautions {cookie} {unit} lit={litCaution} />
    <Ruler
      from={{ x: cookie.box.x, y: cookie.box.y + cookie.box.heightMm + 4 * unit }}
      lengthMm={cookie.box.widthMm}
      along="x"
      {unit}
    />
    <Ruler
      from={{ x: cookie.box.x - 18 * unit, y: cookie.box.y }}
      lengthMm={cookie.box.heightMm}
      along="y"
      {unit}
    />
    {#if hand.places}<PlacingMarks {cookie} {hand} {unit} />{/if}
  </svg>
  <PaletteRow {hand} />
  {#if cookie.side.length > 0}<SideView {cookie} hexes={desk.hexes} />{/if}
  <CautionList {design} {cookie} onlit={(caution) => (litCaution = caution)} />
{:else}
  <p class="trouble" role="alert">{design.trouble}</p>
{/if}

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 4px 12px;
    margin-bottom: 6px;
  }
  .name {
    font-family: var(--heading);
    font-weight: 700;
    font-size: 21px;
    border: 1.5px solid transparent;
    border-radius: var(--round-field);
    background: none;
    padding: 2px 6px;
    margin-left: -6px;
    min-width: 0;
    flex: 0 1 240px;
    field-sizing: content;
    min-height: var(--target);
  }
  .name:hover,
  .name:focus {
    border-color: var(--line);
    background: var(--paper);
  }
  svg {
    display: block;
    width: 100%;
    height: min(400px, 54vh);
    min-height: 260px;
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
  }
</style>
