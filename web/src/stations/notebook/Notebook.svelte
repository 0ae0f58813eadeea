<script lang="ts">
  import { theDesk } from "../../desk/order.svelte";
  import NotebookSheets from "./NotebookSheets.svelte";

  // The notebook with the eyes of an order: what this one has taught stands first.
  const desk = theDesk();
</script>

<NotebookSheets order={desk.id} />
