<script lang="ts">
  import type { FigureKnown } from "../../api/types";
  import { notebook } from "../../desk/notebook.svelte";
  import { plural, short } from "../../units/format";
  import { rangeOf } from "./range";

  // One figure: what the house says, what the notes say and how sure they are, and what plans take.
  let { figure }: { figure: FigureKnown } = $props();

  const WIDTH = 150;
  const range = $derived(rangeOf(figure, WIDTH));
  const unit = $derived(figure.unit ? ` ${figure.unit}` : "");
  const sentence = $derived(
    `${figure.name}: the house says ${short(figure.was)}${unit}, your notes ${short(figure.is)}${unit}, ` +
      `nine times in ten between ${short(figure.low)} and ${short(figure.high)}`,
  );
</script>

<li>
  <div class="name">
    {figure.name}
    <span class="soft">
      {plural(figure.notes, "note")}{figure.aside > 0 ? `, ${figure.aside} set aside` : ""}
    </span>
  </div>
  <svg
    role="img"
    aria-label={sentence}
    viewBox="0 0 {WIDTH} 24"
    width={WIDTH}
    height="24"
    focusable="false"
  >
    <line x1="0" x2={WIDTH} y1="12" y2="12" class="axis" />
    <line x1={range.low} x2={range.high} y1="12" y2="12" class="band" />
    <line x1={range.was} x2={range.was} y1="2" y2="22" class="house" />
    <circle cx={range.is} cy="12" r="5" class="is" />
  </svg>
  <div class="numbers">
    {short(figure.was)} →
    <strong>{short(figure.used)}{unit}</strong>
  </div>
  <div class="presses">
    {#if figure.typed}
      <a href="/shop">set by you</a>
    {:else if figure.decided === null}
      <button
        aria-label="hold {figure.name} at {short(figure.is)}{unit}"
        onclick={() => void notebook.decide(figure, "HELD")}>hold</button
      >
      <button
        aria-label="put back {figure.name} to the house's {short(figure.was)}{unit}"
        onclick={() => void notebook.decide(figure, "PUT_BACK")}>put back</button
      >
    {:else}
      <span class="soft">{figure.decided === "HELD" ? "held" : "put back"}</span>
      <button
        aria-label="let go {figure.name}, to the notes"
        onclick={() => void notebook.decide(figure, null)}>let go</button
      >
    {/if}
  </div>
</li>

<style>
  li {
    display: grid;
    grid-template-columns: minmax(120px, 1fr) 150px 110px 122px;
    align-items: center;
    gap: 0 10px;
    min-height: var(--target);
  }
  .name {
    line-height: 1.2;
  }
  .name .soft {
    display: block;
    font-size: var(--least);
  }
  .axis {
    stroke: var(--line);
    stroke-width: 2;
  }
  .band {
    stroke: var(--cobalt);
    stroke-opacity: 0.3;
    stroke-width: 9;
    stroke-linecap: round;
  }
  .house {
    stroke: var(--soft);
    stroke-width: 2;
    stroke-dasharray: 3 3;
  }
  .is {
    fill: var(--cobalt);
  }
  .numbers {
    text-align: right;
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
  }
  .presses {
    display: flex;
    align-items: center;
    justify-content: flex-end;
    gap: 0 6px;
  }
  button,
  a {
    border: 0;
    background: none;
    color: var(--cobalt);
    text-decoration: underline;
    min-height: var(--target);
    min-width: 40px;
    padding: 0 2px;
    cursor: pointer;
    display: inline-flex;
    align-items: center;
    white-space: nowrap;
  }
  @media (max-width: 560px) {
    li {
      grid-template-columns: minmax(0, 1fr) auto;
    }
    svg {
      order: 3;
    }
    .presses {
      order: 4;
    }
  }
</style>
