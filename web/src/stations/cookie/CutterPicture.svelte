<script lang="ts">
  import { reference } from "../../desk/catalogue.svelte";

  // A cutter's form as dough, all of them at one scale.
  let { word, size = 46 }: { word: string; size?: number } = $props();

  const REACH_MM = 62;
</script>

<svg
  viewBox="{-REACH_MM} {-REACH_MM} {2 * REACH_MM} {2 * REACH_MM}"
  width={size}
  height={size}
  aria-hidden="true"
>
  <path
    d={reference.catalogue?.cuttersDrawn[word] ?? ""}
    fill="#DDB98A"
    stroke="#B98D56"
    stroke-width="2.5"
    fill-rule="evenodd"
  />
</svg>
