<script lang="ts">
  import { daysAfter, MONTHS, monthsAfter, weekdayOf, weekOf, weeksOf } from "../units/dates";

  // A month in small: each day a press, with as many dots as there are hand-overs.
  let {
    month,
    today,
    chosen = "",
    counts = {},
    onpick,
    onmonth,
  }: {
    month: string;
    today: string;
    chosen?: string;
    counts?: Record<string, number>;
    onpick: (day: string) => void;
    onmonth: (month: string) => void;
  } = $props();

  const title = $derived(`${MONTHS[Number(month.slice(5, 7)) - 1] ?? ""} ${month.slice(0, 4)}`);
  const heads = $derived(
    Array.from({ length: 7 }, (_, i) => weekdayOf(daysAfter(weekOf(`${month}-01`), i))),
  );

  function said(day: string): string {
    const n = counts[day] ?? 0;
    return `${Number(day.slice(8))} ${title}${n > 0 ? `, ${n} hand-over${n > 1 ? "s" : ""}` : ""}`;
  }
</script>

<div class="month">
  <div class="head">
    <button aria-label="The month before" onclick={() => onmonth(monthsAfter(month, -1))}>‹</button>
    <span aria-live="polite">{title}</span>
    <button aria-label="The month after" onclick={() => onmonth(monthsAfter(month, 1))}>›</button>
  </div>
  <table>
    <thead>
      <tr
        >{#each heads as head (head)}<th scope="col" abbr={head}>{head.slice(0, 2)}</th>{/each}</tr
      >
    </thead>
    <tbody>
      {#each weeksOf(month) as week (week.find((day) => day))}
        <tr>
          {#each week as day, i (i)}
            <td>
              {#if day}
                <button
                  class="day"
                  class:today={day === today}
                  aria-pressed={day === chosen}
                  aria-label={said(day)}
                  onclick={() => onpick(day)}
                >
                  {Number(day.slice(8))}
                  <i aria-hidden="true">{"·".repeat(Math.min(3, counts[day] ?? 0))}</i>
                </button>
              {/if}
            </td>
          {/each}
        </tr>
      {/each}
    </tbody>
  </table>
</div>

<style>
  .head {
    display: flex;
    justify-content: space-between;
    align-items: center;
    font-weight: 600;
  }
  .head button {
    width: 44px;
    height: 44px;
    border: 0;
    border-radius: 50%;
    background: none;
    color: var(--cobalt);
    font-size: 20px;
    cursor: pointer;
  }
  table {
    width: 100%;
    border-collapse: collapse;
    table-layout: fixed;
  }
  th {
    font-size: var(--least);
    font-weight: 400;
    color: var(--soft);
  }
  td {
    padding: 0;
    text-align: center;
  }
  .day {
    position: relative;
    width: 100%;
    min-width: 32px;
    height: 44px;
    border: 0;
    border-radius: 10px;
    background: none;
    cursor: pointer;
  }
  .day:hover,
  .head button:hover {
    background: var(--wash);
  }
  .day.today {
    color: var(--brass);
    font-weight: 700;
  }
  .day[aria-pressed="true"] {
    background: var(--cobalt);
    color: var(--paper);
  }
  i {
    position: absolute;
    inset: auto 0 -2px 0;
    font: 700 18px/1 var(--heading);
    color: var(--cobalt);
  }
  .day[aria-pressed="true"] i {
    color: var(--paper);
  }
</style>
