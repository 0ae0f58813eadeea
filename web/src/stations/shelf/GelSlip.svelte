<script lang="ts">
  import type { GelView } from "../../api/types";
  import { inside } from "../../desk/places";
  import { shop } from "../../desk/shop.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import Swatches from "./Swatches.svelte";

  // One bottle: what is in it, and how it looks.
  let {
    gel,
    onchange,
    onremove,
  }: { gel: GelView; onchange: () => Promise<void>; onremove: () => void } = $props();

  const place = $derived(inside("/gels", gel.key));
  const bottle = $derived(shop.paper.shown?.gels[gel.key] ?? gel.bottle);

  function set(field: "dropsLeft" | "bottleDrops" | "price", value: number | null) {
    const { key } = gel;
    shop.change((tree) => {
      const one = tree.gels[key];
      if (one) (one[field] as number | null) = value;
    }, `gel ${key} ${field}`);
  }
</script>

<div class="ramp" aria-label="Dried, from half a drop to 32 in 100 g of base" role="img">
  {#each gel.ramp as step (step.drops)}
    <span style:background={step.hex}><i>{step.drops}</i></span>
  {/each}
</div>
<p class="soft">
  Drops in 100 g of base. It is like the reference gel {gel.reference}, and deepens by {Math.round(
    gel.deepensPercent,
  )} % in a day.
</p>
<div class="form">
  <NumberField
    label="drops left"
    value={bottle.dropsLeft}
    least={0}
    most={100_000}
    place="{place}/dropsLeft"
    onchange={(n) => n !== null && set("dropsLeft", n)}
  />
  <NumberField
    label="drops in a full bottle"
    value={bottle.bottleDrops}
    least={1}
    most={100_000}
    place="{place}/bottleDrops"
    onchange={(n) => n !== null && set("bottleDrops", n)}
  />
  <NumberField
    label="price of a bottle"
    value={bottle.price}
    least={0}
    most={10_000}
    optional
    place="{place}/price"
    onchange={(n) => set("price", n)}
  />
  <Press plain onpress={onremove}>Take it off the shelf</Press>
</div>

<Swatches {gel} {onchange} />

<style>
  .ramp {
    display: grid;
    grid-template-columns: repeat(7, 1fr);
    height: 84px;
    border: 1.5px solid var(--cobalt);
    border-radius: 10px;
    overflow: hidden;
  }
  .ramp span {
    display: flex;
    align-items: end;
    justify-content: center;
  }
  i {
    font-style: normal;
    font-size: var(--least);
    background: var(--enamel);
    border-radius: 6px 6px 0 0;
    padding: 0 8px;
  }
  .form {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 10px 16px;
    margin: 10px 0 14px;
  }
</style>
