<script lang="ts">
  import { reference } from "../../desk/catalogue.svelte";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import { type Settings, shop } from "../../desk/shop.svelte";
  import { said } from "../../units/format";

  // What pieces weigh that the shop has piped and weighed: by kind, tip and size.
  let { settings }: { settings: Settings } = $props();

  type Weight = Settings["weights"][number];
  const kinds = $derived(
    (reference.move("piece")?.parameters.find((one) => one.name === "kind")?.options ??
      []) as Weight["kind"][],
  );
  const TIP = { LEAF: "leaf", PETAL: "petal", FLOWER: "petal", STAR: "star", ROSETTE: "star" };

  function set(at: number, change: Partial<Weight>) {
    shop.change(
      (tree) => Object.assign(tree.settings.weights[at] ?? {}, change),
      `weight ${at} ${Object.keys(change).join()}`,
    );
  }

  function add() {
    const kind = kinds[0] ?? "ROSETTE";
    const tip = settings.tips.find((one) => one.name === TIP[kind]) ?? settings.tips[0];
    shop.change((tree) =>
      tree.settings.weights.push({ kind, tip: tip?.name ?? "", sizeMm: 9, grams: 1 }),
    );
  }
</script>

<h2>Weights of pieces</h2>
<p class="soft">
  Pipe ten alike, weigh them together, and write a tenth of it. Other sizes follow from the nearest
  one of the same tip: what grows all ways by the cube of its size, a leaf by its length.
</p>
{#each settings.weights as weight, i (i)}
  <div class="row" role="group" aria-label="weight {i + 1}">
    <Field label="piece">
      <select
        value={weight.kind}
        onchange={(e) => set(i, { kind: e.currentTarget.value as Weight["kind"] })}
      >
        {#each kinds as kind (kind)}<option value={kind}>{said(kind)}</option>{/each}
      </select>
    </Field>
    <Field label="tip" place="/settings/weights/{i}/tip">
      <select value={weight.tip} onchange={(e) => set(i, { tip: e.currentTarget.value })}>
        {#each settings.tips as tip (tip.name)}<option value={tip.name}>{tip.name}</option>{/each}
      </select>
    </Field>
    <NumberField
      label="size"
      unit="mm"
      step={0.5}
      least={2}
      most={40}
      value={weight.sizeMm}
      place="/settings/weights/{i}/sizeMm"
      onchange={(mm) => mm !== null && set(i, { sizeMm: mm })}
    />
    <NumberField
      label="one weighs"
      unit="g"
      step={0.05}
      least={0.01}
      most={50}
      value={weight.grams}
      place="/settings/weights/{i}/grams"
      onchange={(g) => g !== null && set(i, { grams: g })}
    />
    <button
      class="off"
      aria-label="take weight {i + 1} out"
      onclick={() => shop.change((tree) => tree.settings.weights.splice(i, 1))}>×</button
    >
  </div>
{/each}
<button class="add" onclick={add}>a piece that I weighed</button>

<style>
  h2 {
    margin-top: 22px;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: flex-end;
    margin-top: 8px;
  }
  .off,
  .add {
    border: 0;
    background: none;
    color: var(--cobalt);
    min-width: 44px;
    min-height: 44px;
    cursor: pointer;
  }
  .off {
    font-size: 18px;
  }
  .add {
    text-decoration: underline;
    padding: 4px 0;
  }
</style>
