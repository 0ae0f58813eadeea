<script lang="ts">
  import type { CookieView } from "../../api/types";
  import { bent, edges, middle, movedPoint, withPoint, withoutPoint } from "./drawn";
  import type { Drawn, Spot } from "./drawn";
  import type { Hand } from "./hand.svelte";

  // A line or an outline of the open move to take hold of: its points, and the middle of each edge, which bends it. Pressed, a middle becomes a point.
  let { cookie, hand, unit }: { cookie: CookieView; hand: Hand; unit: number } = $props();

  const lines = $derived(hand.pencil.drawn ?? []);
  let held = $state<{ line: number; point?: number; edge?: number; moved: boolean } | null>(null);
  let shadow = $state<Spot | null>(null);

  function pointed(event: PointerEvent): Spot {
    const svg = (event.currentTarget as SVGElement).ownerSVGElement as SVGSVGElement;
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(
      svg.getScreenCTM()?.inverse(),
    );
    const tenth = (mm: number) => Math.round(mm * 10) / 10;
    return { x: tenth(point.x - cookie.middle.x), y: tenth(point.y - cookie.middle.y) };
  }

  function change(nth: number, to: Drawn | null) {
    if (!to && lines.length < 2) return;
    hand.pencil.setDrawn(lines.flatMap((one, i) => (i === nth ? (to ? [to] : []) : [one])));
  }

  function grip(event: PointerEvent, what: { line: number; point?: number; edge?: number }) {
    event.stopPropagation();
    held = { ...what, moved: false };
    (event.currentTarget as SVGElement).setPointerCapture(event.pointerId);
  }

  function drag(event: PointerEvent) {
    const line = held && lines[held.line];
    if (!held || !line) return;
    const to = pointed(event);
    shadow = to;
    held.moved = true;
    put(held.line, held.point, held.edge, to);
  }

  function put(nth: number, point: number | undefined, edge: number | undefined, to: Spot) {
    const line = lines[nth];
    if (!line) return;
    if (point !== undefined) change(nth, movedPoint(line, point, to));
    else if (edge !== undefined) change(nth, bent(line, edge, to));
  }

  function drop() {
    const line = held && lines[held.line];
    if (held && line && !held.moved && held.edge !== undefined) {
      change(held.line, withPoint(line, held.edge));
    }
    held = null;
    shadow = null;
  }

  function keyed(event: KeyboardEvent, nth: number, point: number | undefined, edge?: number) {
    const line = lines[nth];
    const at = line && (point !== undefined ? line.points[point] : middle(line, edge ?? 0));
    if (!line || !at) return;
    const by = event.shiftKey ? 0.2 : 1;
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[
      event.key
    ];
    if (way) {
      const [dx = 0, dy = 0] = way;
      put(nth, point, edge, { x: at.x + dx * by, y: at.y + dy * by });
    } else if (event.key === "Delete" && point !== undefined)
      change(nth, withoutPoint(line, point));
    else if ((event.key === "Enter" || event.key === "+") && edge !== undefined)
      change(nth, withPoint(line, edge));
    else return;
    event.preventDefault();
    event.stopPropagation();
  }

  const isHeld = (line: number, point?: number, edge?: number) =>
    held !== null && held.line === line && held.point === point && held.edge === edge;
  const fixed = (mm: number) => mm.toFixed(1);
</script>

{#each lines as line, nth (nth)}
  {#each Array.from({ length: edges(line) }, (_, i) => i) as edge (edge)}
    {@const at = isHeld(nth, undefined, edge) && shadow ? shadow : middle(line, edge)}
    <rect
      class="bend"
      x={cookie.middle.x + at.x - 1.3 * unit}
      y={cookie.middle.y + at.y - 1.3 * unit}
      width={2.6 * unit}
      height={2.6 * unit}
      rx={0.6 * unit}
      stroke-width={0.4 * unit}
      tabindex="0"
      role="button"
      data-bend={edge}
      aria-label="edge {edge + 1}: arrows bend it, enter puts a point there"
      onpointerdown={(event) => grip(event, { line: nth, edge })}
      onpointermove={drag}
      onpointerup={drop}
      onpointercancel={drop}
      onkeydown={(event) => keyed(event, nth, undefined, edge)}
    />
  {/each}
  {#each line.points as point, i (i)}
    {@const at = isHeld(nth, i) && shadow ? shadow : point}
    <circle
      class="point"
      cx={cookie.middle.x + at.x}
      cy={cookie.middle.y + at.y}
      r={2 * unit}
      stroke-width={0.5 * unit}
      tabindex="0"
      role="button"
      data-point={i}
      aria-label="point {i + 1}, {fixed(at.x)} mm right and {fixed(
        at.y,
      )} mm below the middle; arrows move it, delete takes it away"
      onpointerdown={(event) => grip(event, { line: nth, point: i })}
      onpointermove={drag}
      onpointerup={drop}
      onpointercancel={drop}
      onkeydown={(event) => keyed(event, nth, i)}
    />
  {/each}
{/each}
{#each hand.pencil.begun as spot, i (i)}
  <circle
    class="point begun"
    cx={cookie.middle.x + spot.x}
    cy={cookie.middle.y + spot.y}
    r={1.2 * unit}
    stroke-width={0.5 * unit}
  />
{/each}

<style>
  .point,
  .bend {
    fill: #fbfbf9;
    fill-opacity: 0.5;
    stroke: #a9752a;
    cursor: grab;
    touch-action: none;
  }
  .bend {
    fill: #a9752a;
    fill-opacity: 0.75;
    stroke: #fbfbf9;
  }
  .point.begun {
    pointer-events: none;
    fill-opacity: 1;
  }
  .point:focus-visible,
  .bend:focus-visible {
    outline: none;
    stroke: #23407a;
    stroke-width: 1.4;
  }
</style>
