<script lang="ts">
  import type { DesignView } from "../../api/types";
  import { keepInLibrary } from "../../desk/library";
  import { theDesk } from "../../desk/order.svelte";
  import Dialog from "../../parts/Dialog.svelte";
  import { go } from "../../router";
  import DesignOut from "./DesignOut.svelte";
  import Recolour from "./Recolour.svelte";

  const desk = theDesk();

  // What can be done with a design as a whole.
  let { design }: { design: DesignView } = $props();

  let colours: Dialog;
  let out: Dialog;

  async function copy() {
    const id = await desk.duplicateDesign(design.id);
    if (id !== null) go(`/orders/${desk.id}/cookie/${id}`);
  }
</script>

<span class="acts">
  <button onclick={copy}>duplicate</button>
  <button onclick={() => colours.show()}>other colours</button>
  <button onclick={() => out.show()}>print, or save as a file</button>
  {#if design.document.moves.some((move) => move.move === "drawing")}
    <a href="/orders/{desk.id}/drawing/{design.id}">read its drawing again</a>
  {/if}
  <button onclick={() => keepInLibrary(desk, design.id)}>keep in the library</button>
</span>

<Dialog bind:this={colours} title="{design.document.name} in other colours">
  <Recolour {design} />
</Dialog>

<Dialog bind:this={out} title="{design.document.name}: print, or save">
  <DesignOut {design} />
</Dialog>

<style>
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0 4px;
  }
  a {
    display: inline-flex;
    align-items: center;
  }
  a,
  button {
    border: 0;
    background: none;
    color: var(--cobalt);
    text-decoration: underline;
    font-size: var(--small);
    padding: 4px 6px;
    cursor: pointer;
    min-height: var(--target);
  }
</style>
