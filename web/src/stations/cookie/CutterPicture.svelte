<script lang="ts">
  import { reference } from "../../desk/catalogue.svelte";

  // A cutter's form as dough, all of them at one scale; one of the shop's own as large as it fits.
  let {
    word = "",
    path = "",
    size = 46,
  }: { word?: string; path?: string; size?: number } = $props();

  const REACH_MM = 62;
  let drawn = $state<SVGPathElement>();
  let reach = $state(REACH_MM);
  let middle = $state({ x: 0, y: 0 });

  $effect(() => {
    if (!path || !drawn) return;
    const box = drawn.getBBox();
    reach = Math.max(box.width, box.height) * 0.54 || REACH_MM;
    middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  });
</script>

<svg
  viewBox="{middle.x - reach} {middle.y - reach} {2 * reach} {2 * reach}"
  width={size}
  height={size}
  aria-hidden="true"
>
  <path
    bind:this={drawn}
    d={path || (reference.catalogue?.cuttersDrawn[word] ?? "")}
    fill="#DDB98A"
    stroke="#B98D56"
    stroke-width={reach / 25}
    fill-rule="evenodd"
  />
</svg>
