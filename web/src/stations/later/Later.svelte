<script lang="ts">
  import Sheet from "../../parts/Sheet.svelte";
  import { addressed } from "../../router";
  import { LATER } from "../stations";

  const order = $derived(addressed().order);
  const station = $derived(addressed().station ?? "");
  const later = $derived(LATER[station]);
  const address = $derived(
    later?.address === "shop" ? "/shop" : `/orders/${order}${later?.address}`,
  );
</script>

<svelte:head><title>Kind Thimble</title></svelte:head>

<main class:alone={!order}>
  <Sheet label={station || "Nothing here"}>
    {#if later}
      <h2>{station.charAt(0).toUpperCase() + station.slice(1)}</h2>
      <p>{later.will}</p>
      <p>{later.meanwhile} <a href={address}>Go there</a></p>
    {:else}
      <svelte:element this={order ? "h2" : "h1"}>There is nothing at this address</svelte:element>
      <p>The order or page may have moved. <a href="/">Back to the week</a></p>
    {/if}
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
