<script lang="ts">
  import { untrack } from "svelte";
  import { theDesk } from "../../desk/order.svelte";
  import OneOf from "../../parts/OneOf.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { addressed } from "../../router";
  import { plural } from "../../units/format";
  import BaseSlip from "./BaseSlip.svelte";
  import BowlSlip from "./BowlSlip.svelte";
  import ExtraSlip from "./ExtraSlip.svelte";
  import FamiliesSlip from "./FamiliesSlip.svelte";
  import FewerSlip from "./FewerSlip.svelte";
  import Namesakes from "./Namesakes.svelte";
  import PourList from "./PourList.svelte";
  import PourPicture from "./PourPicture.svelte";
  import PourTable from "./PourTable.svelte";
  import ShoppingList from "./ShoppingList.svelte";
  import StartSlip from "./StartSlip.svelte";
  import TogetherSlip from "./TogetherSlip.svelte";
  import WorkList from "./WorkList.svelte";

  const desk = theDesk();
  const { mixing } = desk;

  // Once mixing has started, the plan that was kept is shown; what changed since stands beside it.
  const shown = $derived((mixing.view?.startedAt && mixing.view.pour) || desk.pour);
  const pour = $derived(shown?.pour);
  const together = $derived([...new Set(shown?.designs.map((d) => d.orderName) ?? [])]);
  let chosen = $state<string | null>(null);
  const behind = $derived(mixing.view !== null && mixing.view.revision !== desk.order?.revision);
  const bowl = $derived(pour?.bowls.find((b) => b.colour === chosen) ?? pour?.bowls[0]);
  const order = $derived(addressed().order);

  const VIEWS = { pour: "Pour", work: "Order of work", shopping: "To buy" };
  let at = $state<keyof typeof VIEWS>("pour");

  $effect(() => {
    // Whenever the plan is another one, all that follows from it is fetched anew.
    const plan = desk.order?.plan;
    untrack(() => (plan?.pour ? mixing.lookSoon() : mixing.forget()));
  });
</script>

<div class="bowls">
  <main>
    <Sheet label="The pour">
      {#if desk.pourTrouble}
        <h2>The pour can't be worked out</h2>
        <p role="alert">{desk.pourTrouble} <a href="/orders/{order}/cookie">Open the designs</a></p>
      {:else if pour && pour.bowls.length > 0}
        <div class="head">
          <h2>{VIEWS[at]}</h2>
          <span class="soft">
            {plural(pour.batches.length, "mix", "mixes")} of base into {plural(
              pour.bowls.length,
              "bowl",
            )}
            and {plural(pour.bags, "bag")}{together.length > 1
              ? `, for ${together.join(" and ")}`
              : ""}
          </span>
          <span class="views">
            <OneOf label="What to see" ways={VIEWS} chosen={at} onchoose={(view) => (at = view)} />
          </span>
        </div>
        <Namesakes of={shown?.namesakes ?? []} />
        <ExtraSlip {pour} />
        {#if at === "pour"}
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
        {:else if !mixing.view}
          <p class="soft" role="status">{mixing.trouble || "Working it out."}</p>
        {:else if at === "work"}
          <WorkList view={mixing.view} />
        {:else}
          <ShoppingList lines={mixing.view.shopping} names={mixing.view.pour.designs} />
        {/if}
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
    {#if bowl && pour && mixing.view}
      <StartSlip view={mixing.view} />
      <div class="beside">
        <FewerSlip view={mixing.view} />
        <FamiliesSlip view={mixing.view} />
        <TogetherSlip view={mixing.view} />
      </div>
    {/if}
  </main>
  <aside>
    <!-- All of it at once: what comes later would push the rest down under the hand. -->
    {#if bowl && pour && shown && (mixing.view || mixing.trouble)}
      <!-- What follows from the pour comes a moment later: until then it is pale, and never passes for the new. -->
      <div class="slip" class:behind aria-busy={behind}>
        <BowlSlip
          {bowl}
          ladder={mixing.view?.ladders[bowl.colour] ?? []}
          tint={mixing.view?.tints[bowl.colour]}
          designs={shown.designs}
        />
      </div>
      <BaseSlip view={shown} />
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
  main {
    display: grid;
    gap: 12px;
  }
  aside {
    display: flex;
    flex-direction: column;
    gap: 12px;
  }
  /* Whatever the words are, what is pressed stays where it was. */
  .head {
    display: grid;
    grid-template-columns: 1fr auto;
    align-items: center;
    gap: 4px 12px;
    margin-bottom: 4px;
  }
  .head .soft {
    grid-column: 1 / -1;
    grid-row: 2;
  }
  @media (max-width: 480px) {
    .views {
      grid-column: 1 / -1;
    }
    .head .soft {
      grid-row: 3;
    }
  }
  .beside {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
    gap: 12px;
    align-items: start;
  }
  .gap {
    margin-top: 8px;
  }
  .behind {
    opacity: 0.55;
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
  /* What she pressed is always in sight. */
  @media (min-width: 1001px) {
    aside {
      position: sticky;
      top: 8px;
      max-height: calc(100vh - 16px);
      overflow-y: auto;
    }
  }
  @media (max-width: 1000px) {
    .bowls {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
