<script lang="ts">
  import ShopFrame from "../ShopFrame.svelte";
  import ShelfSheets from "./ShelfSheets.svelte";
</script>

<ShopFrame title="The shelf"><ShelfSheets /></ShopFrame>
