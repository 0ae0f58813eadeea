<script lang="ts">
  import type { BenchStep } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import Press from "../../parts/Press.svelte";
  import { fixed, grams, plural } from "../../units/format";
  import { type BagStanding, bagWord } from "./bags";
  import { topUp } from "./topUp";

  // A small bowl for a bag that will not reach, in the proportions of its own; and what else would do.
  const { bench } = theDesk();
  let { step, standing }: { step: BenchStep; standing: BagStanding } = $props();

  /** What a bowl that is mixed in a hurry should have beyond the guess. */
  const TO_SPARE = 1.1;
  let isOpen = $state(false);
  const bag = $derived(standing.bag);
  const short = $derived(standing.forecast?.short ?? 0);
  const wanted = $derived(Math.ceil(Math.max(short, bag.eachGrams) * TO_SPARE));
  const made = $derived(bench.view ? topUp(bench.view.steps, bag, wanted) : null);
  const each = $derived(standing.forecast?.each ?? bag.eachGrams);
  const fewer = $derived(Math.ceil(short / each));
  const lean = $derived(
    standing.toGo > 0 ? (standing.toGo * each - short) / (standing.toGo * each) : 1,
  );
  const g = (of: number) => (of < 20 ? fixed(of, 1) : grams(of));
</script>

{#if short > 0}
  <p class="soft">
    Or ice {fewer} fewer of the {fixed(standing.toGo, 0)} to go, or all of them {fixed(lean, 2)} times
    as full.
  </p>
{/if}
{#if isOpen && made}
  <div role="group" aria-label="Top {bag.name} up">
    <p><strong>{g(made.grams)} g of {bag.name}</strong>, as its bowl was made:</p>
    <ul>
      <li>
        {g(made.base)} g of base{made.weighed.length > 0
          ? `: ${made.weighed.map((line) => `${g(line.grams)} g ${line.name}`).join(", ")}`
          : ""}
      </li>
      {#each made.doses as dose (dose.name)}
        <li>
          {fixed(dose.grams, 2)} g {dose.name} (about {plural(dose.drops, "drop")}): by weight it
          matches
        </li>
      {/each}
      {#if made.water >= 0.05}
        <li>
          {g(made.water)} g of water, to {fixed(made.countSeconds, 0)} s: count before the last of it
        </li>
      {/if}
      {#if made.sugar >= 0.05}<li>{g(made.sugar)} g of icing sugar sifted in</li>{/if}
    </ul>
    <Press
      onpress={() => {
        bench.press("ADDED", step.key, wanted, bagWord(bag));
        isOpen = false;
      }}>{grams(wanted)} g are in the bag</Press
    >
    <Press plain onpress={() => (isOpen = false)}>Not now</Press>
  </div>
{:else if made}
  <Press plain onpress={() => (isOpen = true)}>Top it up: {grams(wanted)} g</Press>
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
