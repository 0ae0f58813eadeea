<script lang="ts">
  import type { PourView } from "../../api/types";
  import Sheet from "../../parts/Sheet.svelte";
  import { plural } from "../../units/format";

  let { view }: { view: PourView } = $props();

  const pour = $derived(view.pour);
  const batch = $derived(pour.batches[0]);
  const one = (g: number) => g.toLocaleString("en", { maximumFractionDigits: 1 });
</script>

<Sheet label="Base to make">
  <h2>{view.recipe} base</h2>
  {#if batch}
    <p class="soft">
      {pour.batches.length > 1
        ? `${plural(pour.batches.length, "batch", "batches")}, for each`
        : "one batch"} weigh
    </p>
    <dl>
      {#each batch.weighed as weighed (weighed.ingredient)}
        <dt>{weighed.ingredient}</dt>
        <dd>{one(weighed.grams)} g</dd>
      {/each}
      <dt class="sum">makes</dt>
      <dd class="sum">{one(batch.madeGrams)} g</dd>
    </dl>
  {/if}
  {#if pour.batchCaution}<p class="caution">{pour.batchCaution}</p>{/if}
  <p class="soft balance">
    Goes in {one(pour.balance.inGrams)} g = on cookies {one(pour.balance.cookiesGrams)} + spare {one(
      pour.balance.spareGrams,
    )} + kept by bags, bowls and mixer {one(pour.balance.keptGrams)} + surplus of rounding up {one(
      pour.balance.surplusGrams,
    )}
  </p>
</Sheet>

<style>
  h2 {
    font-size: 17px;
  }
  dl {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 4px 12px;
    margin: 8px 0;
  }
  dd {
    margin: 0;
    text-align: right;
    font-family: var(--heading);
    font-weight: 700;
    font-size: 18px;
  }
  .sum {
    color: var(--soft);
    font-size: 13px;
    font-weight: 400;
    font-family: var(--text);
  }
  .caution {
    color: var(--brass);
    font-size: 13px;
  }
  .balance {
    border-top: 1px solid var(--line);
    padding-top: 8px;
    margin-top: 6px;
  }
</style>
