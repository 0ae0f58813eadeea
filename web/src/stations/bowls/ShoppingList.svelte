<script lang="ts">
  import type { MixingView, PourView } from "../../api/types";
  import { addressed } from "../../router";
  import { fixed, grams, plural } from "../../units/format";
  import { locale } from "../../units/locale.svelte";

  // What this order takes from the shelf, and what to buy for it.
  let { lines, names }: { lines: MixingView["shopping"]; names: PourView["designs"] } = $props();

  const order = $derived(addressed().order);
  type ToBuy = MixingView["shopping"][number];
  const amount = (line: ToBuy, n: number) =>
    line.measure === "GRAMS"
      ? `${grams(n)} g`
      : line.measure === "DROPS"
        ? plural(Math.ceil(n - 1e-6), "drop")
        : line.measure === "MILLILITRES"
          ? `${fixed(n, 1)} ml`
          : line.measure === "SHEETS"
            ? plural(n, "sheet")
            : fixed(Math.ceil(n), 0);
  const cost = $derived(lines.reduce((sum, line) => sum + (line.cost ?? 0), 0));
  const unpriced = $derived(lines.filter((line) => line.unpriced).map((line) => line.name));
  const orders = $derived([...new Set(names.map((design) => design.orderName))]);
</script>

<div>
  <table>
    <thead>
      <tr>
        <th scope="col"><span class="unseen">row</span></th>
        <th scope="col">what</th>
        <th scope="col">needed</th>
        <th scope="col">on the shelf</th>
        <th scope="col">to buy</th>
        <th scope="col">cost</th>
      </tr>
    </thead>
    <tbody>
      {#each lines as line, i (line.name)}
        <tr class:short={line.missing > 0}>
          <td class="row">{i + 1}</td>
          <th scope="row">{line.name}</th>
          <td data-is="needed">{amount(line, line.needed)}</td>
          <td data-is="on the shelf"
            >{amount(line, line.onShelf)}{#if line.before > 0}<small class="before"
                >{amount(line, line.before)} of it goes to earlier orders</small
              >{/if}</td
          >
          <td data-is="to buy">
            {line.packs > 0
              ? `${line.packs} × ${amount(line, line.packSize)}`
              : line.missing > 0
                ? amount(line, line.missing)
                : "nothing"}
          </td>
          <td data-is="cost">
            {line.unpriced
              ? "no price"
              : line.packs > 0 && line.cost !== null
                ? locale.money(line.cost)
                : ""}
          </td>
        </tr>
      {/each}
    </tbody>
    <tfoot>
      <tr
        ><td class="row"></td><th scope="row">together</th><td colspan="4">{locale.money(cost)}</td
        ></tr
      >
    </tfoot>
  </table>
</div>
{#if unpriced.length > 0}
  <p class="soft">Together leaves out what has no price: {unpriced.join(", ")}.</p>
{/if}
<p class="soft">
  {orders.length > 1 ? `For ${orders.join(" and ")}. ` : ""}Less what stands on the
  <a href="/orders/{order}/shelf">shelf</a>. Take the list along:
  <a href="/api/orders/{order}/print/shopping.pdf" target="_blank" rel="noreferrer"
    >to print (PDF)</a
  >,
  <a href="/api/orders/{order}/print/shopping.csv" download>as a table (CSV)</a>.
</p>

<style>
  .before {
    display: block;
    color: var(--soft);
    font-size: var(--small);
  }
  table {
    width: 100%;
    border-collapse: collapse;
    margin: 8px 0;
  }
  th,
  td {
    text-align: right;
    padding: 6px 8px;
    border-bottom: 1px solid var(--line);
    font-weight: 400;
  }
  tbody th,
  tfoot th,
  thead th:nth-child(2) {
    text-align: left;
  }
  .row {
    color: var(--soft);
    width: 1%;
  }
  thead th {
    color: var(--soft);
    font-size: var(--small);
  }
  .short th,
  .short td,
  tfoot td {
    font-weight: 700;
  }
  /* On a narrow screen a row is a small sheet, each figure under its word. */
  @media (max-width: 560px) {
    thead {
      position: absolute;
      clip-path: inset(50%);
    }
    tr {
      display: grid;
      grid-template-columns: 24px repeat(4, minmax(0, 1fr));
      gap: 0 6px;
      padding: 6px 0;
      border-bottom: 1px solid var(--line);
    }
    th,
    td {
      padding: 2px 0;
      border: 0;
    }
    tbody th,
    tfoot th {
      grid-column: 2 / -1;
    }
    td[data-is="needed"] {
      grid-column: 2;
    }
    td[data-is]::before {
      content: attr(data-is);
      display: block;
      color: var(--soft);
      font-size: var(--least);
      font-weight: 400;
    }
    tfoot td[colspan] {
      grid-column: 2 / -1;
    }
  }
</style>
