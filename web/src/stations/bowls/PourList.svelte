<script lang="ts">
  import type { Pour } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import Slump from "../../marks/Slump.svelte";
  import { consistency, fixed, grams, outOf, stirred } from "../../units/format";

  const desk = theDesk();

  // The pour for a narrow screen: bowl by bowl, with its bags below it.
  let {
    pour,
    chosen,
    onchoose,
  }: { pour: Pour; chosen: string; onchoose: (colour: string) => void } = $props();
</script>

<ol>
  {#each pour.bowls as bowl (bowl.colour)}
    <li>
      <button aria-pressed={chosen === bowl.colour} onclick={() => onchoose(bowl.colour)}>
        <BowlDisc hex={desk.hexes[bowl.colour] ?? "#888888"} size={36} />
        <strong>{desk.colourName(bowl.colour)}</strong>
        <span>{grams(bowl.dividedGrams)} g base</span>
      </button>
      {#if bowl.letDown}
        <p class="soft">
          {grams(bowl.letDown.motherGrams)} g of {desk.colourName(bowl.letDown.mother)} and {grams(
            bowl.letDown.whiteGrams,
          )} g of white
        </p>
      {/if}
      {#if bowl.flavour}
        <p class="soft">{fixed(bowl.flavourGrams, 1)} g {bowl.flavour.name}</p>
      {/if}
      <ul>
        {#each bowl.portions as portion (portion.countSeconds + portion.vessel)}
          <li class="portion">
            <Slump state={portion.state} />
            <span>{consistency(portion.state, portion.countSeconds)}</span>
            <strong>{grams(portion.finishedGrams)} g</strong>
            <span class="soft">
              {outOf(portion)}
            </span>
            <span class="water">{stirred(portion)}</span>
          </li>
        {/each}
      </ul>
    </li>
  {/each}
</ol>

<style>
  ol,
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  ol > li {
    border-top: 1px solid var(--line);
    padding: 8px 0;
  }
  button {
    display: flex;
    align-items: center;
    gap: 10px;
    width: 100%;
    border: 0;
    background: none;
    padding: 4px 0;
    text-align: left;
    cursor: pointer;
  }
  button strong {
    flex: 1;
    font-family: var(--heading);
  }
  .portion {
    display: grid;
    grid-template-columns: 30px 1fr auto;
    gap: 0 8px;
    align-items: center;
    padding: 4px 0 4px 46px;
  }
  .portion .soft {
    grid-column: 2;
  }
  .water {
    color: var(--cobalt);
    font-size: var(--small);
    text-align: right;
  }
</style>
