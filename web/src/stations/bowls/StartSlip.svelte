<script lang="ts">
  import type { MixingView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { chance, consistency, dayOf, grams, outOf, plural, stirred } from "../../units/format";
  import { doses } from "../../units/tint";
  import { sorts } from "./batches";
  import { locale } from "../../units/locale.svelte";

  const desk = theDesk();
  const { mixing } = desk;

  // Paper for the wall, and the start: from then on the plan stays as it is, and what changes is shown against it.
  let { view }: { view: MixingView } = $props();

  let sheet = $state("PLAIN");
  const print = $derived(`/api/orders/${desk.id}/print`);
  const spoons = $derived(locale.isUs);
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
        {difference.caution}
      </p>
      {#if difference.topUps.length > 0}
        <h3>Top up</h3>
        <p>
          {difference.topUpBatches.length > 0
            ? `Mix ${grams(difference.topUpBatches.reduce((g, b) => g + b.madeGrams, 0))} g of base for it: ${sorts(
                difference.topUpBatches,
              )
                .map(
                  ({ times, batch }) =>
                    `${times > 1 ? `${times} times ` : ""}${batch.weighed
                      .map((w) => `${grams(w.grams)} g ${w.ingredient}`)
                      .join(", ")}`,
                )
                .join("; ")}.`
            : "The base that was left over is enough."}
        </p>
        <ul class="top-ups">
          {#each difference.topUps as topUp (topUp.bowl.colour)}
            {@const tint = view.topUpTints[topUp.bowl.colour]?.recipe}
            <li>
              <BowlDisc hex={desk.hexes[topUp.bowl.colour] ?? "#888888"} size={24} />
              <span
                ><strong>{desk.colourName(topUp.bowl.colour)}</strong>
                {grams(topUp.bowl.baseGrams)} g base{tint ? `, ${doses(tint)}` : ""}:
                {topUp.ladder
                  .map((rung) => {
                    const own = topUp.bowl.portions[rung.portion];
                    const taken = grams(rung.takenGrams + rung.sugarGrams);
                    return `${stirred(rung, spoons)}, take ${taken} g at ${consistency(rung.state, rung.countSeconds)}${own ? ` (${outOf(own)})` : ""}`;
                  })
                  .join("; ")}.
              </span>
            </li>
          {/each}
        </ul>
      {/if}
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
    border-radius: var(--round-field);
    background: var(--paper);
    padding: 4px 6px;
    min-height: var(--target);
  }
  h3 {
    font-size: 14px;
    color: var(--cobalt);
    margin-top: 8px;
  }
  .top-ups {
    list-style: none;
    margin: 4px 0 0;
    padding: 0;
  }
  .top-ups li {
    display: flex;
    align-items: center;
    gap: 10px;
    padding: 3px 0;
  }
  .top-ups :global(svg) {
    flex: none;
  }
  .since {
    margin-top: 8px;
    padding-top: 8px;
    border-top: 1px solid var(--line);
    color: var(--brass);
    font-weight: 600;
  }
</style>
