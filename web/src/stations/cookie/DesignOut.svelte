<script lang="ts">
  import type { DesignView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import NumberField from "../../parts/NumberField.svelte";

  // A design on paper at true size, pass by pass, or as a file.
  let { design }: { design: DesignView } = $props();

  const desk = theDesk();
  let copies = $state(1);
  let mirrored = $state(false);
  let half = $state(false);
  const print = $derived(`/api/orders/${desk.id}/print`);
  const files = $derived(`/api/orders/${desk.id}/designs/${design.id}`);
  const hasFilm = $derived(design.document.moves.some((move) => move.move === "transfer"));
</script>

<h3>On paper, at true size</h3>
<div class="row">
  <NumberField
    label="copies"
    whole
    value={copies}
    least={1}
    most={60}
    onchange={(n) => n !== null && (copies = n)}
  />
  <label class="check"><input type="checkbox" bind:checked={mirrored} /> mirrored</label>
  <label class="check"><input type="checkbox" bind:checked={half} /> half, to fold</label>
  <a
    class="out"
    target="_blank"
    href="{print}/template.pdf?design={design.id}&copies={copies}&mirrored={mirrored}&half={half}"
    >Template</a
  >
</div>
<p class="soft">
  What the cutter cuts, the cookie as baked, its sections with their passes, and where marks lie,
  with the numbers of placed ones. A bar of 50 mm on each page checks the printer.
</p>
<div class="row">
  {#if hasFilm}
    <a class="out" target="_blank" href="{print}/transfers.pdf?design={design.id}">Under the film</a
    >
  {/if}
  <a class="out" target="_blank" href="{print}/grid.pdf">A grid of 5 mm</a>
  <a class="out" target="_blank" href="{print}/straight-edges.pdf">Straight edges</a>
  <a class="out" target="_blank" href="{print}/frame.pdf">A frame to draw in</a>
  <a class="out" target="_blank" href="{print}/instructions.pdf?design={design.id}">Pass by pass</a>
</div>
<h3>As a file</h3>
<div class="row">
  <a class="out" href="{files}/drawing.svg">SVG drawing</a>
  <a class="out" href="{files}/design.json">Design (JSON)</a>
</div>

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 14px;
    align-items: end;
    margin: 8px 0;
  }
  .check {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: var(--target);
  }
  .out {
    display: inline-flex;
    align-items: center;
    border: 2px solid var(--cobalt);
    border-radius: var(--pill);
    padding: 7px 16px;
    font-weight: 600;
    color: var(--cobalt);
    min-height: var(--target);
    text-decoration: none;
  }
  .soft {
    color: var(--soft);
    font-size: var(--small);
  }
</style>
