<script lang="ts">
  import { onMount } from "svelte";
  import { answered, api, Unreached } from "../../api/client";
  import type { WeekView } from "../../api/types";
  import { connection } from "../../desk/connection.svelte";
  import { live } from "../../desk/live";
  import { archiveOrder, removeOrder } from "../../desk/orders";
  import { shop } from "../../desk/shop.svelte";
  import Dialog from "../../parts/Dialog.svelte";
  import { isShortcut } from "../../parts/keys";
  import Months from "../../parts/Months.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, daysAfter, todayHere, weekOf } from "../../units/dates";
  import { plural, timeOf } from "../../units/format";
  import ShopFrame from "../ShopFrame.svelte";
  import FirstOrder from "./FirstOrder.svelte";
  import NewOrder from "./NewOrder.svelte";
  import OrderTray from "./OrderTray.svelte";
  import RemovedList from "./RemovedList.svelte";

  type Tray = WeekView["orders"][number];

  const DAYS = 7;
  let week = $state.raw<WeekView | null>(null);
  let counts = $state.raw<Record<string, number>>({});
  let trouble = $state("");
  // Without a day of its own the week is the one from today on.
  let from = $state<string | null>(null);
  let month = $state(todayHere().slice(0, 7));
  let like = $state.raw<Tray | null>(null);
  let taking: Dialog;
  let removed: Dialog;

  async function look() {
    try {
      const query = from ? { from } : {};
      const [seven, days] = await Promise.all([
        answered(api.GET("/api/week", { params: { query } })),
        answered(api.GET("/api/week/months", { params: { query: { month } } })),
        shop.open(),
      ]);
      week = seven;
      counts = days;
      trouble = "";
      connection.reached();
    } catch (e) {
      if (e instanceof Unreached) {
        connection.away(e.message);
        void connection.wait(1500).then(look);
      } else trouble = (e as Error).message;
    }
  }

  onMount(() => {
    void look();
    let soon: ReturnType<typeof setTimeout> | undefined;
    const stop = live.listen(() => {
      clearTimeout(soon);
      soon = setTimeout(() => void look(), 150);
    });
    return () => {
      clearTimeout(soon);
      stop();
    };
  });

  const days = $derived(
    Array.from({ length: DAYS }, (_, i) => {
      const iso = daysAfter(week?.from ?? todayHere(), i);
      return {
        iso,
        orders: (week?.orders ?? []).filter((o) => o.details.handOver.startsWith(iso)),
      };
    }),
  );
  const cookies = $derived(
    (week?.orders ?? []).reduce((n, o) => n + o.designs.reduce((m, d) => m + d.count, 0), 0),
  );

  function go(to: string | null) {
    from = to;
    month = (to ?? todayHere()).slice(0, 7);
    void look();
  }

  function take(order: Tray | null = null) {
    like = order;
    taking.show();
  }

  function pressed(event: KeyboardEvent) {
    if (isShortcut(event, "n")) {
      event.preventDefault();
      take();
    }
  }
</script>

<svelte:window onkeydown={pressed} />

<Dialog bind:this={taking} title={like ? `Like ${like.details.name}` : "Take an order"}>
  <NewOrder
    free={week?.free ?? daysAfter(todayHere(), 7)}
    like={like ? { id: like.id, name: like.details.name, client: like.details.client } : undefined}
    onclose={() => taking.close()}
  />
</Dialog>
<Dialog bind:this={removed} title="Removed in the last thirty days">
  <RemovedList onchange={() => void look()} />
</Dialog>

<ShopFrame title="The week">
  {#if trouble}<p role="alert" class="trouble">{trouble}</p>{/if}
  <div class="body">
    <main>
      <Sheet label="Seven days">
        {#if week?.untouched}
          <FirstOrder ontake={() => take()} ontaken={() => void look()} />
        {:else}
          <div class="head">
            <p class="soft">
              {#if week}
                {plural(week.orders.length, "order")}, {plural(cookies, "cookie")} in these seven days
              {/if}
            </p>
            <span class="ways">
              <button
                aria-label="Seven days earlier"
                onclick={() => go(daysAfter(week?.from ?? todayHere(), -DAYS))}>‹</button
              >
              <button disabled={from === null} onclick={() => go(null)}>from today</button>
              <button
                aria-label="Seven days later"
                onclick={() => go(daysAfter(week?.from ?? todayHere(), DAYS))}>›</button
              >
            </span>
          </div>
          <ol class="days">
            {#each days as day (day.iso)}
              <li class:today={day.iso === week?.today} class:none={day.orders.length === 0}>
                <h2>
                  {dayOf(day.iso)}
                  {#if day.iso === week?.today}<span class="soft">today</span>{/if}
                </h2>
                {#each day.orders as order (order.id)}
                  <OrderTray
                    {order}
                    oncopy={() => take(order)}
                    onarchive={() =>
                      void archiveOrder(order.id, order.details.name, true, () => void look())}
                    onremove={() =>
                      void removeOrder(order.id, order.details.name, () => void look())}
                  />
                {/each}
              </li>
            {/each}
          </ol>
          {#if week && week.orders.length === 0}
            <p class="nothing">Nothing promised in these seven days.</p>
          {/if}
        {/if}
      </Sheet>
    </main>
    <aside>
      {#if week && !week.untouched}
        <Press key="n" label="Take an order" onpress={() => take()}>Take an order</Press>
      {/if}
      {#if week?.next}
        <Sheet label="Next hand-over">
          <p class="soft">next hand-over, of {week.ahead} ahead</p>
          <h2>{dayOf(week.next.handOver)}, {timeOf(week.next.handOver)}</h2>
          <p class="gap">
            <a href="/orders/{week.next.id}"><bdi>{week.next.name}</bdi></a>
            <span class="soft">{plural(week.next.cookies, "cookie")}</span>
          </p>
        </Sheet>
      {/if}
      <Sheet label="Months">
        <Months
          {month}
          today={week?.today ?? todayHere()}
          chosen={from ?? ""}
          {counts}
          onpick={(day) => go(weekOf(day))}
          onmonth={(m) => {
            month = m;
            void look();
          }}
        />
      </Sheet>
      <p class="foot">
        <button onclick={() => removed.show()}>What was removed</button>
        <span class="soft">keys: <kbd>?</kbd></span>
      </p>
    </aside>
  </div>
</ShopFrame>

<style>
  .body {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 310px;
    gap: 16px;
    align-items: start;
  }
  aside {
    display: flex;
    flex-direction: column;
    gap: 14px;
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    min-height: 44px;
  }
  .ways button,
  .foot button {
    min-width: 44px;
    min-height: 44px;
    border: 0;
    border-radius: 999px;
    background: none;
    color: var(--cobalt);
    font-size: 16px;
    cursor: pointer;
  }
  .ways button:disabled {
    color: var(--soft);
    cursor: default;
  }
  .ways button:hover:not(:disabled) {
    background: var(--wash);
  }
  .days {
    display: grid;
    grid-template-columns: repeat(7, minmax(0, 1fr));
    min-height: 480px;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  .days li {
    display: grid;
    gap: 10px;
    align-content: start;
    padding: 6px 5px 10px;
    border-left: 1px solid var(--line);
    min-width: 0;
  }
  .days li:first-child {
    border-left: 0;
  }
  .days .today {
    background: #f3eee6;
    border-radius: 10px;
  }
  .days h2 {
    font-size: 15px;
    min-height: 40px;
  }
  .days h2 .soft {
    display: block;
    font: 400 12px var(--text);
  }
  .gap {
    margin-top: 4px;
    overflow-wrap: anywhere;
  }
  .nothing {
    padding: 10px;
  }
  .foot {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }
  .foot button {
    text-decoration: underline;
    font-size: 15px;
  }
  .trouble {
    color: var(--tomato);
    margin-bottom: 10px;
  }
  kbd {
    font: inherit;
    font-weight: 600;
  }
  @media (max-width: 1100px) {
    .body {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  @media (max-width: 900px) {
    .days {
      grid-template-columns: minmax(0, 1fr);
      min-height: 0;
    }
    .days li {
      border-left: 0;
      border-top: 1px solid var(--line);
    }
    .days li.none {
      padding: 2px 5px;
    }
    .days h2 {
      min-height: 0;
    }
  }
</style>
