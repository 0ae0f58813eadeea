<script lang="ts">
  import ShopFrame from "../ShopFrame.svelte";
  import NotebookSheets from "./NotebookSheets.svelte";
</script>

<ShopFrame title="The notebook"><NotebookSheets /></ShopFrame>
