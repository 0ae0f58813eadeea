<script lang="ts">
  import type { CookieView, DesignView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import Cautions from "../../marks/Cautions.svelte";
  import CookiePicture from "../../marks/CookiePicture.svelte";
  import Flags from "../../marks/Flags.svelte";
  import Ruler from "../../marks/Ruler.svelte";
  import SideView from "../../marks/SideView.svelte";
  import { DOUGH_MM, heightAbove } from "../../marks/sideView";
  import type { Moment } from "../../marks/moments";
  import { fixed } from "../../units/format";
  import DrawnGrips from "./DrawnGrips.svelte";
  import type { Hand } from "./hand.svelte";
  import PlacingMarks from "./PlacingMarks.svelte";
  import PressGround from "./PressGround.svelte";

  // The cookie at true shape, to press and to place marks on. A small one stays in sight on a narrow screen, without rulers.
  let {
    design,
    cookie,
    hand,
    litCaution = null,
    until = null,
    small = false,
  }: {
    design: DesignView;
    cookie: CookieView;
    hand: Hand;
    litCaution?: number | null;
    until?: Moment | null;
    small?: boolean;
  } = $props();

  const desk = theDesk();
  // Sizes inside the drawing are in mm; what is written there grows with the cookie so that it reads the same.
  const above = $derived(heightAbove(cookie));
  const below = $derived(above > 0 ? above + DOUGH_MM + 1 : 0);
  const span = $derived(Math.max(cookie.box.widthMm * 0.87, cookie.box.heightMm + below));
  const unit = $derived(span / (small ? 55 : 100));
  const sideY = $derived(cookie.box.y + cookie.box.heightMm + 13 * unit + above);
  const view = $derived(
    small
      ? {
          x: cookie.box.x - 3 * unit,
          y: cookie.box.y - 2 * unit,
          width: cookie.box.widthMm + 6 * unit,
          height: cookie.box.heightMm + 4 * unit,
        }
      : {
          x: cookie.box.x - 26 * unit,
          y: cookie.box.y - 3 * unit,
          width: cookie.box.widthMm + 44 * unit,
          height: cookie.box.heightMm + 18 * unit + below,
        },
  );
</script>

<svg
  class:small
  viewBox="{view.x} {view.y} {view.width} {view.height}"
  role="group"
  aria-label="{design.document.name} at true shape, {fixed(cookie.box.widthMm, 0)} by {fixed(
    cookie.box.heightMm,
    0,
  )} mm"
>
  <CookiePicture {cookie} hexes={desk.hexes} lit={hand.lit} {until} />
  <PressGround {cookie} {hand} />
  {#if !small}
    {#if cookie.sections.length > 1}<Flags {cookie} {unit} />{/if}
    {#if until === null}<Cautions {cookie} {unit} lit={litCaution} />{/if}
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
  {/if}
  {#if !small && above > 0}<SideView {cookie} hexes={desk.hexes} y={sideY} {unit} {until} />{/if}
  {#if hand.pencil.draws || hand.pencil.drawn}<DrawnGrips {cookie} {hand} {unit} />{/if}
  {#if hand.places && !hand.pencil.draws}<PlacingMarks {cookie} {hand} {unit} />{/if}
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    height: min(460px, 58vh);
    min-height: 260px;
  }
  svg.small {
    height: 34vh;
    min-height: 180px;
  }
</style>
