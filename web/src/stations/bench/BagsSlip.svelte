<script lang="ts">
  import type { BenchStep } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { chance, fixed, grams } from "../../units/format";
  import Press from "../../parts/Press.svelte";
  import { type Bag, standingOf } from "../../core/rules";
  import OnScale from "./OnScale.svelte";
  import TopUpSlip from "./TopUpSlip.svelte";

  // What is in the bags of this run, and whether it reaches: weighed now and then, the guess gets surer.
  const { bench } = theDesk();
  let { step }: { step: BenchStep } = $props();

  const bags = $derived.by(() => {
    const { view, pressed } = bench;
    if (!view) return [];
    return step.bags.flatMap((own) => {
      const bag = view.bags.find((one) => one.key === own.key);
      return bag ? [{ own, bag, standing: standingOf(view, pressed, bag) }] : [];
    });
  });
  // Which bag is being weighed on the scale.
  let weighed = $state("");
  let nth = 0;
  function weigh(bag: Bag) {
    weighed = weighed === bag.key ? "" : bag.key;
    if (weighed && bench.view?.seed !== null)
      void bench.play.act({ what: "BAG", step: step.key, name: weighed, toMs: nth++ });
  }
</script>

{#if bags.length > 0}
  <Sheet label="In the bags">
    <h2>In the bags</h2>
    <ul>
      {#each bags as { own, bag, standing } (bag.key)}
        {@const full = bag.filledGrams}
        <li>
          <svg viewBox="0 0 120 30" width="96" height="24" aria-hidden="true">
            <path
              d="M2 13L80 3L118 15L80 27L2 17Z"
              fill="var(--paper)"
              stroke="var(--ink)"
              stroke-width="1.5"
            />
            <path
              d="M2 13L80 3L118 15L80 27L2 17Z"
              fill={bag.hex}
              style:clip-path="inset(0 {100 - Math.min(100, (standing.leftGrams / full) * 100)}% 0
              0)"
            />
          </svg>
          <span class="what">
            <strong>{grams(standing.leftGrams)} g {bag.name}</strong>
            <span class="soft"
              >{bag.bags > 1 ? `in ${standing.bagsLeft} of ${bag.bags} bags, ` : ""}{own.tip
                ? `tip ${own.tip}, `
                : ""}{fixed(bag.countSeconds, 0)} s · {standing.isWeighed
                ? "weighed"
                : "by the plan"}</span
            >
          </span>
          <NumberField
            label={bag.bags > 1 ? "the bag in hand weighs" : "weighed now"}
            unit="g"
            least={0}
            most={2_000}
            step={0.1}
            optional
            value={null}
            onchange={(g) => g !== null && bench.press("BAG", step.key, g, bag.key)}
          />
          {#if bench.view?.hasScale}
            <Press plain label="{bag.name}: weigh it on the scale" onpress={() => weigh(bag)}
              >{weighed === bag.key ? "Off the scale" : "On the scale"}</Press
            >
            {#if weighed === bag.key}
              <div class="scale">
                <OnScale
                  name={bag.name}
                  wanted={0}
                  ontake={(g) => {
                    bench.press("BAG", step.key, g, bag.key);
                    weighed = "";
                  }}
                />
              </div>
            {/if}
          {/if}
          {#if standing.isShort}
            <p class="short" role="status">
              {fixed(own.eachGrams * standing.times, 1)} g a cookie, planned {fixed(
                own.eachGrams,
                1,
              )}: it does for {fixed(standing.reaches, 1)} more of {fixed(standing.toGo, 0)} to go. {standing.shortGrams >
              0
                ? `About ${grams(standing.shortGrams)} g short: mix a small bowl now, while the colour can be matched by weight.`
                : `It may not reach (${chance(standing.chance)}).`}
            </p>
            <TopUpSlip {step} {bag} {standing} />
          {:else if standing.isWeighed && standing.toGo > 0}
            <p class="soft">
              {fixed(own.eachGrams * standing.times, 1)} g a cookie: it reaches{standing.chance <
              0.001
                ? ""
                : ` (${chance(standing.chance)} that it does not)`}.
            </p>
          {/if}
        </li>
      {/each}
    </ul>
  </Sheet>
{/if}

<style>
  ul {
    list-style: none;
    margin: 6px 0 0;
    padding: 0;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 12px;
    padding: 8px 0;
    border-top: 1px solid var(--line);
  }
  .what {
    display: grid;
    flex: 1;
    min-width: 110px;
  }
  p,
  .scale {
    flex-basis: 100%;
  }
  .short {
    color: var(--tomato);
    font-weight: 600;
  }
</style>
