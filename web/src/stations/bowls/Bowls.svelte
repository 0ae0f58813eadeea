<script lang="ts">
  import { desk } from "../../desk/order.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { addressed } from "../../router";
  import { plural } from "../../units/format";
  import BaseSlip from "./BaseSlip.svelte";
  import BowlSlip from "./BowlSlip.svelte";
  import ExtraSlip from "./ExtraSlip.svelte";
  import PourList from "./PourList.svelte";
  import PourPicture from "./PourPicture.svelte";
  import PourTable from "./PourTable.svelte";

  const pour = $derived(desk.pour?.pour);
  let chosen = $state<string | null>(null);
  const bowl = $derived(pour?.bowls.find((b) => b.colour === chosen) ?? pour?.bowls[0]);
  const order = $derived(addressed().order);
</script>

<div class="bowls">
  <main>
    <Sheet label="The pour">
      {#if desk.pourTrouble}
        <h2>The pour can't be worked out</h2>
        <p role="alert">{desk.pourTrouble} <a href="/orders/{order}/cookie">Open the designs</a></p>
      {:else if pour && pour.bowls.length > 0}
        <div class="head">
          <h2>Pour</h2>
          <span class="soft">
            {plural(pour.batches.length, "mix", "mixes")} of base into {plural(
              pour.bowls.length,
              "bowl",
            )}
            and {plural(pour.bags, "bag")}
          </span>
        </div>
        <div class="wide">
          <PourPicture
            {pour}
            chosen={bowl?.colour ?? ""}
            onchoose={(colour) => (chosen = colour)}
          />
        </div>
        <div class="narrow">
          <PourList {pour} chosen={bowl?.colour ?? ""} onchoose={(colour) => (chosen = colour)} />
        </div>
        <PourTable {pour} />
      {:else if pour}
        <h2>Nothing to mix yet</h2>
        <p class="gap">
          {#if desk.designs.length === 0}
            This order has no design. <a href="/orders/{order}">Add one on Set</a>
          {:else}
            Its designs carry no icing. <a href="/orders/{order}/cookie">Add moves on Cookie</a>
          {/if}
        </p>
      {:else}
        <p class="soft" role="status">Working it out.</p>
      {/if}
    </Sheet>
  </main>
  <aside>
    {#if bowl && pour && desk.pour}
      <BowlSlip {bowl} />
      <BaseSlip view={desk.pour} />
      <ExtraSlip {pour} />
    {/if}
  </aside>
</div>

<style>
  .bowls {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 330px;
    gap: 16px;
    align-items: start;
  }
  aside {
    display: flex;
    flex-direction: column;
    gap: 12px;
  }
  .head {
    display: flex;
    align-items: baseline;
    gap: 12px;
  }
  .gap {
    margin-top: 8px;
  }
  .narrow {
    display: none;
  }
  @media (max-width: 700px) {
    .wide {
      display: none;
    }
    .narrow {
      display: block;
    }
  }
  @media (max-width: 1000px) {
    .bowls {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
