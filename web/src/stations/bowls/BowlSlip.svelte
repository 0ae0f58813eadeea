<script lang="ts">
  import type { Bowl, PourView, Rung, TintView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import Slump from "../../marks/Slump.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { chance, consistency, fixed, grams, stirred } from "../../units/format";
  import Explain from "../../parts/Explain.svelte";
  import TintPart from "./TintPart.svelte";
  import { locale } from "../../units/locale.svelte";

  const desk = theDesk();

  type Props = {
    bowl: Bowl;
    ladder: Rung[];
    tint: TintView | undefined;
    designs: PourView["designs"];
  };
  let { bowl, ladder, tint, designs }: Props = $props();

  const spoons = $derived(locale.isUs);
  const own = $derived(desk.palette.find((c) => c.key === bowl.colour));
  const fromJars = $derived(bowl.fromJars.reduce((g, jar) => g + jar.grams, 0));

  const drinkers = $derived.by(() => {
    const byDesign: Record<string, number> = {};
    for (const drink of bowl.portions.flatMap((p) => p.drinks)) {
      byDesign[drink.design] = (byDesign[drink.design] ?? 0) + drink.grams;
    }
    return Object.entries(byDesign)
      .map(([id, g]) => ({
        id,
        g,
        name: designs.find((d) => d.design === id)?.name ?? "a design that was removed",
      }))
      .sort((a, b) => b.g - a.g);
  });
</script>

<Sheet label={desk.colourName(bowl.colour)}>
  <div class="head">
    <BowlDisc hex={desk.hexes[bowl.colour] ?? "#888888"} size={54} />
    <div>
      <h2>{desk.colourName(bowl.colour)}</h2>
      <p class="soft">
        {grams(bowl.dividedGrams)} g base{bowl.givenGrams > 0
          ? `, ${grams(bowl.givenGrams)} g of it for lighter bowls`
          : ""}{fromJars > 0 ? ` and ${grams(fromJars)} g out of a jar` : ""} · {grams(
          bowl.cookiesGrams,
        )} g on cookies · {grams(bowl.spareGrams)} g spare, runs short
        {chance(bowl.risk)}
      </p>
    </div>
  </div>
  {#if bowl.flavour}
    <h3>Flavour</h3>
    <p>
      Stir in <strong>{fixed(bowl.flavourGrams, 1)} g {bowl.flavour.name}</strong>{bowl.flavour
        .colours
        ? ", which makes the colour: no drops"
        : ""}.
    </p>
  {/if}
  {#if tint}<TintPart {bowl} {tint} />{/if}
  <h3>Goes on</h3>
  <ul>
    {#each drinkers as drinker (drinker.id)}
      <li><span>{drinker.name}</span><strong>{grams(drinker.g)} g</strong></li>
    {/each}
  </ul>
  {#if ladder.length > 0}
    <h3>Down the ladder <Explain word="ladder" /></h3>
    <p class="soft">
      One bowl thinned step by step; or thin each bag by itself, as the pour says. Not both.
    </p>
    <ol>
      {#each ladder as rung, i (i)}
        {#each rung.jars as jar (jar.jar)}
          <li><span>add the jar</span><span class="soft">{grams(jar.grams)} g of it</span></li>
        {/each}
        <li>
          <span><Slump state={rung.state} /> {stirred(rung, spoons)}</span>
          <span class="soft">
            take {grams(bowl.portions[rung.portion]?.finishedGrams ?? 0)} g at {consistency(
              rung.state,
              rung.countSeconds,
            )}
          </span>
        </li>
      {/each}
    </ol>
  {/if}
  {#if own}
    <label class="apart">
      <input
        type="checkbox"
        checked={own.apart ?? false}
        onchange={(e) => {
          const apart = e.currentTarget.checked || null;
          desk.editDetails((d) => {
            d.palette = d.palette.map((c) => (c.key === own.key ? { ...c, apart } : c));
          });
        }}
      />
      never run out of {own.name}
    </label>
  {/if}
</Sheet>

<style>
  .head {
    display: flex;
    gap: 12px;
    align-items: center;
  }
  h3 {
    font-size: 14px;
    color: var(--cobalt);
    margin-top: 10px;
  }
  li :global(svg) {
    display: inline-block;
    vertical-align: -3px;
  }
  .apart {
    display: flex;
    gap: 8px;
    margin-top: 10px;
    font-size: 14px;
  }
  ul,
  ol {
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
