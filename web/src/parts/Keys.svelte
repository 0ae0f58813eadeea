<script lang="ts">
  import { desks } from "../desk/desks.svelte";
  import { shop } from "../desk/shop.svelte";
  import { addressed, go } from "../router";
  import { STATIONS } from "../stations/stations";
  import Dialog from "./Dialog.svelte";
  import { isBusy } from "./keys";

  let dialog: Dialog;

  function step(event: KeyboardEvent): boolean {
    const key = event.key.toLowerCase();
    if (!(event.ctrlKey || event.metaKey) || (key !== "z" && key !== "y")) return false;
    event.preventDefault();
    const of = desks.open ?? shop;
    void (key === "y" || event.shiftKey ? of.redo() : of.undo());
    return true;
  }

  function pressed(event: KeyboardEvent) {
    // A text field has its own undo; a dialog and a field have their own keys.
    if (isBusy(event) || step(event)) return;
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const order = addressed().order;
    if (event.key === "?") dialog.show();
    else if (event.key === "w") go("/");
    else if (order && /^[1-7]$/.test(event.key)) {
      const station = STATIONS[Number(event.key) - 1];
      if (station) go(`/orders/${order}${station.address}`);
    }
  }

  const keys: [string, string][] = [
    ["w", "the week"],
    ["1 to 7", "the stations of the open order, left to right"],
    ["ctrl+z", "undo; ctrl+shift+z or ctrl+y to redo"],
    ["/", "on Cookie: add a move; type to narrow, arrows and enter pick"],
    ["alt+↑ and ↓", "on Cookie: a move, or a design in the row, earlier or later"],
    ["delete", "on Cookie: take the move off"],
    ["escape", "on Cookie: from a field of a move back to its row"],
    ["alt+← and →", "on Set: a design earlier or later"],
    ["arrows", "on Set: from design to design; in a number: up and down"],
    ["+ and −", "on Set: one cookie more or fewer"],
    ["enter", "on Set: open the design"],
    ["n", "on Week: take an order; on Set: add a design"],
    ["?", "this list"],
  ];
</script>

<svelte:window onkeydown={pressed} />

<Dialog bind:this={dialog} title="Keys">
  <dl>
    {#each keys as [key, does] (key)}
      <dt><kbd>{key}</kbd></dt>
      <dd>{does}</dd>
    {/each}
  </dl>
</Dialog>

<style>
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 8px 16px;
    margin: 16px 0;
  }
  dd {
    margin: 0;
  }
  kbd {
    font: inherit;
    font-weight: 600;
  }
</style>
