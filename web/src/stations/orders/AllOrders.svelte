<script lang="ts">
  import { onMount } from "svelte";
  import { answered, api } from "../../api/client";
  import type { Listed } from "../../api/types";
  import { live } from "../../desk/live";
  import { archiveOrder, removeOrder } from "../../desk/orders";
  import Dialog from "../../parts/Dialog.svelte";
  import Field from "../../parts/Field.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { daysAfter, todayHere } from "../../units/dates";
  import { plural } from "../../units/format";
  import ShopFrame from "../ShopFrame.svelte";
  import OrderRow from "./OrderRow.svelte";
  import NewOrder from "../week/NewOrder.svelte";

  // The orders of years: looked for by their words, their month, their colours.
  const SORTS = {
    LATEST: "latest hand-over first",
    EARLIEST: "earliest hand-over first",
    NAME: "by name",
    FOR: "by whom it is for",
    MOST_COOKIES: "most cookies first",
  } as const;
  const PAGE = 50;

  let text = $state("");
  let month = $state("");
  let sort = $state<keyof typeof SORTS>("LATEST");
  let archived = $state(false);
  let page = $state(0);
  let found = $state.raw<{ total: number; orders: Listed[] } | null>(null);
  let trouble = $state("");
  let like = $state.raw<Listed | null>(null);
  let copying: Dialog;
  let asked = 0;

  async function look() {
    const mine = ++asked;
    const query = { text, sort, archived, page, ...(month ? { month } : {}) };
    try {
      const answer = await answered(api.GET("/api/orders", { params: { query } }));
      if (mine === asked) {
        found = answer;
        trouble = "";
      }
    } catch (e) {
      if (mine === asked) trouble = (e as Error).message;
    }
  }

  function first() {
    page = 0;
    void look();
  }

  onMount(() => {
    void look();
    let soon: ReturnType<typeof setTimeout> | undefined;
    return live.listen(() => {
      clearTimeout(soon);
      soon = setTimeout(() => void look(), 200);
    });
  });

  const acts = (order: Listed) => [
    {
      word: "Copy as a new order",
      run: () => {
        like = order;
        copying.show();
      },
    },
    {
      word: archived ? "Bring it back" : "Put away (archive)",
      run: () => void archiveOrder(order.id, order.name, !archived, () => void look()),
    },
    { word: "Remove", run: () => void removeOrder(order.id, order.name, () => void look()) },
  ];
</script>

<Dialog bind:this={copying} title={like ? `Like ${like.name}` : ""}>
  <NewOrder
    free={daysAfter(todayHere(), 14)}
    like={like ?? undefined}
    onclose={() => copying.close()}
  />
</Dialog>

<ShopFrame title="All orders">
  <main>
    <Sheet label="All orders">
      <form onsubmit={(e) => e.preventDefault()}>
        <Field label="look for a name, for whom, a design, a colour">
          <input
            type="search"
            maxlength="120"
            autocomplete="off"
            bind:value={text}
            oninput={first}
          />
        </Field>
        <Field label="handed over in">
          <input type="month" bind:value={month} onchange={first} />
        </Field>
        <Field label="in the order">
          <select bind:value={sort} onchange={first}>
            {#each Object.entries(SORTS) as [key, word] (key)}<option value={key}>{word}</option
              >{/each}
          </select>
        </Field>
        <label class="tick">
          <input type="checkbox" bind:checked={archived} onchange={first} />those put away
        </label>
      </form>
      {#if trouble}<p role="alert" class="trouble">{trouble}</p>{/if}
      {#if found}
        <p class="soft" role="status">
          {found.total === 0
            ? "No order is like that. Take a word away, or another month."
            : plural(found.total, "order")}
        </p>
        <ul>
          {#each found.orders as order (order.id)}
            <OrderRow {order} acts={acts(order)} />
          {/each}
        </ul>
        {#if found.total > PAGE}
          <p class="pages">
            <Press
              plain
              disabled={page === 0}
              onpress={() => {
                page--;
                void look();
              }}>The {PAGE} before</Press
            >
            <span>{page * PAGE + 1} to {Math.min(found.total, (page + 1) * PAGE)}</span>
            <Press
              plain
              disabled={(page + 1) * PAGE >= found.total}
              onpress={() => {
                page++;
                void look();
              }}>The next {PAGE}</Press
            >
          </p>
        {/if}
      {/if}
    </Sheet>
  </main>
</ShopFrame>

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 16px;
    align-items: end;
    margin-bottom: 10px;
  }
  form > :global(.field:first-child) {
    flex: 1 1 260px;
  }
  .tick {
    display: flex;
    align-items: center;
    gap: 6px;
    min-height: 44px;
  }
  ul {
    list-style: none;
    margin: 6px 0 0;
    padding: 0;
  }
  .pages {
    display: flex;
    align-items: center;
    gap: 14px;
    margin-top: 12px;
  }
  .trouble {
    color: var(--tomato);
  }
</style>
