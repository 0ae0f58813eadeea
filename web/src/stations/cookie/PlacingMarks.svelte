<script lang="ts">
  import type { CookieView, Place } from "../../api/types";
  import { isShortcut } from "../../parts/keys";
  import type { Hand } from "./hand.svelte";
  import { edgePoints, laidOf, placeAt, placesNow, sizeOf, snapped, whereOf } from "./placing";
  import type { Snapped } from "./placing";
  import SnapLines from "./SnapLines.svelte";

  // The marks of the open move as things to take hold of: drag them, or move them with the arrows. One knob turns a mark, another makes it larger.
  let { cookie, hand, unit }: { cookie: CookieView; hand: Hand; unit: number } = $props();

  type Grip = "place" | "turn" | "size";
  const KNOB = 7;
  const at = $derived(hand.open ?? -1);
  const move = $derived(hand.move);
  const places = $derived(move && hand.places ? placesNow(move, at, cookie) : []);
  const isPlaced = $derived(move !== undefined && laidOf(move) === "PLACES");
  const isMirrored = $derived(move !== undefined && Boolean(whereOf(move).mirrored));
  // A round dot looks the same however it is turned.
  const turns = $derived(
    isPlaced && move !== undefined && (move.move !== "dot" || Boolean(move.drag)),
  );
  let held = $state<{ nth: number; by: Grip } | null>(null);
  // Follows the pointer at once; what the core answers comes behind it.
  let shadow = $state<Place | null>(null);
  let lines = $state<Snapped["lines"]>([]);
  // Looked up when one is taken hold of: what it can be drawn to.
  let edges: { x: number; y: number }[] = [];
  const size = $derived(move && isPlaced ? sizeOf(move) : null);

  function pointed(event: PointerEvent): { x: number; y: number } {
    const svg = (event.currentTarget as SVGElement).ownerSVGElement as SVGSVGElement;
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(
      svg.getScreenCTM()?.inverse(),
    );
    return { x: point.x, y: point.y };
  }

  function grip(event: PointerEvent, nth: number, by: Grip) {
    event.stopPropagation();
    held = { nth, by };
    const svg = (event.currentTarget as SVGElement).ownerSVGElement;
    edges = edgePoints(
      [...(svg?.querySelectorAll<SVGPathElement>(".ground") ?? [])],
      cookie.middle,
    );
    (event.currentTarget as SVGElement).setPointerCapture(event.pointerId);
  }

  function drag(event: PointerEvent, nth: number) {
    const old = places[nth];
    if (!held || held.nth !== nth || !old) return;
    const { x, y } = pointed(event);
    if (held.by === "size") {
      const far = Math.hypot(x - cookie.middle.x - old.x, y - cookie.middle.y - old.y);
      resize(2 * far);
      return;
    }
    if (held.by === "turn") {
      const angle = Math.atan2(x - cookie.middle.x - old.x, -(y - cookie.middle.y - old.y));
      const degrees = Math.round((angle * 180) / Math.PI / 5) * 5;
      hand.movePlace(at, nth, (place) => ({ ...place, turn: degrees }));
      return;
    }
    const others = places.filter((_, i) => i !== nth);
    const near = snapped(placeAt(cookie, x, y, old.turn), {
      others,
      middles: cookie.sections.map((one) => ({
        x: one.middle.x - cookie.middle.x,
        y: one.middle.y - cookie.middle.y,
      })),
      edges,
      half: (size?.mm ?? 0) / 2,
    });
    shadow = near.place;
    lines = near.lines;
    hand.movePlace(at, nth, () => near.place);
  }

  function resize(mm: number) {
    if (!size) return;
    const halves = Math.round(mm * 2) / 2;
    hand.set(at, size.name, Math.min(size.most, Math.max(size.least, halves)));
  }

  function drop() {
    held = null;
    shadow = null;
    lines = [];
  }

  function keyed(event: KeyboardEvent, nth: number) {
    const by = event.shiftKey ? 0.2 : 1;
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[
      event.key
    ];
    if (way) {
      const [dx = 0, dy = 0] = way;
      const moved = (mm: number) => Math.round(mm * 10) / 10;
      hand.movePlace(at, nth, (place) => ({
        ...place,
        x: moved(place.x + dx * by),
        y: moved(place.y + dy * by),
      }));
    } else if (size && (event.key === "+" || event.key === "-")) {
      resize(size.mm + (event.key === "+" ? 0.5 : -0.5));
    } else if (event.key === "Delete") hand.removePlace(at, nth);
    else return;
    event.preventDefault();
    event.stopPropagation();
  }

  function mirrored(event: KeyboardEvent) {
    if (isPlaced && isShortcut(event, "m")) {
      event.preventDefault();
      hand.mirror(at);
    }
  }
</script>

<svelte:window onkeydown={mirrored} />

<SnapLines {cookie} {unit} {lines} from={shadow} {isMirrored} />
{#each places as place, nth (nth)}
  {@const shown = held?.nth === nth && shadow ? shadow : place}
  {@const x = cookie.middle.x + shown.x}
  {@const y = cookie.middle.y + shown.y}
  <g transform="translate({x} {y})">
    {#if turns}
      <g transform="rotate({shown.turn ?? 0})">
        <line class="arm" y1={-2.2 * unit} y2={-KNOB * unit} stroke-width={0.3 * unit} />
        <circle
          class="knob"
          cy={-KNOB * unit}
          r={1.3 * unit}
          stroke-width={0.4 * unit}
          onpointerdown={(event) => grip(event, nth, "turn")}
          onpointermove={(event) => drag(event, nth)}
          onpointerup={drop}
          onpointercancel={drop}
          role="presentation"
        />
      </g>
    {/if}
    {#if size}
      <!-- As far out as the mark reaches, and not under the hand that moves it. -->
      <circle
        class="knob size"
        cx={Math.max(size.mm / 2, 3.8 * unit)}
        r={1.3 * unit}
        stroke-width={0.4 * unit}
        data-size-of={nth}
        onpointerdown={(event) => grip(event, nth, "size")}
        onpointermove={(event) => drag(event, nth)}
        onpointerup={drop}
        onpointercancel={drop}
        role="presentation"
      />
    {/if}
    <circle
      class="grip"
      class:held={held?.nth === nth}
      r={2.2 * unit}
      stroke-width={0.5 * unit}
      tabindex="0"
      role="button"
      aria-label="mark {nth +
        1}, {shown.x} mm right and {shown.y} mm below the middle; arrows move it{size
        ? ', plus and minus size it'
        : ''}"
      onpointerdown={(event) => grip(event, nth, "place")}
      onpointermove={(event) => drag(event, nth)}
      onpointerup={drop}
      onpointercancel={drop}
      onkeydown={(event) => keyed(event, nth)}
    />
  </g>
{/each}

<style>
  .grip {
    fill: #fbfbf9;
    fill-opacity: 0.35;
    stroke: #a9752a;
    cursor: grab;
    touch-action: none;
  }
  .grip:focus-visible {
    outline: none;
    stroke: #23407a;
    stroke-width: 1.4;
  }
  .grip.held {
    cursor: grabbing;
    fill-opacity: 0.1;
  }
  .knob {
    fill: #fbfbf9;
    stroke: #a9752a;
    cursor: grab;
    touch-action: none;
  }
  .knob.size {
    fill: #a9752a;
    cursor: ew-resize;
  }
  .arm {
    stroke: #a9752a;
  }
</style>
