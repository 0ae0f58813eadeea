<script lang="ts">
  import type { BenchStep } from "../../api/types";
  import Press from "../../parts/Press.svelte";
  import { fixed, grams, plural } from "../../units/format";
  import { apart } from "../../units/tint";
  import BigPress from "./BigPress.svelte";

  // Drops counted off by fives, with a look between; grams beside them for a small scale.
  let { step, ondone }: { step: BenchStep; ondone: () => void } = $props();
  const FIVE = 5;

  const tint = $derived(step.mixed?.tint ?? null);
  let counted = $state<Record<string, number>>({});
  const left = $derived(
    (tint?.doses ?? []).reduce(
      (n, dose) => n + Math.max(0, dose.drops - (counted[dose.gel] ?? 0)),
      0,
    ),
  );
  const swatches = $derived(
    tint
      ? [
          { word: "just mixed", hex: tint.now },
          { word: "dried", hex: tint.dry },
          { word: "wanted", hex: step.mixed?.wanted ?? tint.dry },
        ]
      : [],
  );
</script>

<p>
  Into {grams(step.mixed?.grams ?? 0)} g of base. Stir after every five drops and look: a colour is easy
  to add and hard to take back.
</p>
<ul class="swatches">
  {#each swatches as one (one.word)}
    <li>
      <span class="swatch" style:background={one.hex}></span>{one.word}
    </li>
  {/each}
  {#if tint}<li class="soft">{apart(tint.deltaE)}</li>{/if}
</ul>
<ul class="doses">
  {#each tint?.doses ?? [] as dose (dose.gel)}
    {@const n = counted[dose.gel] ?? 0}
    <li>
      <span class="swatch small" style:background={dose.hex}></span>
      <span class="name">{dose.name}</span>
      <span class="count">
        {n} <small>of {plural(dose.drops, "drop")}</small>
      </span>
      <span class="soft">
        {fixed(dose.grams, 2)} g{dose.dabs > 0 ? `, with ${plural(dose.dabs, "dab")}` : ""}
      </span>
      <Press
        plain
        disabled={n >= dose.drops}
        label="{dose.name}: count {Math.min(FIVE, dose.drops - n)} more"
        onpress={() => (counted = { ...counted, [dose.gel]: Math.min(dose.drops, n + FIVE) })}
        >+ {Math.min(FIVE, dose.drops - n) || FIVE}</Press
      >
      <Press
        plain
        disabled={n === 0}
        label="{dose.name}: lost count, from the start"
        onpress={() => (counted = { ...counted, [dose.gel]: 0 })}>0</Press
      >
    </li>
  {/each}
</ul>
<BigPress
  label="It's tinted"
  sub={left > 0 ? `${plural(left, "drop")} not counted off` : "all drops are in"}
  onpress={ondone}
/>

<style>
  ul {
    list-style: none;
    margin: 10px 0;
    padding: 0;
  }
  .swatches {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 18px;
    align-items: center;
  }
  .swatches li {
    display: grid;
    gap: 4px;
    justify-items: center;
  }
  .swatch {
    width: 96px;
    height: 64px;
    border: 2px solid var(--ink);
    border-radius: var(--round);
  }
  .swatch.small {
    width: 28px;
    height: 28px;
    border-radius: 50%;
  }
  .doses li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 14px;
    padding: 8px 0;
    border-top: 1px solid var(--line);
  }
  .doses :global(button) {
    min-width: 64px;
  }
  .name {
    min-width: 90px;
    font-weight: 600;
  }
  .count {
    font: 700 30px var(--heading);
    min-width: 150px;
  }
  small {
    font: 400 var(--body) var(--text);
  }
</style>
