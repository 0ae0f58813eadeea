<script lang="ts">
  import ColourField from "../../parts/ColourField.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";

  // What went into a swatch, and the colour that was seen when it had dried.
  type Note = { drops: number; grams: number; hex: string };
  let {
    press,
    trouble = "",
    onkeep,
  }: { press: string; trouble?: string; onkeep: (note: Note) => Promise<boolean> } = $props();

  let drops = $state<number | null>(4);
  let amount = $state<number | null>(50);
  let hex = $state("#B8DDA0");
</script>

<div class="form">
  <NumberField
    label="drops"
    value={drops}
    step={0.25}
    least={0.25}
    most={1000}
    onchange={(n) => (drops = n)}
  />
  <NumberField
    label="in base"
    unit="g"
    value={amount}
    least={1}
    most={10_000}
    onchange={(n) => (amount = n)}
  />
  <ColourField label="seen when dry" {hex} onchange={(h) => (hex = h)} />
  <Press plain onpress={() => void onkeep({ drops: drops ?? 0, grams: amount ?? 0, hex })}
    >{press}</Press
  >
</div>
{#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}

<style>
  .form {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 10px 16px;
    margin-top: 10px;
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
  }
</style>
