<script lang="ts">
  import Sheet from "../../parts/Sheet.svelte";
  import { addressed } from "../../router";

  const order = $derived(addressed().order);
</script>

<svelte:head><title>Kind Thimble</title></svelte:head>

<main class:alone={!order}>
  <Sheet label="Nothing here">
    <svelte:element this={order ? "h2" : "h1"}>There is nothing at this address</svelte:element>
    <p>The order or page may have moved. <a href="/">Back to the week</a></p>
  </Sheet>
</main>

<style>
  main {
    max-width: 640px;
    margin: 0 auto;
  }
  .alone {
    padding: 40px 24px;
  }
  p {
    margin-top: 12px;
  }
</style>
