<script lang="ts">
  import { onMount } from "svelte";
  import { answered, api } from "../../api/client";
  import type { WeekHoursView, WeekView } from "../../api/types";
  import { live } from "../../desk/live";
  import { shop } from "../../desk/shop.svelte";
  import Dialog from "../../parts/Dialog.svelte";
  import { isShortcut } from "../../parts/keys";
  import Months from "../../parts/Months.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, daysAfter, todayHere, weekOf } from "../../units/dates";
  import { plural, timeOf } from "../../units/format";
  import ShopFrame from "../ShopFrame.svelte";
  import DryingSlip from "./DryingSlip.svelte";
  import FirstOrder from "./FirstOrder.svelte";
  import NowSlip from "./NowSlip.svelte";
  import OneMore from "./OneMore.svelte";
  import NewOrder from "./NewOrder.svelte";
  import WeekFoot from "./WeekFoot.svelte";
  import WeekDays from "./WeekDays.svelte";
  import RemovedList from "./RemovedList.svelte";

  type Tray = WeekView["orders"][number];

  let week = $state.raw<WeekView | null>(null);
  let hours = $state.raw<WeekHoursView | null>(null);
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
      // What day it is, the server says: before anything is shown.
      if (week === null && !seven.today.startsWith(month)) {
        month = seven.today.slice(0, 7);
        const query = { month };
        counts = await answered(api.GET("/api/week/months", { params: { query } }));
      } else {
        counts = days;
      }
      week = seven;
      trouble = "";
      // The clock may take a moment; the week does not wait for it.
      void lookAtHours(seven.from);
    } catch (e) {
      trouble = (e as Error).message;
    }
  }

  async function lookAtHours(of: string) {
    try {
      const view = await answered(api.GET("/api/week/hours", { params: { query: { from: of } } }));
      if (week?.from === of) hours = view;
    } catch {
      hours = null;
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

  function go(to: string | null) {
    from = to;
    month = (to ?? week?.today ?? todayHere()).slice(0, 7);
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
  <div class="body" class:waiting={!week}>
    <main>
      <Sheet label="Seven days">
        {#if week?.untouched}
          <FirstOrder ontake={() => take()} ontaken={() => void look()} />
        {:else}
          <WeekDays
            {week}
            {hours}
            isNow={from === null}
            ongo={go}
            oncopy={take}
            onchange={() => void look()}
          />
        {/if}
      </Sheet>
    </main>
    <aside>
      {#if week && !week.untouched}
        <Press key="n" onpress={() => take()}>Take an order</Press>
      {/if}
      {#if week && !week.untouched}
        <NowSlip {hours} today={week.today} />
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
      {#if week && !week.untouched}
        <OneMore
          free={week.free}
          orders={week.orders.map((one) => ({ id: one.id, name: one.details.name }))}
        />
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
      {#if week && hours && hours.drying.length > 0}
        <DryingSlip drying={hours.drying} today={week.today} />
      {/if}
      <WeekFoot onremoved={() => removed.show()} onchange={() => void look()} />
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
  /* Nothing that can be pressed stands there before all of it does: it would move away under the hand. */
  .waiting {
    visibility: hidden;
  }
  aside {
    display: flex;
    flex-direction: column;
    gap: 14px;
  }
  .gap {
    margin-top: 4px;
    overflow-wrap: anywhere;
  }
  .trouble {
    color: var(--tomato);
    margin-bottom: 10px;
  }
  @media (max-width: 1100px) {
    .body {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
