<script lang="ts">
  import type { MixingView } from "../../api/types";
  import { mixing } from "../../desk/mixing.svelte";
  import { desk } from "../../desk/order.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, grams, plural } from "../../units/format";

  // Paper for the wall, and the start: from then on the plan stays as it is, and what changes is shown against it.
  let { view }: { view: MixingView } = $props();

  let sheet = $state("PLAIN");
  const print = $derived(`/api/orders/${desk.id}/print`);
  const difference = $derived(view.difference);
  const started = $derived(view.startedAt ? new Date(view.startedAt) : null);
  const signed = (g: number) => (g < 0 ? `−${grams(-g)}` : `+${grams(g)}`);
  const more = (n: number, one: string) =>
    n === 0 ? `no more ${one}s` : `${plural(Math.abs(n), one)} ${n > 0 ? "more" : "fewer"}`;
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
      <p class="soft grow">keeps this plan; later changes show as a difference to it</p>
    {/if}
    <span class="print">
      <a href="{print}/mixing-sheet.pdf" target="_blank" rel="noreferrer">Mixing sheet</a>
      <a href="{print}/bag-labels.pdf?sheet={sheet}" target="_blank" rel="noreferrer">Bag labels</a>
      <label>
        <span class="unseen">Paper for the labels</span>
        <select bind:value={sheet}>
          <option value="PLAIN">plain paper</option>
          <option value="LABELS_14">14 to a sheet</option>
          <option value="LABELS_21">21 to a sheet</option>
          <option value="LABELS_24">24 to a sheet</option>
        </select>
      </label>
    </span>
  </div>
  {#if difference}
    {#if difference.colours.length === 0}
      <p class="soft">Nothing has changed since.</p>
    {:else}
      <p class="since" role="status">
        Since then:
        {difference.colours
          .map((c) => `${signed(c.gramsNow - c.gramsBefore)} g ${desk.colourName(c.colour)}`)
          .join(", ")}; {more(difference.bowls, "bowl")}, {more(
          difference.batches,
          "batch",
        ).replace("batchs", "batches")}.
        {#if difference.topUps.length > 0}
          Top up:
          {difference.topUps
            .map((t) => `${grams(t.baseGrams)} g of base for ${desk.colourName(t.colour)}`)
            .join(", ")}{difference.topUpBatches.length > 0
            ? `; mix ${grams(difference.topUpBatches.reduce((g, b) => g + b.madeGrams, 0))} g for it`
            : "; what was left over is enough"}.
        {/if}
        {difference.caution}
      </p>
    {/if}
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
    border-radius: 8px;
    background: #fff;
    padding: 4px 6px;
  }
  .since {
    margin-top: 8px;
    padding-top: 8px;
    border-top: 1px solid var(--line);
    color: var(--brass);
    font-weight: 600;
  }
</style>
