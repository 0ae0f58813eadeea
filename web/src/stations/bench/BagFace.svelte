<script lang="ts">
  import type { BenchStep } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import { consistency, fixed, grams, outOf, plural } from "../../units/format";
  import BigPress from "./BigPress.svelte";
  import { bagOf } from "./words";

  // What goes into each bag, how wide it opens at true size, and what is written on it.
  const desk = theDesk();
  let { step, ondone }: { step: BenchStep; ondone: () => void } = $props();

  const mixed = $derived(step.mixed);
  const said = $derived(
    mixed?.state ? consistency(mixed.state, mixed.countSeconds) : "as it comes",
  );
</script>

{#if mixed}
  <p class="big">
    {grams(mixed.gramsPerBag)} <small>g in {mixed.bags > 1 ? "each" : "the bag"}</small>
  </p>
  <p>{plural(mixed.bags, "bag")}: {outOf(bagOf(mixed))}</p>
  {#if mixed.cutMm > 0}
    <p class="cut">
      <span class="hole" style:width="{mixed.cutMm}mm" style:height="{mixed.cutMm}mm"></span>
      cut it so wide: {fixed(mixed.cutMm, 1)} mm, drawn at true size
    </p>
  {/if}
  <p class="label" role="group" aria-label="Write on it">
    <strong>{step.name}</strong>
    {said} · {grams(mixed.gramsPerBag)} g · {desk.details?.name}
  </p>
  <BigPress label="Bagged" sub="close it, and keep the tip in a damp cloth" onpress={ondone} />
{/if}

<style>
  .big {
    font: 700 56px/1.1 var(--heading);
    margin: 12px 0 4px;
  }
  small {
    font: 400 var(--body) var(--text);
  }
  .cut {
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 44px;
  }
  .hole {
    border-radius: 50%;
    background: var(--ink);
  }
  .label {
    display: inline-block;
    border: 2px dashed var(--brass-line);
    border-radius: var(--round-field);
    padding: 8px 14px;
    margin: 14px 0 18px;
  }
</style>
