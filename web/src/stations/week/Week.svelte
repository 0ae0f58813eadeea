<script lang="ts">
  import { onMount } from "svelte";
  import { answered, api } from "../../api/client";
  import type { OrderView, WeekView } from "../../api/types";
  import { toast } from "../../desk/toast.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, daysAfter, daysBetween, plural, timeOf } from "../../units/format";
  import NewOrder from "./NewOrder.svelte";
  import OrderTray from "./OrderTray.svelte";

  let week = $state.raw<WeekView | null>(null);
  let trouble = $state("");
  let taking = $state(false);

  async function look() {
    try {
      week = await answered(api.GET("/api/week"));
      trouble = "";
    } catch (e) {
      trouble = (e as Error).message;
    }
  }
  onMount(() => void look());

  const DAYS = 7;
  const days = $derived.by(() => {
    if (!week) return [];
    const { today, orders } = week;
    return Array.from({ length: DAYS }, (_, i) => {
      const iso = daysAfter(today, i);
      return { iso, orders: orders.filter((o) => o.details.handOver.startsWith(iso)) };
    });
  });
  const ahead = (order: OrderView) => daysBetween(week?.today ?? "", order.details.handOver);
  const soon = $derived(week?.orders.filter((o) => ahead(o) >= 0 && ahead(o) < DAYS) ?? []);
  const later = $derived(week?.orders.filter((o) => ahead(o) >= DAYS) ?? []);
  const over = $derived(week?.orders.filter((o) => ahead(o) < 0).reverse() ?? []);
  const next = $derived(week?.orders.find((o) => ahead(o) >= 0));

  const cookies = (order: OrderView) => order.designs.reduce((n, d) => n + d.count, 0);

  async function remove(order: OrderView) {
    const path = { order: order.id };
    try {
      await answered(api.DELETE("/api/orders/{order}", { params: { path } }));
    } catch (e) {
      toast.say((e as Error).message);
      return;
    }
    await look();
    toast.say(`${order.details.name} is taken out of the week.`, {
      word: "Put it back",
      run: () =>
        void answered(api.POST("/api/orders/{order}/restore", { params: { path } })).then(look),
    });
  }

  function pressed(event: KeyboardEvent) {
    const target = event.target as HTMLElement;
    if (
      event.key === "n" &&
      !event.ctrlKey &&
      !event.metaKey &&
      !/INPUT|SELECT/.test(target.tagName)
    ) {
      event.preventDefault();
      taking = true;
    }
  }
</script>

<svelte:head><title>The week: Kind Thimble</title></svelte:head>
<svelte:window onkeydown={pressed} />

<div class="page">
  <header>
    <div>
      <h1>The week</h1>
      <p class="soft summary">
        {#if week}
          {plural(week.orders.length - over.length, "order")} ahead · {plural(
            soon.reduce((n, o) => n + cookies(o), 0),
            "cookie",
          )} in the next seven days
        {/if}
      </p>
    </div>
    <Press key="n" onpress={() => (taking = true)}>Take an order</Press>
  </header>

  {#if trouble}<p role="alert" class="trouble">{trouble}</p>{/if}

  <div class="body">
    <main>
      <Sheet label="The next seven days">
        {#if week && week.orders.length === 0}
          <div class="empty">
            <h2>Nothing promised yet</h2>
            <p>Take an order: a name, a day and a time. The cookies come after that.</p>
            <Press onpress={() => (taking = true)}>Take the first order</Press>
          </div>
        {:else}
          <div class="days">
            {#each days as day, i (day.iso)}
              <h2 class="day" class:today={i === 0} style:grid-column={i + 1}>
                {dayOf(day.iso)}
                <span class="soft"
                  >{day.orders.length === 0
                    ? i === 0
                      ? "today"
                      : ""
                    : plural(day.orders.length, "hand-over")}</span
                >
              </h2>
              <span class="rule" class:today={i === 0} style:grid-column={i + 1} aria-hidden="true"
              ></span>
            {/each}
            <ol class="trays">
              {#each soon as order (order.id)}
                <li style:grid-column="{Math.max(1, ahead(order))} / span 2">
                  <OrderTray {order} onremove={() => remove(order)} />
                </li>
              {/each}
            </ol>
          </div>
        {/if}
      </Sheet>
    </main>
    <aside>
      {#if taking}
        <NewOrder today={week?.today ?? ""} onclose={() => (taking = false)} />
      {/if}
      {#if next}
        <Sheet label="Next hand-over">
          <p class="soft">next hand-over</p>
          <h2>{dayOf(next.details.handOver)}, {timeOf(next.details.handOver)}</h2>
          <p class="soft gap">{next.details.name} · {plural(cookies(next), "cookie")}</p>
          <a class="open" href="/orders/{next.id}">Open it</a>
        </Sheet>
      {/if}
      {#each [{ title: "Later", orders: later }, { title: "Handed over", orders: over }] as pile (pile.title)}
        {#if pile.orders.length > 0}
          <Sheet label={pile.title}>
            <h2 class="pile">{pile.title}</h2>
            <ul>
              {#each pile.orders as order (order.id)}
                <li>
                  <a href="/orders/{order.id}">{order.details.name}</a>
                  <span class="soft">{dayOf(order.details.handOver)} · {cookies(order)}</span>
                </li>
              {/each}
            </ul>
          </Sheet>
        {/if}
      {/each}
      <p class="soft foot"><a href="/shop">The shop's own numbers</a> · keys: <kbd>?</kbd></p>
    </aside>
  </div>
</div>

<style>
  .summary {
    min-height: 1.5em;
  }
  .page {
    padding: 14px 24px 20px;
    max-width: 1500px;
    margin: 0 auto;
  }
  header {
    display: flex;
    justify-content: space-between;
    align-items: center;
    margin-bottom: 12px;
  }
  h1 {
    font-size: 30px;
  }
  .body {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 300px;
    gap: 16px;
    align-items: start;
  }
  aside {
    display: flex;
    flex-direction: column;
    gap: 16px;
  }
  .days {
    display: grid;
    grid-template-columns: repeat(7, minmax(0, 1fr));
    grid-template-rows: auto 1fr;
    min-height: 560px;
  }
  .pile {
    font-size: 17px;
  }
  .day {
    font-size: 17px;
    grid-row: 1;
    padding: 6px 10px;
    border-radius: 10px 10px 0 0;
    min-height: 48px;
  }
  .day .soft {
    display: block;
    font: 400 12px var(--text);
  }
  .rule {
    grid-row: 2;
    border-left: 1px solid var(--line);
  }
  .rule.today {
    border: 0;
    border-radius: 0 0 10px 10px;
  }
  .today {
    background: #f3eee6;
  }
  .trays {
    grid-row: 2;
    grid-column: 1 / -1;
    display: grid;
    grid-template-columns: subgrid;
    grid-auto-flow: dense;
    align-content: start;
    gap: 14px 0;
    margin: 0;
    padding: 8px 0;
    list-style: none;
  }
  .trays li {
    padding: 0 4px;
    min-width: 0;
  }
  .open {
    display: inline-block;
    margin-top: 10px;
    font-weight: 600;
  }
  .gap {
    margin-top: 4px;
  }
  ul {
    margin: 8px 0 0;
    padding: 0;
    list-style: none;
    display: grid;
    gap: 6px;
  }
  ul li {
    display: flex;
    justify-content: space-between;
    gap: 8px;
  }
  .empty {
    display: grid;
    gap: 12px;
    justify-items: start;
    padding: 40px 20px;
    min-height: 360px;
    align-content: center;
  }
  .trouble {
    color: var(--tomato);
    margin-bottom: 10px;
  }
  .foot {
    padding: 0 4px;
  }
  kbd {
    font: inherit;
    font-weight: 600;
  }
  @media (max-width: 1100px) {
    .body {
      grid-template-columns: minmax(0, 1fr);
    }
    aside {
      order: -1;
    }
  }
  @media (max-width: 700px) {
    .days {
      display: block;
      min-height: 0;
    }
    .day,
    .rule {
      display: none;
    }
    .trays {
      grid-template-columns: minmax(0, 1fr);
    }
    .trays li {
      grid-column: 1 !important;
    }
  }
  @media (max-width: 560px) {
    .page {
      padding: 12px;
    }
  }
</style>
