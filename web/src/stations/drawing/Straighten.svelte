<script lang="ts">
  import { findCorners, type LiesOn } from "../../desk/drawings";

  // A photo with four handles on the corners of the sheet that is seen in it.
  let {
    picture,
    on,
    corners,
    onmove,
  }: {
    picture: File;
    on: LiesOn;
    /** x and y of top left, top right, bottom right, bottom left, as shares of the picture. */
    corners: number[];
    onmove: (corners: number[]) => void;
  } = $props();

  const NAMES = ["top left", "top right", "bottom right", "bottom left"];
  const INSET = 0.1;
  const SOMEWHERE = [INSET, INSET, 1 - INSET, INSET, 1 - INSET, 1 - INSET, INSET, 1 - INSET];
  const STEP = 0.002;

  const LONGEST = 1100;

  let canvas = $state<HTMLCanvasElement>();
  let frame = $state<HTMLElement>();
  let said = $state("");
  let held = $state(-1);

  // Painted, not linked to: nothing but what the application serves may be linked.
  $effect(() => {
    const on = canvas;
    if (!on) return;
    createImageBitmap(picture, { imageOrientation: "from-image" })
      .then((bitmap) => {
        const scale = Math.min(1, LONGEST / Math.max(bitmap.width, bitmap.height));
        on.width = Math.round(bitmap.width * scale);
        on.height = Math.round(bitmap.height * scale);
        on.getContext("2d")?.drawImage(bitmap, 0, 0, on.width, on.height);
        bitmap.close();
      })
      .catch(() => undefined);
  });

  // Where they seem to be; what she has moved already stays.
  $effect(() => {
    if (corners.length === 8) return;
    let isWanted = true;
    said = "Looking for the corners …";
    findCorners(picture, on)
      .then((found) => {
        if (!isWanted) return;
        said =
          found.length === 8
            ? "Are these the corners? Move those that are not."
            : "The corners were not made out. Put each where the sheet has it.";
        onmove(found.length === 8 ? found : SOMEWHERE);
      })
      .catch((e: Error) => {
        if (!isWanted) return;
        said = e.message;
        onmove(SOMEWHERE);
      });
    return () => (isWanted = false);
  });

  function put(i: number, x: number, y: number) {
    const moved = [...corners];
    moved[2 * i] = Math.min(1.2, Math.max(-0.2, x));
    moved[2 * i + 1] = Math.min(1.2, Math.max(-0.2, y));
    onmove(moved);
  }

  function dragged(event: PointerEvent) {
    if (held < 0 || !frame) return;
    const box = frame.getBoundingClientRect();
    put(held, (event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
  }

  function keyed(event: KeyboardEvent, i: number) {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[
      event.key
    ];
    if (!by) return;
    event.preventDefault();
    const step = event.shiftKey ? 10 * STEP : STEP;
    put(
      i,
      (corners[2 * i] ?? 0) + step * (by[0] ?? 0),
      (corners[2 * i + 1] ?? 0) + step * (by[1] ?? 0),
    );
  }

  const points = $derived(
    [0, 1, 2, 3].map((i) => `${100 * (corners[2 * i] ?? 0)},${100 * (corners[2 * i + 1] ?? 0)}`),
  );
</script>

<p class="soft" role="status">{said}</p>
<div class="photo" bind:this={frame}>
  <canvas bind:this={canvas} aria-label="What was photographed"></canvas>
  {#if corners.length === 8}
    <svg viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
      <polygon points={points.join(" ")} />
    </svg>
    {#each NAMES as name, i (name)}
      <button
        class="corner"
        style:left="{100 * (corners[2 * i] ?? 0)}%"
        style:top="{100 * (corners[2 * i + 1] ?? 0)}%"
        aria-label="{name} corner: drag it, or move it with the arrow keys"
        onpointerdown={(e) => {
          held = i;
          e.currentTarget.setPointerCapture(e.pointerId);
        }}
        onpointermove={dragged}
        onpointerup={() => (held = -1)}
        onpointercancel={() => (held = -1)}
        onkeydown={(e) => keyed(e, i)}
      ></button>
    {/each}
  {/if}
</div>

<style>
  .soft {
    color: var(--soft);
    font-size: var(--small);
    margin: 8px 0 4px;
  }
  .photo {
    position: relative;
    display: inline-block;
    max-width: 100%;
    margin: 12px;
    touch-action: none;
  }
  canvas {
    display: block;
    max-width: 100%;
    max-height: 420px;
  }
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    overflow: visible;
    pointer-events: none;
  }
  polygon {
    fill: none;
    stroke: var(--cobalt);
    stroke-width: 2.5;
    vector-effect: non-scaling-stroke;
    stroke-dasharray: 6 4;
  }
  .corner {
    position: absolute;
    width: 44px;
    height: 44px;
    translate: -50% -50%;
    border: 0;
    border-radius: 50%;
    background: radial-gradient(
      circle,
      var(--tomato) 0 3px,
      transparent 3px 13px,
      var(--paper) 13px 15px,
      var(--cobalt) 15px 18px,
      transparent 18px
    );
    cursor: grab;
    touch-action: none;
  }
  .corner:active {
    cursor: grabbing;
  }
</style>
