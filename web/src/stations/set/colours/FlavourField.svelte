<script lang="ts">
  import type { Flavour } from "../../../api/types";
  import { reference } from "../../../desk/catalogue.svelte";
  import Field from "../../../parts/Field.svelte";
  import NumberField from "../../../parts/NumberField.svelte";
  import TextField from "../../../parts/TextField.svelte";

  // What is stirred into the bowl of one colour: one that is offered, or any other.
  let {
    flavour,
    place,
    onchange,
  }: { flavour: Flavour | null; place: string; onchange: (flavour: Flavour | null) => void } =
    $props();

  const OTHER = "another";
  const offered = $derived(reference.catalogue?.flavours ?? []);
  const isOffered = $derived(offered.some((one) => one.name === flavour?.name));

  function choose(name: string) {
    if (name === OTHER) onchange({ name: "Flavour", percent: 2, waterPercent: 0, colours: false });
    else onchange(offered.find((one) => one.name === name) ?? null);
  }
</script>

<Field label="Flavour" {place}>
  <select
    value={flavour === null ? "" : isOffered ? flavour.name : OTHER}
    onchange={(e) => choose(e.currentTarget.value)}
  >
    <option value="">as the base</option>
    {#each offered as one (one.name)}<option value={one.name}>{one.name}</option>{/each}
    <option value={OTHER}>another…</option>
  </select>
</Field>
{#if flavour}
  {#if !isOffered}
    <TextField
      label="It is called"
      place="{place}/name"
      longest={40}
      value={flavour.name}
      onchange={(name) => onchange({ ...flavour, name })}
    />
  {/if}
  <NumberField
    label="Into 100 g of base"
    unit="g"
    place="{place}/percent"
    least={0.01}
    most={30}
    step={0.5}
    value={flavour.percent}
    onchange={(g) => g !== null && onchange({ ...flavour, percent: g })}
  />
  <NumberField
    label="Of that is water"
    unit="%"
    place="{place}/waterPercent"
    least={0}
    most={100}
    value={flavour.waterPercent}
    onchange={(share) => share !== null && onchange({ ...flavour, waterPercent: share })}
  />
  <label class="colours">
    <input
      type="checkbox"
      checked={flavour.colours}
      onchange={(e) => onchange({ ...flavour, colours: e.currentTarget.checked })}
    />
    makes the colour by itself
  </label>
{/if}

<style>
  .colours {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: var(--target);
  }
</style>
