<script lang="ts">
  import { answered, api } from "../../api/client";
  import type { BaseRecipe } from "../../api/types";
  import { reference } from "../../desk/catalogue.svelte";
  import { inside } from "../../desk/places";
  import { shop } from "../../desk/shop.svelte";
  import { toast } from "../../desk/toast.svelte";
  import { calmly } from "../../parts/calm";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import TextField from "../../parts/TextField.svelte";
  import IngredientRow from "./IngredientRow.svelte";

  // The base recipes: which one orders take, and what is in each. What is changed is stored at once, and every order with it follows.
  let { usual, onusual }: { usual: string; onusual: (key: string) => void } = $props();

  let key = $state("");
  const recipe = $derived(
    reference.recipes.find((r) => r.key === (key || usual)) ?? reference.recipes[0],
  );
  const place = $derived(inside("/recipes", recipe?.key ?? ""));
  const ofHouse = $derived(reference.catalogue?.houseRecipes.includes(recipe?.key ?? "") ?? true);

  function edit(change: (recipe: BaseRecipe) => void, field = "", rests = false) {
    const of = recipe?.key ?? "";
    shop.change(
      (tree) => {
        const one = tree.recipes[of];
        if (one) change(one);
      },
      field && `recipe ${of} ${field}`,
      rests,
    );
  }

  async function act(call: () => Promise<BaseRecipe>, sentence: string): Promise<boolean> {
    await shop.paper.settled();
    try {
      const done = await call();
      await shop.refresh();
      key = done.key;
      if (sentence) toast.say(sentence);
      return true;
    } catch (e) {
      toast.say((e as Error).message);
      return false;
    }
  }

  async function takeBack() {
    if (!recipe) return;
    const away = { params: { path: { recipe: recipe.key } } };
    const { name } = recipe;
    const isHouse = ofHouse;
    const done = await act(
      () => answered(api.DELETE("/api/recipes/{recipe}", away)),
      isHouse ? "The house recipe stands again." : "",
    );
    if (!done || isHouse) return;
    key = usual;
    toast.say(`${name} is put away. Orders that take it keep it.`, {
      word: "Bring it back",
      run: () =>
        void act(() => answered(api.POST("/api/recipes/{recipe}/restore", away)), "It is back."),
    });
  }

  function copy() {
    if (!recipe) return;
    const body = { ...recipe, key: "", name: `${recipe.name} of ours`.slice(0, 60) };
    void act(
      () => answered(api.POST("/api/recipes", { body })),
      "This one is the shop's own: change what you like.",
    );
  }

  function addIngredient() {
    edit((r) =>
      r.ingredients.push({
        name: "new ingredient",
        role: "FLAVOUR",
        grams: 5,
        pieceGrams: null,
        gramsPerCup: null,
        allergens: [],
        pricePerKg: null,
        packGrams: null,
      }),
    );
  }
</script>

{#if recipe}
  <h2>Base recipes</h2>
  <div class="row">
    <Field label="orders take" place="/settings/recipe">
      <select value={usual} onchange={(e) => onusual(e.currentTarget.value)}>
        {#each reference.recipes as r (r.key)}<option value={r.key}>{r.name}</option>{/each}
      </select>
    </Field>
    <Field label="look into">
      <select value={recipe.key} onchange={(e) => (key = e.currentTarget.value)}>
        {#each reference.recipes as r (r.key)}<option value={r.key}>{r.name}</option>{/each}
      </select>
    </Field>
    <TextField
      label="called"
      place="{place}/name"
      longest={60}
      value={recipe.name}
      onchange={(name) => edit((r) => (r.name = name), "name", true)}
    />
    <NumberField
      label="counts by itself"
      unit="s"
      place="{place}/curve/ownCountSeconds"
      value={recipe.curve.ownCountSeconds}
      onchange={(s) => s !== null && edit((r) => (r.curve.ownCountSeconds = s), "count")}
    />
    <NumberField
      label="thinned per g of water"
      step={0.01}
      place="{place}/curve/perGram"
      value={recipe.curve.perGram}
      onchange={(b) => b !== null && edit((r) => (r.curve.perGram = b), "thinned")}
    />
  </div>
  <ul>
    {#each recipe.ingredients as ingredient, i (i)}
      <IngredientRow
        {ingredient}
        place="{place}/ingredients/{i}"
        onedit={(change, field, rests) =>
          edit(
            (r) => {
              const one = r.ingredients[i];
              if (one) change(one);
            },
            field && `${i} ${field}`,
            rests,
          )}
        onremove={() => calmly(() => edit((r) => r.ingredients.splice(i, 1)))}
      />
    {/each}
  </ul>
  <p class="acts">
    <Press plain onpress={addIngredient}>Add an ingredient</Press>
    <Press plain onpress={copy}>Start a new one from this</Press>
    <Press plain disabled={recipe.key === usual && !ofHouse} onpress={() => void takeBack()}
      >{ofHouse ? "Back to the house's" : "Put it away"}</Press
    >
    {#if recipe.key === usual && !ofHouse}
      <span class="soft">orders take it: let them take another one before you put it away</span>
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
