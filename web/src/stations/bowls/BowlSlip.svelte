<script lang="ts">
  import type { Bowl } from "../../api/types";
  import { desk } from "../../desk/order.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { chance, grams } from "../../units/format";

  let { bowl }: { bowl: Bowl } = $props();

  const drinkers = $derived.by(() => {
    const byDesign: Record<string, number> = {};
    for (const drink of bowl.portions.flatMap((p) => p.drinks)) {
      byDesign[drink.design] = (byDesign[drink.design] ?? 0) + drink.grams;
    }
    return Object.entries(byDesign)
      .map(([id, g]) => ({ id, g, name: desk.design(Number(id))?.document.name ?? "" }))
      .sort((a, b) => b.g - a.g);
  });
</script>

<Sheet label={desk.colourName(bowl.colour)}>
  <div class="head">
    <BowlDisc hex={desk.hexes[bowl.colour] ?? "#888888"} size={54} />
    <div>
      <h2>{desk.colourName(bowl.colour)}</h2>
      <p class="soft">
        {grams(bowl.baseGrams)} g base · {grams(bowl.cookiesGrams)} g on cookies · {grams(
          bowl.spareGrams,
        )} g spare, runs short {chance(bowl.risk)}
      </p>
    </div>
  </div>
  <ul>
    {#each drinkers as drinker (drinker.id)}
      <li><span>{drinker.name}</span><strong>{grams(drinker.g)} g</strong></li>
    {/each}
  </ul>
</Sheet>

<style>
  .head {
    display: flex;
    gap: 12px;
    align-items: center;
  }
  ul {
    list-style: none;
    margin: 8px 0 0;
    padding: 0;
  }
  li {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    padding: 2px 0;
  }
</style>
