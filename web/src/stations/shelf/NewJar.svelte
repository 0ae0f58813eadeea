<script lang="ts">
  import type { ShelfView } from "../../api/types";
  import { type OrderDesk, theDesk } from "../../desk/order.svelte";
  import { shop } from "../../desk/shop.svelte";
  import ColourField from "../../parts/ColourField.svelte";
  import Field from "../../parts/Field.svelte";
  import DayField from "../../parts/DayField.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import TextField from "../../parts/TextField.svelte";
  import { daysAfter, todayHere } from "../../units/dates";

  // Left-over icing goes into a jar: where an order is open, its colour is one of that.
  const desk = theDesk() as OrderDesk | undefined;
  type Jar = ShelfView["jars"][number];
  let { onadd }: { onadd: (jar: Jar) => Promise<boolean> } = $props();

  const KEEPS_DAYS = 7;
  let colour = $state("");
  let amount = $state<number | null>(60);
  let count = $state<number | null>(15);
  let goodUntil = $state(daysAfter(todayHere(), KEEPS_DAYS));
  const chosen = $derived(desk?.palette.find((c) => c.key === colour) ?? desk?.palette[0]);
  let name = $state("White");
  let hex = $state("#F6F6F0");
  let flavour = $state("");

  async function add() {
    await onadd({
      id: null,
      name: chosen?.name ?? name,
      hex: chosen?.hex ?? hex,
      grams: amount ?? 0,
      countSeconds: count ?? 0,
      recipe: desk?.pour?.recipeKey ?? shop.settings?.recipe ?? "",
      goodUntil,
      flavour: (chosen ? chosen.flavour?.name : flavour.trim()) || null,
      order: null,
    });
  }
</script>

<h3>Keep some</h3>
<div class="form">
  {#if chosen}
    <Field label="colour">
      <select value={chosen.key} onchange={(e) => (colour = e.currentTarget.value)}>
        {#each desk?.palette ?? [] as c (c.key)}<option value={c.key}>{c.name}</option>{/each}
      </select>
    </Field>
  {:else}
    <TextField label="colour" longest={60} value={name} onchange={(text) => (name = text)} />
    <ColourField label="looks" {hex} onchange={(now) => (hex = now)} />
    <TextField
      label="tastes of"
      longest={40}
      value={flavour}
      onchange={(text) => (flavour = text)}
    />
  {/if}
  <NumberField
    label="in the jar"
    unit="g"
    value={amount}
    least={1}
    most={5000}
    onchange={(g) => (amount = g)}
  />
  <NumberField
    label="counts"
    unit="s"
    value={count}
    least={2}
    most={300}
    onchange={(s) => (count = s)}
  />
  <DayField label="good until" day={goodUntil} onchange={(day) => (goodUntil = day)} />
</div>
<Press plain onpress={add}>Put it on the shelf</Press>

<style>
  h3 {
    font-size: var(--body);
    border-top: 1px solid var(--line);
    padding-top: 10px;
  }
  .form {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 14px;
    margin: 8px 0 12px;
  }
</style>
