<script lang="ts">
  import { reference } from "../../desk/catalogue.svelte";
  import { theDesk } from "../../desk/order.svelte";
  import { shop } from "../../desk/shop.svelte";
  import Dialog from "../../parts/Dialog.svelte";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { grams, ounces, plural } from "../../units/format";
  import Baking from "./Baking.svelte";

  // What the order is baked from: which dough, how thick, how much of it.
  const desk = theDesk();

  let baking: Dialog;
  const details = $derived(desk.details);
  const dough = $derived(desk.order?.plan.own?.dough);
  const doughs = $derived(shop.settings?.doughs ?? []);
  const usual = $derived(doughs.find((one) => one.key === shop.settings?.dough) ?? doughs[0]);
  const SCHOOLS = [5, 6, 8, 10];
</script>

<Dialog bind:this={baking} title="Dough and baking" wide><Baking /></Dialog>

{#if details}
  <Sheet label="Dough">
    <h2>
      {#if dough && dough.dough.pieces > 0}
        {grams(dough.dough.grams)} g of dough{ounces(dough.dough.grams)}
      {:else}
        Dough
      {/if}
    </h2>
    {#if dough && dough.dough.pieces > 0}
      <p class="soft">
        {plural(dough.dough.pieces, "piece")} to cut, {dough.dough.bare} of them baked bare
      </p>
    {/if}
    <div class="form">
      <Field label="baked from" place="/details/dough">
        <select
          value={details.dough ?? ""}
          onchange={(e) => {
            const key = e.currentTarget.value || null;
            desk.editDetails((d) => (d.dough = key));
          }}
        >
          <option value="">the shop's{usual ? `: ${usual.name}` : ""}</option>
          {#each doughs as one (one.key)}<option value={one.key}>{one.name}</option>{/each}
        </select>
      </Field>
      <NumberField
        label="Rolled"
        unit="mm"
        place="/details/rolledMm"
        value={details.rolledMm}
        optional
        step={0.5}
        {...reference.range("order", "rolledMm")}
        standIn={String(reference.mean("ROLLED_MM") ?? "")}
        onchange={(mm) => desk.editDetails((d) => (d.rolledMm = mm), "rolled")}
      />
      <p class="schools">
        {#each SCHOOLS as mm (mm)}
          <button
            aria-pressed={(details.rolledMm ?? reference.mean("ROLLED_MM")) === mm}
            onclick={() => desk.editDetails((d) => (d.rolledMm = mm), "rolled")}>{mm} mm</button
          >
        {/each}
      </p>
      <NumberField
        label="Bare spares of each"
        whole
        place="/details/bareSpares"
        value={details.bareSpares}
        optional
        {...reference.range("order", "bareSpares")}
        standIn={String(reference.mean("BARE_SPARES") ?? "")}
        onchange={(n) => desk.editDetails((d) => (d.bareSpares = n), "bare spares")}
      />
    </div>
    {#if dough && dough.dough.pieces > 0}
      <Press plain onpress={() => baking.show()}>Weigh, roll and bake</Press>
    {/if}
  </Sheet>
{/if}

<style>
  .form {
    display: grid;
    gap: 10px;
    margin: 12px 0;
  }
  .schools {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
    margin: -4px 0 0;
  }
  .schools button {
    min-width: 52px;
    min-height: var(--target);
    border: 1.5px solid var(--line);
    border-radius: var(--pill);
    background: none;
    cursor: pointer;
  }
  .schools button[aria-pressed="true"] {
    border-color: var(--cobalt);
    background: var(--cobalt);
    color: var(--paper);
  }
</style>
