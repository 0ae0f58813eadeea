<script lang="ts">
  import { type Snippet, untrack } from "svelte";
  import { mixing } from "../desk/mixing.svelte";
  import { desk } from "../desk/order.svelte";
  import Press from "../parts/Press.svelte";
  import Sheet from "../parts/Sheet.svelte";
  import Thread from "../parts/Thread.svelte";
  import { addressed, route } from "../router";
  import { dayOf, grams, plural, timeOf } from "../units/format";
  import { STATIONS } from "./stations";

  let { children }: { children: Snippet } = $props();

  const id = $derived(Number(addressed().order));
  $effect(() => {
    const wanted = id;
    untrack(() => void desk.open(wanted));
  });

  const here = $derived.by(() => {
    const part = route.pathname.split("/")[3] ?? "";
    return STATIONS.find((s) => s.address === (part ? `/${part}` : ""))?.name ?? "Set";
  });

  const short = $derived(
    mixing.view ? mixing.view.shopping.filter((line) => line.missing > 0).length : null,
  );
  const drawn = $derived(desk.designs.filter((d) => d.document.moves.length > 0).length);
  const states = $derived({
    Set: `${plural(desk.designs.length, "design")} · ${desk.cookies}`,
    Cookie: desk.designs.length ? `${drawn} of ${desk.designs.length} drawn` : "nothing yet",
    Bowls: desk.pour?.pour.bowls.length
      ? `${plural(desk.pour.pour.bowls.length, "bowl")} · ${grams(desk.pour.pour.batches.reduce((g, b) => g + b.madeGrams, 0))} g`
      : "nothing to mix",
    Clock: "later",
    Bench: "later",
    Notebook: "later",
    Shelf: short === null ? "" : short === 0 ? "nothing short" : `${short} short`,
  });
</script>

<svelte:head>
  <title>{desk.details ? `${here}: ${desk.details.name}` : "Kind Thimble"}</title>
</svelte:head>

<div class="frame">
  <header>
    <div class="what">
      <a class="week" href="/">The week</a>
      <h1>{desk.details?.name || (desk.missing ? "Not here" : "…")}</h1>
    </div>
    <Thread order={id} {here} {states} />
    <div class="when">
      {#if desk.order}
        <span class="soft" aria-live="polite">
          {#if desk.unreached}not saved yet{:else if desk.pending}saving{:else}saved · hand-over{/if}
        </span>
        <strong>{dayOf(desk.order.details.handOver)}, {timeOf(desk.order.details.handOver)}</strong>
      {/if}
    </div>
  </header>

  {#if desk.conflict}
    <div class="banner" role="alert">
      <p>{desk.conflict.sentence} What you typed is still here.</p>
      <Press onpress={desk.conflict.keepMine}>Keep mine</Press>
      <Press plain onpress={desk.conflict.takeTheirs}>Take the other</Press>
    </div>
  {/if}
  {#if desk.unreached}
    <div class="banner" role="alert"><p>{desk.unreached}</p></div>
  {/if}

  {#if desk.missing}
    <main class="narrow">
      <Sheet>
        <h2>This order can't be opened</h2>
        <p>{desk.missing} <a href="/">Back to the week</a></p>
      </Sheet>
    </main>
  {:else if desk.order}
    {@render children()}
  {:else}
    <p class="soft" role="status">Fetching the order.</p>
  {/if}
</div>

<style>
  .frame {
    padding: 12px 24px 20px;
    max-width: 1500px;
    margin: 0 auto;
  }
  header {
    display: grid;
    grid-template-columns: minmax(150px, 200px) minmax(0, 1fr) minmax(110px, 150px);
    gap: 16px;
    align-items: start;
    margin-bottom: 10px;
    min-height: 62px;
  }
  .what h1 {
    font-size: 20px;
    overflow-wrap: anywhere;
    display: -webkit-box;
    line-clamp: 2;
    -webkit-line-clamp: 2;
    -webkit-box-orient: vertical;
    overflow: hidden;
  }
  .week {
    font-size: 13px;
  }
  .when {
    text-align: right;
    display: flex;
    flex-direction: column;
  }
  .when strong {
    font-family: var(--heading);
    font-size: 16px;
  }
  .banner {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 12px;
    border: 2px solid var(--tomato);
    border-radius: 14px;
    background: var(--enamel);
    padding: 8px 16px;
    margin-bottom: 12px;
  }
  .banner p {
    flex: 1 1 260px;
  }
  .narrow {
    max-width: 640px;
    margin: 0 auto;
  }
  @media (max-width: 900px) {
    .frame {
      padding: 10px 12px 24px;
    }
    header {
      grid-template-columns: 1fr auto;
    }
    header > :global(nav) {
      grid-column: 1 / -1;
      grid-row: 2;
    }
  }
</style>
