<script lang="ts">
  import type { WeekHoursView, WeekView } from "../../api/types";
  import { archiveOrder, removeOrder } from "../../desk/orders";
  import { dayOf, daysAfter, todayHere } from "../../units/dates";
  import { plural } from "../../units/format";
  import HoursPots from "./HoursPots.svelte";
  import OrderTray from "./OrderTray.svelte";

  // Seven days, each with the trays that are handed over on it.
  type Tray = WeekView["orders"][number];
  let {
    week,
    hours,
    isNow,
    ongo,
    oncopy,
    onchange,
  }: {
    week: WeekView | null;
    hours: WeekHoursView | null;
    isNow: boolean;
    ongo: (from: string | null) => void;
    oncopy: (order: Tray) => void;
    onchange: () => void;
  } = $props();

  const DAYS = 7;
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
  const whole = (minutes: number) => Math.round(minutes / 60);
  const promised = $derived((hours?.days ?? []).reduce((sum, day) => sum + day.promisedMinutes, 0));
  const there = $derived((hours?.days ?? []).reduce((sum, day) => sum + day.thereMinutes, 0));
</script>

<div class="head">
  <p class="soft">
    {#if week}
      {plural(week.orders.length, "order")}, {plural(cookies, "cookie")} in these seven days{#if hours}&nbsp;·
        {whole(promised)} h promised of {whole(there)} h there are{/if}
    {/if}
  </p>
  <span class="ways">
    <button
      aria-label="Seven days earlier"
      onclick={() => ongo(daysAfter(week?.from ?? todayHere(), -DAYS))}>‹</button
    >
    <button disabled={isNow} onclick={() => ongo(null)}>from today</button>
    <button
      aria-label="Seven days later"
      onclick={() => ongo(daysAfter(week?.from ?? todayHere(), DAYS))}>›</button
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
      <p class="hours">
        {#each (hours?.days ?? []).filter((one) => one.day === day.iso) as one (one.day)}
          <HoursPots day={one} />
        {/each}
      </p>
      {#each day.orders as order (order.id)}
        <OrderTray
          {order}
          begins={hours?.begins[order.id] ?? null}
          lateMinutes={hours?.late[order.id] ?? 0}
          oncopy={() => oncopy(order)}
          onarchive={() => void archiveOrder(order.id, order.details.name, true, onchange)}
          onremove={() => void removeOrder(order.id, order.details.name, onchange)}
        />
      {/each}
    </li>
  {/each}
</ol>
{#if week && week.orders.length === 0}
  <p class="nothing">Nothing promised in these seven days.</p>
{/if}

<style>
  .hours {
    margin: 0 0 6px;
    min-height: 58px;
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    min-height: 44px;
  }
  .ways button {
    min-width: 44px;
    min-height: 44px;
    border: 0;
    border-radius: var(--pill);
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
    background: var(--brass-wash);
    border-radius: 10px;
  }
  .days h2 {
    font-size: var(--body);
    min-height: var(--target);
  }
  .days h2 .soft {
    display: block;
    font: 400 12px var(--text);
  }
  .nothing {
    padding: 10px;
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
