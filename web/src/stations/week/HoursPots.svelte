<script lang="ts">
  import type { WeekHoursView } from "../../api/types";

  // A day's hours as pots: one for each hour there is, filled as far as it is promised.
  let { day }: { day: WeekHoursView["days"][number] } = $props();

  const MOST = 12;
  const there = $derived(day.thereMinutes / 60);
  const promised = $derived(day.promisedMinutes / 60);
  // Where a day has many hours, a pot is two of them.
  const each = $derived(Math.max(there, promised) > MOST ? 2 : 1);
  const pots = $derived(
    Array.from({ length: Math.ceil(Math.max(there, promised) / each - 0.01) }, (_, i) => ({
      share: Math.max(0, Math.min(1, promised / each - i)),
      isOver: i * each >= there - 0.01,
    })),
  );
  const plain = (hours: number) => String(Math.round(hours * 10) / 10);
</script>

{#if there > 0 || promised > 0}
  <span class="pots" aria-hidden="true">
    {#each pots as pot, i (i)}
      <span class="pot" class:over={pot.isOver}><i style:height="{pot.share * 100}%"></i></span>
    {/each}
  </span>
  <span class="words" class:over={promised > there + 0.05}
    >{plain(promised)} of {plain(there)} h</span
  >
{:else}
  <span class="words">closed</span>
{/if}

<style>
  .pots {
    display: flex;
    flex-wrap: wrap;
    gap: 2px;
    margin-top: 4px;
  }
  .pot {
    display: flex;
    align-items: end;
    width: 11px;
    height: 15px;
    border: 1.5px solid var(--cobalt);
    border-radius: 3px;
    overflow: hidden;
  }
  .pot i {
    display: block;
    width: 100%;
    background: var(--cobalt);
  }
  .pot.over {
    border: 1.5px dashed var(--tomato);
  }
  .pot.over i {
    background: var(--tomato);
  }
  .words {
    display: block;
    font-size: var(--least);
    color: var(--soft);
    margin-top: 2px;
  }
  .words.over {
    color: var(--tomato);
  }
</style>
