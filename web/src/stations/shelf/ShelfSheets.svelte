<script lang="ts">
  import { onMount, untrack } from "svelte";
  import { answered, api } from "../../api/client";
  import type { GelView, MixingView, ShelfView } from "../../api/types";
  import { reference } from "../../desk/catalogue.svelte";
  import { shop } from "../../desk/shop.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import Gels from "./Gels.svelte";
  import Jars from "./Jars.svelte";
  import Stock from "./Stock.svelte";

  // All that the shelf holds: packets, bottles, jars.
  let { shopping = [], waits = false }: { shopping?: MixingView["shopping"]; waits?: boolean } =
    $props();

  let shelf = $state.raw<ShelfView | null>(null);
  let gels = $state.raw<GelView[] | null>(null);
  let trouble = $state("");
  // Nothing that can be pressed stands there before all of it does: it would move away under the hand.
  const ready = $derived(shelf !== null && gels !== null && shop.view !== null && !waits);

  async function look() {
    try {
      const [jars, bottles] = await Promise.all([
        answered(api.GET("/api/shelf")),
        answered(api.GET("/api/gels")),
        reference.load(),
      ]);
      shelf = jars;
      gels = bottles;
      trouble = "";
    } catch (e) {
      trouble = (e as Error).message;
    }
  }
  onMount(() => void look());

  // Whatever changes of the shop, here or on another device, is looked at anew.
  let seen = shop.view?.revision;
  $effect(() => {
    const now = shop.view?.revision;
    untrack(() => {
      if (seen !== undefined && now !== seen) void look();
      seen = now;
    });
  });
</script>

{#if !ready}
  <p class="soft" role="status">{trouble || "Looking."}</p>
  {#if trouble}<Press plain onpress={() => void look()}>Look again</Press>{/if}
{/if}
<div class="shelf" class:waiting={!ready}>
  <main>
    <Sheet label="Shelf">
      <h2>On the shelf</h2>
      <p class="soft">Write what there is; what an order lacks stands beside it, and in Bowls.</p>
      <Stock {shopping} />
    </Sheet>
    <Gels gels={gels ?? []} {shopping} onchange={look} />
  </main>
  <aside>
    <Jars
      {shelf}
      onchange={(now) => {
        shelf = now;
        void shop.refresh();
      }}
    />
  </aside>
</div>

<style>
  .shelf {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 380px;
    gap: 16px;
    align-items: start;
  }
  main {
    display: grid;
    gap: 12px;
  }
  .waiting {
    visibility: hidden;
  }
  @media (max-width: 1000px) {
    .shelf {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
