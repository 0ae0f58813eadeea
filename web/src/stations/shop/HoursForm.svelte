<script lang="ts">
  import type { Settings } from "../../desk/shop.svelte";
  import DayField from "../../parts/DayField.svelte";
  import Press from "../../parts/Press.svelte";
  import TimeField from "../../parts/TimeField.svelte";
  import { dayOf, daysAfter, todayHere } from "../../units/dates";

  // Spans of each day of the week, and days that are unlike it.
  type Hours = Settings["working"]["own"];
  let {
    hours,
    place,
    name,
    onedit,
  }: {
    hours: Hours;
    place: string;
    name: string;
    onedit: (change: (hours: Hours) => void) => void;
  } = $props();

  const DAYS = [
    ["MONDAY", "Monday"],
    ["TUESDAY", "Tuesday"],
    ["WEDNESDAY", "Wednesday"],
    ["THURSDAY", "Thursday"],
    ["FRIDAY", "Friday"],
    ["SATURDAY", "Saturday"],
    ["SUNDAY", "Sunday"],
  ] as const;
  type Day = (typeof DAYS)[number][0];
  type Spans = { from: string; to: string }[];
  const MOST_SPANS = 6;

  const of = (all: Hours, day: Day): Spans => (all.days as Record<string, Spans>)[day] ?? [];
  const clock = (time: string) => (/^\d\d:\d\d:\d\d$/.test(time) ? time.slice(0, 5) : time);

  /** A span after the last one, of two hours where the day has so much left. */
  function after(spans: Spans): { from: string; to: string } {
    const last = spans.at(-1);
    if (!last) return { from: "09:00:00", to: "13:00:00" };
    const from = Math.min(22, Number(last.to.slice(0, 2)) + 1);
    const two = (n: number) => `${String(n).padStart(2, "0")}:00:00`;
    return { from: two(from), to: from + 2 >= 24 ? "00:00:00" : two(from + 2) };
  }

  function set(day: Day, spans: Spans) {
    onedit((all) => ((all.days as Record<string, Spans>)[day] = spans));
  }
</script>

{#snippet row(spans: Spans, at: string, word: string, onset: (spans: Spans) => void)}
  {#each spans as span, i (i)}
    <span class="span" role="group" aria-label="{word}, stretch {i + 1}">
      <TimeField
        label="from"
        place="{at}/{i}/from"
        time={clock(span.from)}
        onchange={(from) =>
          from && onset(spans.map((one, n) => (n === i ? { ...one, from: `${from}:00` } : one)))}
      />
      <TimeField
        label="to"
        place="{at}/{i}/to"
        time={clock(span.to)}
        onchange={(to) =>
          to && onset(spans.map((one, n) => (n === i ? { ...one, to: `${to}:00` } : one)))}
      />
      <button
        aria-label="no work {word} from {clock(span.from)}"
        onclick={() => onset(spans.filter((_, n) => n !== i))}>×</button
      >
    </span>
  {:else}
    <span class="soft closed">closed</span>
  {/each}
  {#if spans.length < MOST_SPANS && (spans.at(-1)?.to ?? "") !== "00:00:00"}
    <button
      class="more"
      aria-label="more work {word}"
      onclick={() => onset([...spans, after(spans)])}>+</button
    >
  {/if}
{/snippet}

<ul aria-label="{name} hours">
  {#each DAYS as [day, word] (day)}
    <li>
      <strong>{word}</strong>
      {@render row(of(hours, day), `${place}/days/${day}`, word, (spans) => set(day, spans))}
    </li>
  {/each}
  {#each hours.changes as change, i (change.day)}
    <li>
      <strong>{dayOf(change.day)}</strong>
      {@render row(change.spans, `${place}/changes/${i}/spans`, dayOf(change.day), (spans) =>
        onedit((all) => {
          const one = all.changes[i];
          if (one) one.spans = spans;
        }),
      )}
      <Press plain onpress={() => onedit((all) => all.changes.splice(i, 1))}>As always</Press>
    </li>
  {/each}
</ul>
<div class="add">
  <DayField
    label="a day that is otherwise"
    day={daysAfter(todayHere(), 1)}
    onchange={(day) =>
      onedit((all) => {
        if (day && !all.changes.some((one) => one.day === day))
          all.changes.push({ day, spans: [] });
      })}
  />
</div>

<style>
  ul {
    list-style: none;
    margin: 6px 0;
    padding: 0;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 14px;
    align-items: end;
    padding: 6px 0;
    border-top: 1px solid var(--line);
  }
  strong {
    min-width: 100px;
    min-height: var(--target);
    display: flex;
    align-items: center;
  }
  .span {
    display: flex;
    gap: 4px;
    align-items: end;
  }
  .span :global(input) {
    width: 76px;
  }
  .closed {
    min-height: var(--target);
    display: flex;
    align-items: center;
  }
  button {
    min-width: 44px;
    min-height: 44px;
    border: 0;
    border-radius: 50%;
    background: none;
    color: var(--cobalt);
    font-size: 18px;
    cursor: pointer;
  }
  .add {
    max-width: 240px;
  }
</style>
