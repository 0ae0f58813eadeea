<script lang="ts">
  import { answered, api, Refusal } from "../../api/client";
  import type { BaseRecipe } from "../../api/types";
  import { reference } from "../../desk/catalogue.svelte";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import { toast } from "../../desk/toast.svelte";
  import { said } from "../../units/format";

  // The base recipes: which one orders take, and what is in each.
  let { usual, onusual }: { usual: string; onusual: (key: string) => void } = $props();

  let key = $state("");
  const stored = $derived(
    reference.recipes.find((r) => r.key === (key || usual)) ?? reference.recipes[0],
  );
  let draft = $state.raw<BaseRecipe | null>(null);
  const recipe = $derived(draft ?? stored);
  let trouble = $state<{ field: string; detail: string } | null>(null);
  let saidLast = $state("");

  const PARTS = ["SUGAR", "WATER", "FLAVOUR", "EGG_WHITE", "POWDER", "MIX"] as const;

  function edit(change: (recipe: BaseRecipe) => void) {
    if (!recipe) return;
    const copy = structuredClone($state.snapshot(recipe)) as BaseRecipe;
    change(copy);
    draft = copy;
    saidLast = "";
  }

  async function act(call: () => Promise<BaseRecipe>, sentence: string) {
    try {
      const done = await call();
      await reference.load();
      key = done.key;
      draft = null;
      trouble = null;
      saidLast = sentence;
    } catch (e) {
      trouble = e instanceof Refusal ? e.problem : { field: "", detail: (e as Error).message };
    }
  }

  const ofHouse = $derived(reference.catalogue?.houseRecipes.includes(recipe?.key ?? "") ?? true);

  async function takeBack() {
    if (!recipe) return;
    const away = { params: { path: { recipe: recipe.key } } };
    const { name } = recipe;
    await act(
      () => answered(api.DELETE("/api/recipes/{recipe}", away)),
      ofHouse ? "the house recipe stands again" : "",
    );
    if (!ofHouse || trouble) return;
    key = usual;
    toast.say(`${name} is put away. Orders that take it keep it.`, {
      word: "Bring it back",
      run: () => act(() => answered(api.POST("/api/recipes/{recipe}/restore", away)), "it is back"),
    });
  }

  const save = (asNew: boolean) =>
    act(
      () =>
        answered(
          api.PUT("/api/recipes", {
            body: asNew
              ? { ...(recipe as BaseRecipe), key: "", name: `${recipe?.name} of ours` }
              : (recipe as BaseRecipe),
          }),
        ),
      "saved; every order with this base follows",
    );
</script>

{#if recipe}
  <h2>Base recipes</h2>
  <div class="row">
    <Field label="orders take">
      <select value={usual} onchange={(e) => onusual(e.currentTarget.value)}>
        {#each reference.recipes as r (r.key)}<option value={r.key}>{r.name}</option>{/each}
      </select>
    </Field>
    <Field label="look into">
      <select
        value={recipe.key}
        onchange={(e) => {
          key = e.currentTarget.value;
          draft = null;
          trouble = null;
        }}
      >
        {#each reference.recipes as r (r.key)}<option value={r.key}>{r.name}</option>{/each}
      </select>
    </Field>
    <Field label="called">
      <input
        value={recipe.name}
        maxlength="60"
        autocomplete="off"
        oninput={(e) => {
          const name = e.currentTarget.value;
          edit((r) => (r.name = name));
        }}
      />
    </Field>
    <NumberField
      label="counts by itself"
      unit="s"
      value={recipe.curve.ownCountSeconds}
      onchange={(s) => s !== null && edit((r) => (r.curve.ownCountSeconds = s))}
    />
    <NumberField
      label="thinned per g of water"
      step={0.01}
      value={recipe.curve.perGram}
      onchange={(b) => b !== null && edit((r) => (r.curve.perGram = b))}
    />
  </div>
  <div class="scroller">
    <table>
      <thead>
        <tr>
          <th scope="col">ingredient</th>
          <th scope="col">is</th>
          <th scope="col">grams</th>
          <th scope="col">g a whole one</th>
          <th scope="col">g a cup</th>
          <th scope="col">price a kg</th>
          <th scope="col">g a pack</th>
          <th scope="col">allergens</th>
          <th scope="col"><span class="unseen">leave out</span></th>
        </tr>
      </thead>
      <tbody>
        {#each recipe.ingredients as ingredient, i (i)}
          <tr>
            <td>
              <input
                aria-label="Name of ingredient {i + 1}"
                value={ingredient.name}
                maxlength="60"
                oninput={(e) => {
                  const name = e.currentTarget.value;
                  edit((r) => r.ingredients[i] && (r.ingredients[i].name = name));
                }}
              />
            </td>
            <td>
              <select
                aria-label="What ingredient {i + 1} is"
                value={ingredient.role}
                onchange={(e) => {
                  const role = e.currentTarget.value as typeof ingredient.role;
                  edit((r) => r.ingredients[i] && (r.ingredients[i].role = role));
                }}
              >
                {#each PARTS as part (part)}<option value={part}>{said(part)}</option>{/each}
              </select>
            </td>
            {#each [["grams", "grams"], ["pieceGrams", "grams of a whole one"], ["gramsPerCup", "grams a cup"], ["pricePerKg", "price a kg"], ["packGrams", "grams a pack"]] as const as [name, word] (name)}
              <td>
                <input
                  class="number"
                  inputmode="decimal"
                  aria-label="{ingredient.name}, {word}"
                  value={ingredient[name] ?? ""}
                  oninput={(e) => {
                    const text = e.currentTarget.value.trim().replace(",", ".");
                    const number = text === "" ? null : Number(text);
                    if (number === null && name === "grams") return;
                    if (number !== null && !(number >= 0)) return;
                    edit((r) => {
                      const one = r.ingredients[i];
                      if (one) (one[name] as number | null) = number;
                    });
                  }}
                />
              </td>
            {/each}
            <td>
              <input
                aria-label="{ingredient.name}, allergens"
                value={ingredient.allergens.join(", ")}
                size="8"
                oninput={(e) => {
                  const list = e.currentTarget.value
                    .split(",")
                    .map((w) => w.trim())
                    .filter(Boolean);
                  edit((r) => r.ingredients[i] && (r.ingredients[i].allergens = list));
                }}
              />
            </td>
            <td>
              <button
                aria-label="Leave {ingredient.name} out"
                onclick={() => edit((r) => r.ingredients.splice(i, 1))}>×</button
              >
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
  {#if trouble}<p class="trouble" role="alert">{trouble.detail}</p>{/if}
  <p class="acts">
    <Press
      plain
      onpress={() =>
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
        )}>Add an ingredient</Press
    >
    <Press disabled={!draft} onpress={() => save(false)}>Save this recipe</Press>
    <Press plain onpress={() => save(true)}>Save as a new one</Press>
    <Press plain disabled={recipe.key === usual && !ofHouse} onpress={takeBack}
      >{ofHouse ? "Back to the house's" : "Put it away"}</Press
    >
    {#if recipe.key === usual && !ofHouse}
      <span class="soft">orders take it: let them take another one before you put it away</span>
    {/if}
    <span class="soft" role="status">{saidLast}</span>
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
  .scroller {
    position: relative;
    overflow-x: auto;
  }
  table {
    border-collapse: collapse;
  }
  th {
    text-align: left;
    font-size: 13px;
    font-weight: 400;
    color: var(--soft);
    padding: 2px 6px;
  }
  td {
    padding: 2px 4px;
  }
  td input,
  td select {
    border: 1.5px solid var(--line);
    border-radius: 8px;
    background: #fff;
    padding: 5px 8px;
    min-height: 34px;
  }
  .number {
    width: 76px;
    text-align: right;
  }
  td button {
    width: 30px;
    height: 30px;
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
  .trouble {
    color: var(--tomato);
    margin-top: 8px;
  }
</style>
