<script lang="ts">
  import type { HabitView } from "../../api/types";
  import { shop } from "../../desk/shop.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import WeighTen from "./WeighTen.svelte";

  // One figure of the kitchen: what it is, what the house says, and the way back to that.
  let { habit }: { habit: HabitView } = $props();

  const measured = $derived(shop.settings?.habits[habit.habit]);
  const unit = $derived(habit.unit ? ` ${habit.unit}` : "");
  const isOwn = $derived(measured !== undefined && measured.source === "SHOP");
  const isLearnt = $derived(measured?.source === "LEARNT");
  const step = $derived(habit.whole ? 1 : stepFor(habit.house.mean));
  const isWeighed = $derived(/ weighs$/.test(habit.word) && habit.house.mean >= 0.1);

  function stepFor(mean: number): number {
    if (mean === 0) return 1;
    return 10 ** Math.floor(Math.log10(Math.abs(mean) / 5));
  }
</script>

<li class:own={isOwn}>
  <div class="field">
    <NumberField
      label={habit.word}
      unit={habit.unit}
      value={measured?.mean}
      {step}
      whole={habit.whole}
      least={habit.least}
      most={habit.most}
      place="/settings/habits/{habit.habit}/mean"
      onchange={(value) => value !== null && shop.figure(habit.habit, value)}
    />
    {#if isWeighed}
      <WeighTen
        what={habit.word.replace(" weighs", "")}
        onweighed={(grams) => shop.figure(habit.habit, grams)}
      />
    {/if}
  </div>
  <p>
    {habit.says}
    <span class="soft"
      >{habit.least} to {habit.most}{unit}; the house says {habit.house.mean}{unit}.</span
    >
    {#if isLearnt}<a href="/notebook">learnt from your notes</a>{/if}
  </p>
  <button
    class="back"
    hidden={!isOwn}
    aria-label="Put {habit.word} back to {habit.house.mean}{unit}"
    onclick={() => shop.putBack(habit.habit, habit.house)}>put back</button
  >
</li>

<style>
  li {
    display: grid;
    grid-template-columns: 260px 1fr 84px;
    gap: 4px 18px;
    align-items: center;
    padding: 8px 0 8px 12px;
    border-left: 4px solid transparent;
    border-bottom: 1px solid var(--line);
  }
  li.own {
    border-left-color: var(--cobalt);
  }
  .field {
    display: flex;
    gap: 14px;
  }
  p {
    margin: 0;
    font-size: 14px;
  }
  .soft {
    display: block;
  }
  .back {
    border: none;
    background: none;
    color: var(--cobalt);
    text-decoration: underline;
    cursor: pointer;
    min-height: var(--target);
  }
  @media (max-width: 1000px) {
    li {
      grid-template-columns: 1fr 84px;
    }
    p {
      grid-row: 2;
      grid-column: 1 / -1;
    }
  }
</style>
