<script lang="ts">
  import type { BenchStep } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { chance, fixed, grams } from "../../units/format";
  import Press from "../../parts/Press.svelte";
  import { MOST_CHANCE } from "./arithmetic";
  import { bagStanding, bagWord, type InBag } from "./bags";
  import OnScale from "./OnScale.svelte";
  import TopUpSlip from "./TopUpSlip.svelte";

  // What is in the bags of this run, and whether it reaches: weighed now and then, the guess gets surer.
  const { bench } = theDesk();
  let { step }: { step: BenchStep } = $props();

  const bags = $derived(
    bench.view
      ? step.bags
          .filter((bag) => bag.fullGrams > 0)
          .map((bag) => bench.view && bagStanding(bench.view, bench.pressed, bag))
          .filter((one) => one !== null)
      : [],
  );
  // Which bag is being weighed on the scale.
  let weighed = $state("");
  let nth = 0;
  function weigh(bag: InBag) {
    weighed = weighed === bagWord(bag) ? "" : bagWord(bag);
    if (weighed && bench.view?.seed !== null)
      void bench.play.act({ what: "BAG", step: step.key, name: weighed, toMs: nth++ });
  }
</script>

{#if bags.length > 0}
  <Sheet label="In the bags">
    <h2>In the bags</h2>
    <ul>
      {#each bags as standing (bagWord(standing.bag))}
        {@const { bag, left, isWeighed, toGo, forecast } = standing}
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
              style:clip-path="inset(0 {100 - Math.min(100, (left / bag.fullGrams) * 100)}% 0 0)"
            />
          </svg>
          <span class="what">
            <strong>{grams(left)} g {bag.name}</strong>
            <span class="soft"
              >{bag.bags > 1 ? `one of ${bag.bags}, ` : ""}{bag.tip ? `tip ${bag.tip}` : "no tip"} · {isWeighed
                ? "weighed"
                : "by the plan"}</span
            >
          </span>
          <NumberField
            label="weighed now"
            unit="g"
            least={0}
            most={2_000}
            step={0.1}
            optional
            value={null}
            onchange={(g) => g !== null && bench.press("BAG", step.key, g, bagWord(bag))}
          />
          {#if bench.view?.hasScale}
            <Press plain label="{bag.name}: weigh it on the scale" onpress={() => weigh(bag)}
              >{weighed === bagWord(bag) ? "Off the scale" : "On the scale"}</Press
            >
            {#if weighed === bagWord(bag)}
              <div class="scale">
                <OnScale
                  name={bag.name}
                  wanted={0}
                  ontake={(g) => {
                    bench.press("BAG", step.key, g, bagWord(bag));
                    weighed = "";
                  }}
                />
              </div>
            {/if}
          {/if}
          {#if forecast}
            {#if forecast.chance > MOST_CHANCE}
              <p class="short" role="status">
                {fixed(forecast.each, 1)} g a cookie, planned {fixed(bag.eachGrams, 1)}: it does for {fixed(
                  forecast.cookies,
                  1,
                )} more of {fixed(toGo, 0)} to go. {forecast.short > 0
                  ? `About ${grams(forecast.short)} g short: mix a small bowl now, while the colour can be matched by weight.`
                  : `It may not reach (${chance(forecast.chance)}).`}
              </p>
              <TopUpSlip {step} {standing} />
            {:else}
              <p class="soft">
                {fixed(forecast.each, 1)} g a cookie: it reaches{forecast.chance < 0.001
                  ? ""
                  : ` (${chance(forecast.chance)} that it does not)`}.
              </p>
            {/if}
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
