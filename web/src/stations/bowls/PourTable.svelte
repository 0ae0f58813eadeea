<script lang="ts">
  import type { Pour } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import { consistency, fixed, outOf } from "../../units/format";

  const desk = theDesk();

  // The same figures as the picture, to read out and to copy.
  let { pour }: { pour: Pour } = $props();

  const isSugared = $derived(
    pour.bowls.some((bowl) => bowl.portions.some((portion) => portion.sugarGrams > 0.05)),
  );
  const isFlavoured = $derived(pour.bowls.some((bowl) => bowl.flavour));
</script>

<details>
  <summary>The same as a table</summary>
  <div>
    <table>
      <caption class="unseen">Bowls and bags of this order, in grams</caption>
      <thead>
        <tr>
          <th scope="col">bowl</th>
          <th scope="col">base in it</th>
          <th scope="col">consistency</th>
          <th scope="col">base</th>
          <th scope="col">water</th>
          {#if isSugared}<th scope="col">icing sugar</th>{/if}
          <th scope="col">gel</th>
          {#if isFlavoured}<th scope="col">flavour</th>{/if}
          <th scope="col">finished</th>
          <th scope="col">fillings</th>
          <th scope="col">out of</th>
        </tr>
      </thead>
      <tbody>
        {#each pour.bowls as bowl (bowl.colour)}
          {#each bowl.portions as portion, i (portion.countSeconds + portion.vessel)}
            <tr>
              {#if i === 0}
                <th scope="rowgroup" rowspan={bowl.portions.length}
                  >{desk.colourName(bowl.colour)}</th
                >
                <td rowspan={bowl.portions.length} data-is="base in it"
                  >{fixed(bowl.dividedGrams, 1)}{#each bowl.fromJars as jar (jar.jar)}<br />{fixed(
                      jar.grams,
                      1,
                    )} out of a jar{/each}{#if bowl.letDown}<br />{fixed(
                      bowl.letDown.motherGrams,
                      1,
                    )} of {desk.colourName(bowl.letDown.mother)}, {fixed(
                      bowl.letDown.whiteGrams,
                      1,
                    )} white{/if}</td
                >
              {/if}
              <td class="left" data-is="consistency"
                >{consistency(portion.state, portion.countSeconds)}</td
              >
              <td data-is="base">{fixed(portion.baseGrams, 1)}</td>
              <td data-is="water">{fixed(portion.waterGrams, 1)}</td>
              {#if isSugared}<td data-is="icing sugar">{fixed(portion.sugarGrams, 1)}</td>{/if}
              <td data-is="gel">{fixed(portion.gelGrams, 2)}</td>
              {#if isFlavoured}<td data-is="flavour">{fixed(portion.flavourGrams, 1)}</td>{/if}
              <td data-is="finished">{fixed(portion.finishedGrams, 1)}</td>
              <td data-is="fillings">{portion.bags} × {fixed(portion.gramsPerBag, 0)}</td>
              <td class="left" data-is="out of">{outOf({ ...portion, bags: 1 })}</td>
            </tr>
          {/each}
        {/each}
      </tbody>
    </table>
  </div>
</details>

<style>
  details {
    margin-top: 8px;
  }
  summary {
    min-height: var(--target);
    align-content: center;
    cursor: pointer;
    color: var(--cobalt);
    font-size: var(--small);
  }
  table {
    border-collapse: collapse;
    margin-top: 8px;
    font-size: var(--small);
  }
  th,
  td {
    text-align: right;
    padding: 3px 12px 3px 0;
    border-bottom: 1px solid var(--line);
    vertical-align: top;
  }
  th:first-child,
  .left {
    text-align: left;
  }
  /* On a narrow screen each bag is a small sheet, its figures under their words. */
  @media (max-width: 700px) {
    thead {
      position: absolute;
      clip-path: inset(50%);
    }
    tr {
      display: grid;
      grid-template-columns: repeat(3, minmax(0, 1fr));
      gap: 2px 10px;
      padding: 8px 0;
      border-bottom: 1px solid var(--line);
    }
    th,
    td {
      border: 0;
      padding: 2px 0;
      text-align: left;
    }
    th {
      grid-column: 1 / -1;
    }
    td[data-is]::before {
      content: attr(data-is);
      display: block;
      color: var(--soft);
      font-size: var(--least);
    }
  }
</style>
