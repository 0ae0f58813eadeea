<script lang="ts">
  import type { Bowl, PaletteColour, TintRecipe, TintView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import Drops from "../../marks/Drops.svelte";
  import Compare from "../../parts/Compare.svelte";
  import { fixed, grams } from "../../units/format";
  import { apart, dose, doses } from "../../units/tint";
  import { locale } from "../../units/locale.svelte";

  const desk = theDesk();

  // How a bowl comes to its colour: what is wanted, how it will look, and the drops that go in.
  let { bowl, tint }: { bowl: Bowl; tint: TintView } = $props();

  let compare: Compare;
  const looks = $derived(tint.recipe ?? tint.shade);
  const mother = $derived(tint.shade?.mother ?? "");
  const colours = $derived([
    { name: "wanted", hex: tint.wanted },
    ...(looks
      ? [
          { name: "dried", hex: looks.dry },
          { name: "just mixed: aim for this", hex: looks.now },
          { name: "after 6 h", hex: looks.later },
        ]
      : []),
    ...tint.alternatives.map((a, i) => ({ name: `other way ${i + 1}`, hex: a.dry })),
  ]);
  const money = (recipe: TintRecipe) =>
    recipe.cost === null || recipe.doses.length === 0
      ? ""
      : ` · costs ${locale.money(recipe.cost)}`;
  const weight = (recipe: TintRecipe) =>
    `${fixed(recipe.gelGrams, 2)} g of gel, ${fixed(recipe.gelPercent, 2)} %${money(recipe)}`;

  const own = $derived(desk.palette.find((c) => c.key === bowl.colour));

  function change(part: Partial<PaletteColour>) {
    desk.editDetails((d) => {
      d.palette = d.palette.map((c) => (c.key === bowl.colour ? { ...c, ...part } : c));
    });
  }
</script>

<div class="tint">
  <h3>Tint</h3>
  {#if looks}
    <button class="swatches" title="Compare two of them, large" onclick={() => compare.show()}>
      <span class="wanted" style:background={tint.wanted}><i>wanted</i></span>
      <span style:background={looks.now}><i>now</i></span>
      <span style:background={looks.later}><i>in 6 h</i></span>
      <span style:background={looks.dry}><i>dried</i></span>
      <span class="unseen">: compare, large</span>
    </button>
    <p class="soft">
      Dried it is {fixed(looks.deltaE, 1)} from what is wanted: {apart(looks.deltaE)}.
    </p>
  {/if}
  {#if tint.shade && bowl.letDown}
    <p class="down">
      Weigh <strong>{grams(bowl.letDown.motherGrams)} g of {desk.colourName(mother)}</strong> and
      <strong>{grams(bowl.letDown.whiteGrams)} g of white</strong>, and stir.
    </p>
    {#if own}
      <button class="link" onclick={() => change({ letDownFrom: null })}
        >Tint it on its own instead</button
      >
    {/if}
  {:else if tint.recipe}
    {#if tint.recipe.doses.length === 0}
      <p><strong>Leave it untinted.</strong></p>
    {:else}
      <ul>
        {#each tint.recipe.doses as one (one.gel)}
          <li>
            <span><strong>{one.name}</strong> {dose(one)}</span>
            {#if one.drops < 20}<Drops hex={one.hex} drops={one.drops} dabs={one.dabs} />{/if}
          </li>
        {/each}
      </ul>
      <p class="soft">{weight(tint.recipe)} · for {grams(tint.grams)} g of base</p>
    {/if}
    {#each tint.hints.filter((h) => h.about !== "UNTINTED") as hint (hint.about)}
      <p class="hint">
        {hint.sentence}
        {#if hint.about === "OUT_OF_REACH" && own}
          <button class="link" onclick={() => change({ hex: tint.recipe?.dry ?? own.hex })}
            >Take the nearest</button
          >
        {/if}
      </p>
    {/each}
    {#if tint.alternatives.length > 0}
      <details>
        <summary>Other ways</summary>
        {#each tint.alternatives as other, i (i)}
          <div class="other">
            <span class="split" aria-hidden="true">
              <span style:background={tint.wanted}></span><span style:background={other.dry}></span>
            </span>
            <span>
              {doses(other)}
              <span class="soft">{fixed(other.deltaE, 1)} away · {weight(other)}</span>
            </span>
          </div>
        {/each}
      </details>
    {/if}
  {/if}
  <Compare bind:this={compare} title={desk.colourName(bowl.colour)} {colours} />
</div>

<style>
  .tint {
    border-top: 1px solid var(--line);
    margin-top: 10px;
    padding-top: 10px;
    display: grid;
    gap: 6px;
  }
  h3 {
    font-size: 14px;
    color: var(--cobalt);
  }
  .swatches {
    position: relative;
    display: grid;
    grid-template-columns: 1.4fr 1fr 1fr 1fr;
    height: 58px;
    padding: 0;
    border: 1.5px solid var(--cobalt);
    border-radius: 10px;
    overflow: hidden;
    cursor: pointer;
    background: none;
  }
  .swatches span {
    display: flex;
    align-items: end;
    justify-content: center;
  }
  .swatches i {
    font-style: normal;
    font-size: var(--least);
    line-height: 1.2;
    background: var(--enamel);
    border-radius: 6px 6px 0 0;
    padding: 1px 6px;
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: 6px;
  }
  li {
    display: grid;
    gap: 2px;
  }
  .hint {
    border-left: 3px solid var(--brass-line);
    padding-left: 8px;
    font-size: 14px;
  }
  summary {
    cursor: pointer;
    font-size: 14px;
  }
  .other {
    display: flex;
    gap: 10px;
    padding: 6px 0 0;
    font-size: 14px;
  }
  .other .soft {
    display: block;
  }
  .split {
    display: grid;
    grid-template-columns: 18px 18px;
    height: 36px;
    flex: none;
    border: 1px solid var(--line);
    border-radius: 6px;
    overflow: hidden;
  }
  .link {
    justify-self: start;
    border: 0;
    background: none;
    padding: 0;
    color: var(--cobalt);
    text-decoration: underline;
    cursor: pointer;
    min-height: var(--target);
  }
</style>
