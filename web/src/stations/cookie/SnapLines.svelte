<script lang="ts">
  import type { CookieView, Place } from "../../api/types";
  import type { Snapped } from "./placing";

  // What a mark is drawn to while it is dragged, and the mirror where there is one.
  let {
    cookie,
    unit,
    lines,
    from,
    isMirrored,
  }: {
    cookie: CookieView;
    unit: number;
    lines: Snapped["lines"];
    from: Place | null;
    isMirrored: boolean;
  } = $props();
</script>

{#each lines as line, i (i)}
  {#if line.x !== undefined}
    <line
      class="snap"
      x1={cookie.middle.x + line.x}
      x2={cookie.middle.x + line.x}
      y1={cookie.box.y}
      y2={cookie.box.y + cookie.box.heightMm}
      stroke-width={0.3 * unit}
    />
  {:else if line.to && from}
    <line
      class="snap"
      x1={cookie.middle.x + line.to.x}
      y1={cookie.middle.y + line.to.y}
      x2={cookie.middle.x + from.x}
      y2={cookie.middle.y + from.y}
      stroke-width={0.5 * unit}
    />
  {:else if line.y !== undefined}
    <line
      class="snap"
      y1={cookie.middle.y + line.y}
      y2={cookie.middle.y + line.y}
      x1={cookie.box.x}
      x2={cookie.box.x + cookie.box.widthMm}
      stroke-width={0.3 * unit}
    />
  {/if}
{/each}
{#if isMirrored}
  <line
    class="snap"
    x1={cookie.middle.x}
    x2={cookie.middle.x}
    y1={cookie.box.y}
    y2={cookie.box.y + cookie.box.heightMm}
    stroke-width={0.3 * unit}
  />
{/if}

<style>
  .snap {
    stroke: #a9752a;
    stroke-dasharray: 1.5 1;
    pointer-events: none;
  }
</style>
