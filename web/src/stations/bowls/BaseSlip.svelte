<script lang="ts">
  import type { PourView } from "../../api/types";
  import { reference } from "../../desk/catalogue.svelte";
  import { theDesk } from "../../desk/order.svelte";
  import Field from "../../parts/Field.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { fixed, plural, said } from "../../units/format";
  import { sorts } from "./batches";
  import { locale } from "../../units/locale.svelte";

  const desk = theDesk();

  let { view }: { view: PourView } = $props();

  const pour = $derived(view.pour);
  const batch = $derived(pour.batches[0]);
  const made = $derived(pour.batches.reduce((g, b) => g + b.madeGrams, 0));
  const kinds = $derived(sorts(pour.batches));
  const spoons = $derived(locale.isUs);
  const eggs = $derived(
    pour.batches.reduce(
      (n, b) =>
        n + b.weighed.filter((w) => w.role === "EGG_WHITE").reduce((k, w) => k + w.pieces, 0),
      0,
    ),
  );
  type Filling = NonNullable<typeof desk.details>["filling"];
  const one = (g: number) => fixed(g, Math.abs(g - Math.round(g)) < 0.05 ? 0 : 1);
</script>

<Sheet label="Base to make">
  <div class="choose">
    <Field label="base">
      <select
        aria-label="base"
        value={desk.details?.recipe ?? ""}
        onchange={(e) => {
          const key = e.currentTarget.value || null;
          desk.editDetails((d) => (d.recipe = key as string));
        }}
      >
        <option value="">the shop's base</option>
        {#each reference.recipes as recipe (recipe.key)}
          <option value={recipe.key}>{recipe.name}</option>
        {/each}
      </select>
    </Field>
    <Field label="filled by">
      <select
        aria-label="filled by"
        value={desk.details?.filling ?? ""}
        onchange={(e) => {
          const filling = (e.currentTarget.value || null) as Filling;
          desk.editDetails((d) => (d.filling = filling));
        }}
      >
        <option value="">the shop's way</option>
        {#each reference.catalogue?.fillings ?? [] as filling (filling)}
          <option value={filling}>{said(filling)}</option>
        {/each}
      </select>
    </Field>
  </div>
  {#if batch}
    <h2>{view.recipe}</h2>
    {#each kinds as kind (kind.batch.madeGrams)}
      <p class="soft">
        {kind.times > 1 ? `${plural(kind.times, "batch", "batches")}, for each` : "for one batch"} weigh
      </p>
      <dl>
        {#each kind.batch.weighed as weighed (weighed.ingredient)}
          <dt>{weighed.ingredient}</dt>
          <dd>
            {weighed.pieces > 0 ? `${weighed.pieces} = ` : ""}{one(weighed.grams)} g
            {#if spoons && weighed.cups >= 0.1}<span class="cups"
                >{fixed(weighed.cups, 2)} cups</span
              >{/if}
          </dd>
        {/each}
        <dt class="sum">makes</dt>
        <dd class="sum">{one(kind.batch.madeGrams)} g</dd>
      </dl>
    {/each}
    {#if pour.batches.length > 1}<p class="soft">{one(made)} g in all</p>{/if}
  {/if}
  {#if eggs > 0}<p class="soft">Keep the {plural(eggs, "yolk")}: curd or custard.</p>{/if}
  {#if view.caution}<p class="soft">{view.caution}</p>{/if}
  {#if pour.batchCaution}<p class="caution">{pour.batchCaution}</p>{/if}
  <p class="soft balance">
    Goes in {one(pour.balance.inGrams)} g{pour.balance.jarsGrams > 0
      ? `, ${one(pour.balance.jarsGrams)} of it from jars`
      : ""} = on cookies {one(pour.balance.cookiesGrams)} + spare {one(pour.balance.spareGrams)} + kept
    by bags, bowls, scrapers and mixer {one(pour.balance.keptGrams)} + surplus of rounding up {one(
      pour.balance.surplusGrams,
    )}
  </p>
</Sheet>

<style>
  .choose {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 10px;
    margin-bottom: 8px;
  }
  .choose select {
    width: 100%;
  }
  .cups {
    display: block;
    font-size: var(--least);
    font-weight: 400;
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
    font-size: var(--small);
    font-weight: 400;
    font-family: var(--text);
  }
  .caution {
    color: var(--brass);
    font-size: var(--small);
  }
  .balance {
    border-top: 1px solid var(--line);
    padding-top: 8px;
    margin-top: 6px;
  }
</style>
