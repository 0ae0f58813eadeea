<script lang="ts">
  import type { BenchStep } from "../../api/types";
  import { type Bag, rescueGel, type Standing, topUp } from "../../core/rules";
  import { theDesk } from "../../desk/order.svelte";
  import Press from "../../parts/Press.svelte";
  import { fixed, grams } from "../../units/format";
  import { inDrops } from "../../units/tint";

  // A small bowl for bags that will not reach, made as theirs was; and what else would do.
  const { bench } = theDesk();
  let { step, bag, standing }: { step: BenchStep; bag: Bag; standing: Standing } = $props();

  let isOpen = $state(false);
  const making = $derived(bag.making ?? null);
  const made = $derived(making ? topUp(standing.wantedGrams, making) : null);
  const g = (of: number) => (of < 20 ? fixed(of, 1) : grams(of));
  const counted = (gel: number) => inDrops(rescueGel(gel, 0));
</script>

{#if standing.shortGrams > 0}
  <p class="soft">
    Or ice {standing.fewer} fewer of the {fixed(standing.toGo, 0)} to go, or all of them {fixed(
      standing.leaner,
      2,
    )} times as full.
  </p>
{/if}
{#if isOpen && made && making}
  <div role="group" aria-label="Top {bag.name} up">
    <p>
      <strong>{g(made.grams)} g of {bag.name}</strong>, as its bowl was made{making.mother
        ? `: let down from ${making.mother}, so its gel, and weaker`
        : ""}:
    </p>
    <ul>
      <li>
        {g(made.base)} g of base{making.weighed.length > 0
          ? `: ${making.weighed.map((line) => `${g(line.grams * made.base)} g ${line.name}`).join(", ")}`
          : ""}
      </li>
      {#if made.flavour >= 0.05}
        <li>{fixed(made.flavour, 1)} g {making.flavourName}</li>
      {/if}
      {#each making.doses as dose (dose.name)}
        <li>
          {fixed(dose.grams * made.base, 2)} g {dose.name} ({counted(dose.grams * made.base) ||
            "less than a dab"}): by weight it matches
        </li>
      {/each}
      {#if made.water >= 0.05}
        <li>
          {g(made.water)} g of water, to {fixed(bag.countSeconds, 0)} s: count before the last of it
        </li>
      {/if}
      {#if made.sugar >= 0.05}
        <li>{g(made.sugar)} g of icing sugar sifted in, to {fixed(bag.countSeconds, 0)} s</li>
      {/if}
    </ul>
    <Press
      onpress={() => {
        bench.press("ADDED", step.key, standing.wantedGrams, bag.key);
        isOpen = false;
      }}>{grams(standing.wantedGrams)} g are in the bag</Press
    >
    <Press plain onpress={() => (isOpen = false)}>Not now</Press>
  </div>
{:else if made}
  <Press plain onpress={() => (isOpen = true)}>Top it up: {grams(standing.wantedGrams)} g</Press>
{/if}

<style>
  div {
    flex-basis: 100%;
  }
  ul {
    margin: 6px 0 10px;
    padding-left: 20px;
  }
  p {
    flex-basis: 100%;
  }
</style>
