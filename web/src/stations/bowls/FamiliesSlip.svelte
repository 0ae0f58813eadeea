<script lang="ts">
  import type { MixingView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import Explain from "../../parts/Explain.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { fixed } from "../../units/format";

  const desk = theDesk();

  // Light bowls that a darker one and white give by weight.
  let { view }: { view: MixingView } = $props();

  const advice = $derived(
    view.families.filter((a) => desk.palette.some((c) => c.key === a.light && !c.joinedInto)),
  );

  const saved = (a: MixingView["families"][number]) => {
    const words = [`${Math.round(a.minutesSaved)} min`];
    if (a.gelSavedGrams > 0.01) words.push(`${fixed(a.gelSavedGrams, 2)} g of gel`);
    if (a.ownDeltaE - a.deltaE > 0.1)
      words.push(`comes ${fixed(a.ownDeltaE - a.deltaE, 1)} nearer than drops do`);
    return words.join(", ");
  };

  function letDown(light: string, mother: string) {
    desk.editDetails((d) => {
      d.palette = d.palette.map((c) => (c.key === light ? { ...c, letDownFrom: mother } : c));
    });
  }
</script>

{#if advice.length > 0}
  <Sheet label="Shades out of one bowl">
    <h2>Shades out of one bowl <Explain word="letDown" /></h2>
    {#each advice.slice(0, 3) as a (a.light)}
      <p class="row">
        <span class="shades" aria-hidden="true">
          <span style:background={desk.hexes[a.mother]}></span><span style:background={a.dry}
          ></span>
        </span>
        <span>
          <strong>{desk.colourName(a.light)}</strong> is {Math.round(100 * a.share)} %
          {desk.colourName(a.mother)} and white, {fixed(a.deltaE, 1)} from what you want. Saves {saved(
            a,
          )}.
        </span>
      </p>
      <Press plain onpress={() => letDown(a.light, a.mother)}>Let it down</Press>
    {/each}
  </Sheet>
{/if}

<style>
  .row {
    display: flex;
    gap: 10px;
    margin: 8px 0;
  }
  .shades {
    display: grid;
    grid-template-columns: 20px 20px;
    height: 40px;
    flex: none;
    border: 1px solid var(--line);
    border-radius: var(--round-field);
    overflow: hidden;
  }
</style>
