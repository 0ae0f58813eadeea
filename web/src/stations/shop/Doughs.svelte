<script lang="ts">
  import { type Settings, shop } from "../../desk/shop.svelte";
  import { reference } from "../../desk/catalogue.svelte";
  import { calmly } from "../../parts/calm";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import TextField from "../../parts/TextField.svelte";
  import { locale } from "../../units/locale.svelte";
  import IngredientRow from "./IngredientRow.svelte";

  // The doughs: which one orders take, what is in each, and how much its cookies spread.
  let { settings }: { settings: Settings } = $props();

  type Recipe = Settings["doughs"][number];
  const MOST = 20;
  let key = $state("");
  let cut = $state<number | null>(80);
  let baked = $state<number | null>(null);
  const at = $derived(
    Math.max(
      0,
      settings.doughs.findIndex((one) => one.key === (key || settings.dough)),
    ),
  );
  const recipe = $derived(settings.doughs[at]);
  const place = $derived(`/settings/doughs/${at}`);
  const spread = $derived(cut && baked ? Math.round((baked / cut - 1) * 1000) / 10 : null);

  function edit(change: (recipe: Recipe) => void, field = "", rests = false) {
    const of = at;
    shop.change(
      (tree) => {
        const one = tree.settings.doughs[of];
        if (one) change(one);
      },
      field && `dough ${of} ${field}`,
      rests,
    );
  }

  function copy() {
    if (!recipe) return;
    const taken = settings.doughs.map((one) => one.key);
    let n = 1;
    while (taken.includes(`dough-${n}`)) n++;
    const added = { ...recipe, key: `dough-${n}`, name: `${recipe.name} of ours`.slice(0, 60) };
    shop.change((tree) => tree.settings.doughs.push($state.snapshot(added) as Recipe));
    key = added.key;
  }

  function putAway() {
    const of = at;
    key = "";
    shop.change((tree) => tree.settings.doughs.splice(of, 1));
  }
</script>

{#if recipe}
  <h2>Doughs</h2>
  <div class="row">
    <Field label="orders are baked from" place="/settings/dough">
      <select
        value={settings.dough}
        onchange={(e) => {
          const usual = e.currentTarget.value;
          shop.change((tree) => (tree.settings.dough = usual));
        }}
      >
        {#each settings.doughs as one (one.key)}<option value={one.key}>{one.name}</option>{/each}
      </select>
    </Field>
    <Field label="open the dough">
      <select value={recipe.key} onchange={(e) => (key = e.currentTarget.value)}>
        {#each settings.doughs as one (one.key)}<option value={one.key}>{one.name}</option>{/each}
      </select>
    </Field>
    <TextField
      label="name of the dough"
      place="{place}/name"
      longest={60}
      value={recipe.name}
      onchange={(name) => edit((one) => (one.name = name), "name", true)}
    />
    <NumberField
      label="its bake-spread"
      unit="%"
      step={0.1}
      least={-10}
      most={25}
      optional
      standIn={String(reference.mean("SPREAD_PERCENT") ?? "")}
      place="{place}/spreadPercent"
      value={recipe.spreadPercent}
      onchange={(percent) => edit((one) => (one.spreadPercent = percent), "spread")}
    />
  </div>
  <div class="row test" role="group" aria-label="Spread test">
    <span>Spread test: bake one, and measure it across.</span>
    <NumberField
      label="cut"
      unit="mm"
      least={10}
      most={300}
      value={cut}
      onchange={(mm) => (cut = mm)}
    />
    <NumberField
      label="came out"
      unit="mm"
      least={5}
      most={400}
      step={0.1}
      optional
      value={baked}
      onchange={(mm) => (baked = mm)}
    />
    {#if spread !== null}
      <span>it spread {locale.short(spread)} %</span>
      {#if spread >= -10 && spread <= 25}
        <Press plain onpress={() => edit((one) => (one.spreadPercent = spread))}
          >This dough spreads so</Press
        >
      {:else}
        <span class="soft">that is no cookie of this cutter: measure again</span>
      {/if}
    {/if}
  </div>
  <ul>
    {#each recipe.ingredients as ingredient, i (i)}
      <IngredientRow
        {ingredient}
        label="of the dough"
        place="{place}/ingredients/{i}"
        onedit={(change, field, rests) =>
          edit(
            (of) => {
              const one = of.ingredients[i];
              if (one) change(one);
            },
            field && `${i} ${field}`,
            rests,
          )}
        onremove={recipe.ingredients.length > 1
          ? () => calmly(() => edit((one) => one.ingredients.splice(i, 1)))
          : null}
      />
    {/each}
  </ul>
  <p class="acts">
    <Press
      plain
      onpress={() =>
        edit((one) =>
          one.ingredients.push({
            name: `ingredient ${one.ingredients.length + 1}`,
            grams: 10,
            pieceGrams: null,
            allergens: [],
            pricePerKg: null,
            packGrams: null,
          }),
        )}>Add to the dough</Press
    >
    <Press plain disabled={settings.doughs.length >= MOST} onpress={copy}
      >Start a new dough from this</Press
    >
    {#if recipe.key !== settings.dough}
      <Press plain onpress={putAway}>Put the dough away</Press>
      <span class="soft">orders that take it take the shop's then</span>
    {/if}
  </p>
{/if}

<style>
  h2 {
    margin-top: 22px;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 18px;
    margin: 8px 0;
  }
  .test {
    align-items: end;
  }
  .test > span {
    min-height: var(--target);
    display: flex;
    align-items: center;
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    margin-top: 10px;
  }
</style>
