<script lang="ts">
  import type { DrawnShape } from "../../api/types";
  import { fixed } from "../../units/format";
  import type { Drawn } from "./drawn.svelte";

  // The drawing as it was read, with its height beside it. Press a shape to see what becomes of it.
  let {
    drawn,
    chosen,
    onchoose,
    onpoint,
    points,
  }: {
    drawn: Drawn;
    chosen: string[];
    onchoose: (shape: DrawnShape) => void;
    /** Given while two points are pressed for the scale. */
    onpoint?: (point: { x: number; y: number }) => void;
    points: { x: number; y: number }[];
  } = $props();

  const preview = $derived(drawn.preview);
  let svg = $state<SVGSVGElement>();

  function pressed(event: MouseEvent) {
    if (!onpoint || !preview || !svg) return;
    const box = svg.getBoundingClientRect();
    onpoint({
      x: ((event.clientX - box.left) / box.width) * preview.widthMm,
      y: ((event.clientY - box.top) / box.height) * preview.heightMm,
    });
  }
</script>

{#if preview}
  <div class="measured">
    <span class="height" aria-hidden="true"><span>{fixed(preview.heightMm, 0)} mm</span></span>
    <!-- The rows beside it do the same by key. -->
    <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
    <svg
      bind:this={svg}
      viewBox="0 0 {preview.widthMm} {preview.heightMm}"
      role="img"
      aria-label="The drawing as it was read"
      class:pointing={onpoint}
      style:aspect-ratio="{preview.widthMm} / {preview.heightMm}"
      onclick={pressed}
    >
      {#each preview.regions as shape (shape.id)}
        {@const out = drawn.becomes(shape) === "left out"}
        <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
        <path
          d={shape.path}
          fill={shape.colour}
          fill-rule="evenodd"
          class:out
          class:chosen={chosen.includes(shape.id)}
          onclick={() => !onpoint && onchoose(shape)}
        >
          <title>{shape.why}</title>
        </path>
      {/each}
      {#each points as point, i (i)}
        <circle class="point" cx={point.x} cy={point.y} r={preview.heightMm / 90} />
      {/each}
      {#if points.length === 2 && points[0] && points[1]}
        <line class="span" x1={points[0].x} y1={points[0].y} x2={points[1].x} y2={points[1].y} />
      {/if}
    </svg>
  </div>
{/if}

<style>
  .measured {
    display: grid;
    grid-template-columns: 30px minmax(0, 1fr);
    gap: 8px;
    justify-items: center;
  }
  .height {
    align-self: stretch;
    border-right: 1.5px solid var(--ink);
    width: 100%;
    display: grid;
    place-items: center;
  }
  .height span {
    writing-mode: vertical-rl;
    rotate: 180deg;
    white-space: nowrap;
  }
  svg {
    max-width: 100%;
    max-height: 440px;
    background: var(--tray);
  }
  .pointing {
    cursor: crosshair;
  }
  path {
    cursor: pointer;
    stroke: transparent;
    vector-effect: non-scaling-stroke;
    stroke-width: 3;
  }
  .pointing path {
    cursor: inherit;
  }
  path:hover {
    stroke: var(--cobalt);
  }
  path.chosen {
    stroke: var(--cobalt);
    stroke-dasharray: 5 3;
  }
  path.out {
    opacity: 0.16;
  }
  .point {
    fill: var(--tomato);
    stroke: var(--paper);
    vector-effect: non-scaling-stroke;
  }
  .span {
    stroke: var(--tomato);
    stroke-width: 2;
    vector-effect: non-scaling-stroke;
  }
</style>
