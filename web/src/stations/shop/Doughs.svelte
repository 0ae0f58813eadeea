<script lang="ts">
  import { type Settings, shop } from "../../desk/shop.svelte";
  import { reference } from "../../desk/catalogue.svelte";
  import { calmly } from "../../parts/calm";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import TextField from "../../parts/TextField.svelte";
  import { locale } from "../../units/locale.svelte";

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
  const AMOUNTS = $derived([
    { name: "grams", word: "grams", optional: false },
    { name: "pieceGrams", word: "g a whole one", optional: true },
    { name: "pricePerKg", word: `${locale.sign} a kg`, optional: true },
    { name: "packGrams", word: "g a pack", optional: true },
  ] as const);

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
      <li>
        <TextField
          label="of the dough"
          place="{place}/ingredients/{i}/name"
          longest={60}
          value={ingredient.name}
          onchange={(name) =>
            edit(
              (one) => one.ingredients[i] && (one.ingredients[i].name = name),
              `${i} name`,
              true,
            )}
        />
        {#each AMOUNTS as amount (amount.name)}
          <NumberField
            label={amount.word}
            place="{place}/ingredients/{i}/{amount.name}"
            value={ingredient[amount.name]}
            optional={amount.optional}
            least={0}
            most={100_000}
            onchange={(n) =>
              edit(
                (one) =>
                  one.ingredients[i] && ((one.ingredients[i][amount.name] as number | null) = n),
                `${i} ${amount.name}`,
              )}
          />
        {/each}
        <TextField
          label="allergens"
          place="{place}/ingredients/{i}/allergens"
          longest={200}
          value={ingredient.allergens.join(", ")}
          onchange={(text) =>
            edit(
              (one) =>
                one.ingredients[i] &&
                (one.ingredients[i].allergens = text
                  .split(",")
                  .map((word) => word.trim())
                  .filter(Boolean)),
              `${i} allergens`,
              true,
            )}
        />
        {#if recipe.ingredients.length > 1}
          <button
            aria-label="Leave {ingredient.name} out"
            onclick={() => calmly(() => edit((one) => one.ingredients.splice(i, 1)))}>×</button
          >
        {/if}
      </li>
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
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 6px 12px;
    padding: 8px 0;
    border-top: 1px solid var(--line);
  }
  li button {
    width: 44px;
    height: 44px;
    border: 0;
    border-radius: 50%;
    background: none;
    color: var(--soft);
    font-size: 18px;
    cursor: pointer;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    margin-top: 10px;
  }
</style>
