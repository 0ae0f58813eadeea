<script lang="ts">
  import type { MixingView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { chance, dayOf } from "../../units/format";
  import SinceSlip from "./SinceSlip.svelte";

  const desk = theDesk();
  const { mixing } = desk;

  // Paper for the wall, and the start: from then on the plan stays as it is, and what changes is mixed more.
  let { view }: { view: MixingView } = $props();

  let sheet = $state("PLAIN");
  const print = $derived(`/api/orders/${desk.id}/print`);
  const started = $derived(view.startedAt ? new Date(view.startedAt) : null);
</script>

<Sheet label="Start mixing">
  <div class="row">
    {#if started}
      <p>
        <strong>Mixing started</strong>
        {dayOf(started.toISOString())}
        {started.toTimeString().slice(0, 5)}. The plan is kept as it was then.
      </p>
      <Press plain onpress={() => mixing.restart()}>Plan afresh</Press>
    {:else}
      <Press onpress={() => mixing.start()}>Start mixing</Press>
      <p class="soft grow">
        keeps this plan; what changes later is mixed more, and shown beside it
      </p>
    {/if}
    <span class="print">
      <a href="{print}/mixing-sheet.pdf" target="_blank" rel="noreferrer">Mixing sheet</a>
      <a href="{print}/bag-labels.pdf?sheet={sheet}" target="_blank" rel="noreferrer">Bag labels</a>
      <label>
        <span class="unseen">Paper for the labels</span>
        <select bind:value={sheet}>
          <option value="PLAIN">plain paper</option>
          <option value="LABELS_14">A4, 14 to a sheet</option>
          <option value="LABELS_21">A4, 21 to a sheet</option>
          <option value="LABELS_24">A4, 24 to a sheet</option>
          <option value="LETTER_10">Letter, 10 to a sheet</option>
          <option value="LETTER_14">Letter, 14 to a sheet</option>
          <option value="LETTER_30">Letter, 30 to a sheet</option>
        </select>
      </label>
    </span>
  </div>
  {#if view.kept}
    <p class="soft">
      Kept with it: {view.kept.designs.join(", ")}; {view.kept.recipe}{view.kept.floodSeconds
        ? `; flood ${view.kept.floodSeconds} s`
        : ""}; {view.kept.extra.school === "RISK"
        ? `running short ${chance(view.kept.extra.risk)}`
        : `${view.kept.extra.flatPercent} % more of each`}.
    </p>
  {/if}
  {#if view.since}
    <SinceSlip since={view.since} additions={view.additions} />
  {/if}
</Sheet>

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 14px;
  }
  .grow {
    flex: 1;
  }
  .print {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 14px;
    align-items: center;
    margin-left: auto;
  }
  select {
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    padding: 4px 6px;
    min-height: var(--target);
  }
</style>
