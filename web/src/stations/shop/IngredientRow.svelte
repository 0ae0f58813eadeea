<script lang="ts" module>
  import type { Ingredient } from "../../api/types";

  type OfIcing = "role" | "gramsPerCup";
  type Part = Omit<Ingredient, OfIcing> & Partial<Pick<Ingredient, OfIcing>>;
</script>

<script lang="ts" generics="T extends Part">
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import TextField from "../../parts/TextField.svelte";
  import { locale } from "../../units/locale.svelte";
  import { said } from "../../units/format";

  // One ingredient of a base or a dough: what it is to the icing, how much of it, what it costs, whom it may harm.
  let {
    ingredient,
    label = "ingredient",
    place,
    onedit,
    onremove = null,
  }: {
    ingredient: T;
    label?: string;
    place: string;
    onedit: (change: (one: T) => void, field: string, rests?: boolean) => void;
    onremove?: (() => void) | null;
  } = $props();

  const PARTS = ["SUGAR", "WATER", "FLAVOUR", "EGG_WHITE", "POWDER", "MIX"] as const;
  const AMOUNTS = $derived([
    { name: "grams", word: "grams", optional: false },
    { name: "pieceGrams", word: "g a whole one", optional: true },
    { name: "gramsPerCup", word: "g a cup", optional: true },
    { name: "pricePerKg", word: `${locale.sign} a kg`, optional: true },
    { name: "packGrams", word: "g a pack", optional: true },
  ] as const);
  const amounts = $derived(AMOUNTS.filter((amount) => amount.name in ingredient));
</script>

<li>
  <TextField
    {label}
    place="{place}/name"
    longest={60}
    value={ingredient.name}
    onchange={(name) => onedit((one) => (one.name = name), "name", true)}
  />
  {#if ingredient.role}
    <Field label="is" place="{place}/role">
      <select
        value={ingredient.role}
        onchange={(e) => {
          const role = e.currentTarget.value as typeof ingredient.role;
          onedit((one) => (one.role = role), "");
        }}
      >
        {#each PARTS as part (part)}<option value={part}>{said(part)}</option>{/each}
      </select>
    </Field>
  {/if}
  {#each amounts as amount (amount.name)}
    <NumberField
      label={amount.word}
      place="{place}/{amount.name}"
      value={ingredient[amount.name]}
      optional={amount.optional}
      least={0}
      most={100_000}
      onchange={(n) => onedit((one) => ((one[amount.name] as number | null) = n), amount.name)}
    />
  {/each}
  <TextField
    label="allergens"
    place="{place}/allergens"
    longest={200}
    value={ingredient.allergens.join(", ")}
    onchange={(text) =>
      onedit(
        (one) => {
          one.allergens = text
            .split(",")
            .map((word) => word.trim())
            .filter(Boolean);
        },
        "allergens",
        true,
      )}
  />
  {#if onremove}
    <button aria-label="Leave {ingredient.name} out" onclick={onremove}>×</button>
  {/if}
</li>

<style>
  li > :global(.field:nth-child(1)) {
    flex: 1 1 130px;
  }
  li > :global(.field:last-of-type) {
    flex: 1 1 90px;
  }
  li > :global(.field input) {
    max-width: 100%;
  }
  li > :global(.field:nth-child(1) input),
  li > :global(.field:last-of-type input) {
    width: 100%;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 6px 12px;
    padding: 8px 0;
    border-top: 1px solid var(--line);
  }
  button {
    width: 44px;
    height: 44px;
    border: 0;
    border-radius: 50%;
    background: none;
    color: var(--soft);
    font-size: 18px;
    cursor: pointer;
  }
</style>
