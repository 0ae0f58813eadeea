<script lang="ts">
  import { onMount } from "svelte";
  import { answered, api } from "../../api/client";
  import type { BakingView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import { locale } from "../../units/locale.svelte";
  import { fixed, grams, plural } from "../../units/format";

  // From the dough to the bare cookie: what is weighed, cutters on the rolled sheets, loads of the oven.
  const desk = theDesk();

  const MOST_DRAWN = 6;
  let view = $state.raw<BakingView | null>(null);
  let trouble = $state("");

  onMount(async () => {
    await desk.paper.settled();
    try {
      const path = { order: desk.id };
      view = await answered(api.GET("/api/orders/{order}/baking", { params: { path } }));
    } catch (e) {
      trouble = (e as Error).message;
    }
  });

  const one = (g: number) => fixed(g, g < 100 ? 1 : 0);
  const laid = $derived(view?.rolled.sheets.reduce((n, sheet) => n + sheet.pieces.length, 0) ?? 0);
  const share = $derived.by(() => {
    const sheets = view?.rolled.sheets ?? [];
    const area = sheets.reduce((sum, s) => sum + s.widthMm * s.lengthMm, 0);
    return sheets.reduce((sum, s) => sum + s.share * s.widthMm * s.lengthMm, 0) / (area || 1);
  });
  const path = (design: number, top: number) =>
    view?.designs.find((d) => d.design === design && d.top === top)?.path ?? "";
</script>

{#if view}
  {@const dough = view.dough.dough}
  <div class="both">
    <section>
      <h3>{view.dough.recipe.name}</h3>
      <dl>
        {#each dough.weighed as weighed (weighed.ingredient)}
          <dt>{weighed.ingredient}</dt>
          <dd>
            {weighed.pieces > 0 ? `${weighed.pieces} = ` : ""}{one(weighed.grams)} g
          </dd>
        {/each}
        <dt class="sum">dough</dt>
        <dd class="sum">{grams(dough.grams)} g</dd>
        <dt>cut</dt>
        <dd>{grams(dough.cutGrams)} g</dd>
        <dt>baked</dt>
        <dd>{grams(dough.bakedGrams)} g</dd>
      </dl>
      <p class="soft">Less what stands on the shelf, it is on the shopping list at Bowls.</p>
    </section>
    <section>
      <h3>Rolled {locale.short(view.dough.rolledMm)} mm</h3>
      <p>
        {laid} of {dough.pieces} come out of {plural(view.rolled.sheets.length, "first sheet")}:
        {Math.round(share * 100)} % of {view.rolled.sheets.length === 1 ? "it" : "them"} is cookies.
        {#if view.rolled.left > 0}
          {view.rolled.left} are cut from what is rolled again; those spread less evenly, so keep them
          for spares.
        {/if}
      </p>
      <ul class="sheets">
        {#each view.rolled.sheets.slice(0, MOST_DRAWN) as sheet, i (i)}
          <li>
            <svg
              viewBox="0 0 {sheet.widthMm} {sheet.lengthMm}"
              style:width="{sheet.widthMm / 3.2}px"
              role="img"
              aria-label="sheet {i + 1}: {sheet.pieces.length} pieces, {Math.round(
                sheet.share * 100,
              )} % of it cookies"
            >
              <rect width={sheet.widthMm} height={sheet.lengthMm} rx="6" class="dough" />
              {#each sheet.pieces as piece, n (n)}
                <path
                  d={path(piece.design, piece.top)}
                  class="piece"
                  transform="translate({piece.xMm} {piece.yMm}) rotate({piece.turned ? 180 : 0})"
                />
              {/each}
            </svg>
            <span class="soft">{Math.round(sheet.widthMm)} × {Math.round(sheet.lengthMm)} mm</span>
          </li>
        {/each}
      </ul>
      {#if view.rolled.sheets.length > MOST_DRAWN}
        <p class="soft">and {view.rolled.sheets.length - MOST_DRAWN} more alike</p>
      {/if}
    </section>
  </div>
  <div class="wide">
    <table>
      <thead>
        <tr>
          <th scope="col">cookie</th>
          <th scope="col">iced</th>
          <th scope="col">bare</th>
          <th scope="col">raw, each</th>
          <th scope="col">on a tray</th>
          <th scope="col">loads</th>
          <th scope="col">a load bakes</th>
        </tr>
      </thead>
      <tbody>
        {#each view.designs as design (`${design.design} ${design.top}`)}
          <tr>
            <th scope="row">{design.name}</th>
            <td>{design.iced}</td>
            <td>{design.bare}</td>
            <td>{fixed(design.gramsEach, 1)} g</td>
            <td>{design.onTray}</td>
            <td>{design.loads}</td>
            <td>{fixed(design.minutes, 0)} min</td>
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
{:else if trouble}
  <p role="alert" class="trouble">{trouble}</p>
{:else}
  <p class="soft">Laying the cutters out …</p>
{/if}

<style>
  .both {
    display: grid;
    grid-template-columns: 230px minmax(0, 1fr);
    gap: 24px;
  }
  dl {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 5px 12px;
    margin: 8px 0;
  }
  dd {
    margin: 0;
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
  .sum {
    font-weight: 650;
    border-top: 1px solid var(--line);
    padding-top: 5px;
  }
  .sheets {
    list-style: none;
    display: flex;
    flex-wrap: wrap;
    gap: 14px;
    margin: 10px 0;
    padding: 0;
  }
  .sheets li {
    display: grid;
    gap: 3px;
    align-content: start;
    font-size: var(--small);
  }
  .dough {
    fill: var(--dough);
    opacity: 0.35;
  }
  .piece {
    fill: var(--dough);
    stroke: var(--ink);
    stroke-width: 1.2;
  }
  .wide {
    overflow-x: auto;
  }
  table {
    width: 100%;
    border-collapse: collapse;
    margin-top: 10px;
  }
  th,
  td {
    padding: 5px 8px;
    text-align: right;
    border-bottom: 1px solid var(--line);
    font-weight: 400;
    font-variant-numeric: tabular-nums;
  }
  thead th {
    color: var(--soft);
    font-size: var(--small);
  }
  th:first-child {
    text-align: left;
  }
  .trouble {
    color: var(--tomato);
  }
  @media (max-width: 700px) {
    .both {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
