<script lang="ts">
  import { dayOf, timeOf } from "../../units/format";
  import { doingOf, gateOf, type Row, type Run } from "./runs";

  // The days as lists in big type, for a phone or a tablet in a stand.
  let {
    rows,
    named,
    onchoose,
  }: { rows: Row[]; named: (run: Run) => string; onchoose: (key: string) => void } = $props();

  type Line = { row: Row; run: Run };
  const lines = $derived(
    rows
      .flatMap((row) => row.runs.map((run): Line => ({ row, run })))
      .sort((a, b) => a.run.from.localeCompare(b.run.from)),
  );
  const days = $derived([...new Set(lines.map((line) => line.run.from.slice(0, 10)))]);
</script>

<div class="days">
  {#each days as day (day)}
    <h3>{dayOf(day)}</h3>
    <ol>
      {#each lines.filter((line) => line.run.from.startsWith(day)) as line, i (i)}
        <li>
          <span class="time">{timeOf(line.run.from)}</span>
          <button onclick={() => onchoose(line.run.key)}>
            {doingOf(line.row, line.run, named(line.run))}
            {#if line.run.until}<span class="soft"
                >{gateOf(line.run)}
                {line.run.until.startsWith(day) ? "" : dayOf(line.run.until)}
                {timeOf(line.run.until)}</span
              >{/if}
          </button>
        </li>
      {/each}
    </ol>
  {/each}
</div>

<style>
  .days {
    display: none;
  }
  @media (max-width: 820px) {
    .days {
      display: block;
    }
  }
  ol {
    list-style: none;
    margin: 4px 0 16px;
    padding: 0;
  }
  li {
    display: grid;
    grid-template-columns: 64px minmax(0, 1fr);
    gap: 8px;
    align-items: center;
    padding: 6px 0;
    border-bottom: 1px solid var(--line);
    font-size: 18px;
  }
  button {
    border: 0;
    background: none;
    padding: 0;
    min-height: 44px;
    font: inherit;
    color: inherit;
    text-align: left;
    cursor: pointer;
  }
  .time {
    font-weight: 600;
  }
  .soft {
    display: block;
    color: var(--soft);
    font-size: var(--small);
  }
</style>
