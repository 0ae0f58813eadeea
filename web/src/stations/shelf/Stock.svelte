<script lang="ts">
  import type { MixingView } from "../../api/types";
  import { inside } from "../../desk/places";
  import { shop } from "../../desk/shop.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import { grams, plural } from "../../units/format";

  // What is on the shelf by amount; where an order is open, what it lacks stands beside it.
  let { shopping = [] }: { shopping?: MixingView["shopping"] } = $props();

  const UNITS = { GRAMS: "g", PIECES: "", DROPS: "", MILLILITRES: "ml", SHEETS: "sheets" };
  const PIECES = ["bags", "large bags", "cookie bags", "boxes", "tags"];

  const lines = $derived(shopping.filter((line) => line.measure !== "DROPS"));
  const stock = $derived(shop.paper.shown?.stock ?? {});
  const all = $derived([...new Set([...Object.keys(stock), ...lines.map((line) => line.name)])]);

  const line = (name: string) => lines.find((one) => one.name === name);

  function unit(name: string): string {
    const of = line(name);
    return of ? UNITS[of.measure] : PIECES.includes(name) ? "" : "g";
  }

  function lacks(name: string): string {
    const of = line(name);
    if (!of || of.missing <= 0) return "";
    if (of.measure === "GRAMS") return `${grams(of.missing)} g short`;
    if (of.measure === "SHEETS") return `${plural(of.missing, "sheet")} short`;
    if (of.measure === "PIECES") return `${Math.ceil(of.missing)} short`;
    return `${Math.ceil(of.missing * 10) / 10} ${UNITS[of.measure]} short`;
  }
</script>

<div class="grid">
  {#each all as name (name)}
    <div>
      <NumberField
        label={name}
        unit={unit(name)}
        place={inside("/stock", name)}
        value={stock[name] ?? 0}
        least={0}
        most={1_000_000}
        onchange={(amount) =>
          amount !== null && shop.change((tree) => (tree.stock[name] = amount), `stock ${name}`)}
      />
      <span class="lack">{lacks(name)}</span>
    </div>
  {/each}
</div>

<style>
  .grid {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
    gap: 14px 20px;
    margin-top: 10px;
  }
  .lack {
    display: block;
    min-height: 1.3em;
    color: var(--tomato);
    font-size: var(--small);
    font-weight: 600;
    margin-top: 3px;
  }
</style>
