<script lang="ts">
  import { answered, api } from "../../api/client";
  import type { GelView } from "../../api/types";
  import { inside } from "../../desk/places";
  import { shop } from "../../desk/shop.svelte";
  import { toast } from "../../desk/toast.svelte";
  import Compare from "../../parts/Compare.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import SwatchForm from "./SwatchForm.svelte";
  import { fixed } from "../../units/format";

  // One bottle: what is in it, how it looks, and what swatches have said of it.
  let {
    gel,
    onchange,
    onremove,
  }: { gel: GelView; onchange: () => Promise<void>; onremove: () => void } = $props();

  let trouble = $state<Record<string, string>>({});
  let compare: Compare;
  const path = $derived({ gel: gel.key });
  const colours = $derived(
    gel.swatches.flatMap((s, i) => [
      { name: `seen ${i + 1}`, hex: s.note.hex },
      { name: `predicted ${i + 1}`, hex: s.predicted },
    ]),
  );

  async function act(field: string, call: () => Parameters<typeof answered>[0]): Promise<boolean> {
    try {
      await answered(call());
      trouble = { ...trouble, [field]: "" };
      await onchange();
      return true;
    } catch (e) {
      trouble = { ...trouble, [field]: (e as Error).message };
      return false;
    }
  }

  const place = $derived(inside("/gels", gel.key));
  const bottle = $derived(shop.paper.shown?.gels[gel.key] ?? gel.bottle);

  function set(field: "dropsLeft" | "bottleDrops" | "price", value: number | null) {
    const { key } = gel;
    shop.change((tree) => {
      const one = tree.gels[key];
      if (one) (one[field] as number | null) = value;
    }, `gel ${key} ${field}`);
  }

  async function takeOut(id: number) {
    const params = { path: { gel: gel.key, swatch: id } };
    await act("swatch", () => api.DELETE("/api/gels/{gel}/swatches/{swatch}", { params }));
    toast.say("The swatch counts no longer.", {
      word: "Put it back",
      run: () =>
        void act("swatch", () => api.POST("/api/gels/{gel}/swatches/{swatch}/restore", { params })),
    });
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

<h3>Swatches</h3>
{#if gel.swatches.length === 0}
  <p class="soft">
    Tint a spoonful, let it dry, and write down what you see: one swatch tells how strong this
    bottle is, two or more its hue as well.
  </p>
{:else}
  <p>
    {gel.swatches.length === 1 ? "One swatch says" : `${gel.swatches.length} swatches say`} it is
    <strong>{Math.round(100 * gel.strength)} %</strong> as strong{gel.shiftNm
      ? `, its hue ${fixed(Math.abs(gel.shiftNm), 1)} nm to the ${gel.shiftNm > 0 ? "red" : "blue"}`
      : ""}. Off by {fixed(gel.before ?? 0, 1)} before,
    <strong>{fixed(gel.after ?? 0, 1)} now</strong>.
  </p>
  <ul>
    {#each gel.swatches as swatch, i (swatch.id)}
      <li>
        <button
          class="pair"
          aria-label="Compare what was seen with what is predicted, swatch {i + 1}"
          title="Compare, large"
          onclick={() => compare.show(`seen ${i + 1}`, `predicted ${i + 1}`)}
        >
          <span style:background={swatch.note.hex}></span><span style:background={swatch.predicted}
          ></span>
        </button>
        <span class="words">
          {swatch.note.drops} drops in {swatch.note.grams} g
          <span class="soft">seen and predicted, {fixed(swatch.miss, 1)} apart</span>
        </span>
        <button class="out" onclick={() => takeOut(swatch.id)}>Take it out</button>
      </li>
    {/each}
  </ul>
{/if}
<SwatchForm
  press="Keep this swatch"
  trouble={trouble["swatch"] ?? ""}
  onkeep={(note) =>
    act("swatch", () => api.POST("/api/gels/{gel}/swatches", { params: { path }, body: note }))}
/>
<Compare bind:this={compare} title="Seen and predicted" {colours} />

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
    font-size: 12px;
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
  ul {
    list-style: none;
    padding: 0;
    margin: 6px 0;
  }
  li {
    display: flex;
    align-items: center;
    gap: 12px;
    padding: 4px 0;
  }
  .pair {
    display: grid;
    grid-template-columns: 34px 34px;
    height: 34px;
    padding: 0;
    border: 1.5px solid var(--cobalt);
    border-radius: 8px;
    overflow: hidden;
    cursor: pointer;
    background: none;
  }
  .words {
    flex: 1;
  }
  .words .soft {
    display: block;
  }
  .out {
    border: 1.5px solid var(--line);
    border-radius: 999px;
    background: none;
    padding: 4px 12px;
    cursor: pointer;
  }
</style>
