<script lang="ts">
  import type { CookieView } from "../../api/types";
  import { field } from "../../desk/catalogue.svelte";
  import { apart } from "./drawn";
  import type { Spot } from "./drawn";
  import type { Hand } from "./hand.svelte";
  import { placed } from "../../marks/placed";
  import { meant } from "./sections";

  // What of the cookie answers to a press: its sections, and on them the marks of each move while none is in hand.
  let { cookie, hand }: { cookie: CookieView; hand: Hand } = $props();

  const on = $derived(hand.move ? String(field(hand.move, "on") ?? "") : "");
  const lit = $derived(new Set(hand.liesOnSections ? meant(on, cookie.sections) : hand.chosen));
  const marks = $derived(
    hand.move === undefined
      ? cookie.layers.filter(
          (layer) =>
            layer.move >= 0 &&
            (layer.at !== null || !["COAT", "FLOWING", "DOUGH"].includes(layer.role)),
        )
      : [],
  );

  // What is being drawn in one go, from the cookie's middle.
  let stroke = $state<Spot[]>([]);
  // The end of a stroke is no press.
  let drew = false;
  const FIRST_MM = 2;

  // How the drawing lay when a stroke began: where it makes room for an answer meanwhile, the stroke does not jump.
  let lay: DOMMatrix | undefined;

  function layNow(event: MouseEvent): DOMMatrix | undefined {
    return (event.currentTarget as SVGElement).ownerSVGElement?.getScreenCTM()?.inverse();
  }

  function pointed(event: MouseEvent, on = layNow(event)): Spot {
    return new DOMPoint(event.clientX, event.clientY).matrixTransform(on);
  }

  function pressed(event: MouseEvent, section: string | null) {
    if (drew) {
      drew = false;
      return;
    }
    const { x, y } = pointed(event);
    hand.press(x, y, section);
  }

  function fromMiddle(event: MouseEvent): Spot {
    const { x, y } = pointed(event, lay);
    return { x: x - cookie.middle.x, y: y - cookie.middle.y };
  }

  function begin(event: PointerEvent) {
    drew = false;
    if (!hand.pencil.takesStroke || event.button !== 0) return;
    lay = layNow(event);
    stroke = [fromMiddle(event)];
    (event.currentTarget as SVGElement).setPointerCapture(event.pointerId);
  }

  function go(event: PointerEvent) {
    if (stroke.length > 0) stroke.push(fromMiddle(event));
  }

  function end() {
    const [first] = stroke;
    if (first && stroke.some((one) => apart(first, one) > FIRST_MM)) {
      hand.pencil.drawBy(stroke.map((one) => ({ x: one.x, y: one.y })));
      drew = true;
    }
    stroke = [];
  }
</script>

<!-- The same is done by keys in the list of moves and beside each of its fields. -->
{#each cookie.sections as section (section.name)}
  <path
    class="ground"
    class:lit={lit.has(section.name) && cookie.sections.length > 1}
    class:cross={hand.places || hand.liesOnSections}
    data-section={section.name}
    d={section.path}
    fill-rule="evenodd"
    role="presentation"
    onclick={(event) => pressed(event, section.name)}
    onpointerdown={begin}
    onpointermove={go}
    onpointerup={end}
    onpointercancel={() => (stroke = [])}
    class:draws={hand.pencil.draws}
  />
{/each}
{#if stroke.length > 1}
  <polyline
    class="stroke"
    points={stroke.map((one) => `${one.x + cookie.middle.x},${one.y + cookie.middle.y}`).join(" ")}
  />
{/if}
{#each marks as layer, i (i)}
  <path
    class="mark"
    class:line={Boolean(layer.strokeMm)}
    data-mark-of={layer.move}
    d={layer.path}
    transform={placed(layer.at)}
    stroke-width={layer.strokeMm ? layer.strokeMm + 1 : 0}
    role="presentation"
    onclick={() => hand.take(layer.move)}
  />
{/each}

<style>
  .ground {
    fill: #a9752a;
    fill-opacity: 0;
    stroke: none;
    cursor: pointer;
  }
  .ground.cross {
    cursor: crosshair;
  }
  .ground.draws {
    cursor: crosshair;
    touch-action: none;
  }
  .stroke {
    fill: none;
    stroke: #a9752a;
    stroke-width: 0.8;
    pointer-events: none;
  }
  .ground.lit {
    fill-opacity: 0.08;
    stroke: #a9752a;
    stroke-width: 0.7;
  }
  .mark {
    fill: #000;
    fill-opacity: 0;
    cursor: pointer;
  }
  .mark.line {
    fill: none;
    stroke: #000;
    stroke-opacity: 0;
    pointer-events: stroke;
  }
</style>
