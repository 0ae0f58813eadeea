<script lang="ts">
  import { onMount, untrack } from "svelte";
  import { theDesk } from "../../desk/order.svelte";
  import { shop } from "../../desk/shop.svelte";
  import { providePaper } from "../../parts/placed";
  import ShelfSheets from "./ShelfSheets.svelte";

  // The shelf with the eyes of an order: what it lacks stands beside what there is.
  const desk = theDesk();
  const { mixing } = desk;
  providePaper(shop.paper);

  $effect(() => {
    if (desk.pour) untrack(() => void mixing.look());
  });

  onMount(() => () => shop.paper.flush());
</script>

<ShelfSheets
  shopping={mixing.view?.shopping ?? []}
  waits={desk.pour !== null && mixing.view === null && mixing.trouble === ""}
/>
