<script lang="ts">
  import type { Pour } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import { reference } from "../../desk/catalogue.svelte";
  import Explain from "../../parts/Explain.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Slider from "../../parts/Slider.svelte";
  import { chance, grams, ounces } from "../../units/format";

  const desk = theDesk();

  let { pour }: { pour: Pour } = $props();

  // Steps of the slider: one chance in so many.
  const ONE_IN = [5, 7, 10, 15, 20, 30, 40, 50, 70, 100, 150, 200];

  const extra = $derived(desk.details?.extra);
  const at = $derived.by(() => {
    const oneIn = 1 / (extra?.risk ?? 0.02);
    return ONE_IN.reduce(
      (best, n, i) => (Math.abs(n - oneIn) < Math.abs((ONE_IN[best] ?? 0) - oneIn) ? i : best),
      0,
    );
  });
  const riskTrouble = $derived(desk.trouble("/details/extra/risk"));
  const colours = $derived(pour.bowls.length);
</script>

{#if extra}
  <div class="extra" role="group" aria-label="Running short">
    <span class="words">
      running short <Explain word="spare" />
    </span>
    <div class="schools" role="radiogroup" aria-label="How much extra">
      {#each [["RISK", "by risk"], ["FLAT", "flat share"]] as const as [school, word] (school)}
        <label class:on={extra.school === school}>
          <input
            type="radio"
            name="school"
            class="unseen"
            checked={extra.school === school}
            onchange={() => desk.editDetails((d) => (d.extra.school = school))}
          />{word}
        </label>
      {/each}
    </div>
    {#if extra.school === "RISK"}
      <strong class="big">{chance(extra.risk)}</strong>
      <Slider
        label="Risk of running short"
        said={chance(extra.risk)}
        title="from 1 in 5 to 1 in 200"
        last={ONE_IN.length - 1}
        value={at}
        onslide={(step) => {
          const oneIn = ONE_IN[step] ?? 50;
          desk.editDetails((d) => (d.extra.risk = 1 / oneIn), "risk");
        }}
      />
      <span>+ {grams(pour.balance.spareGrams)} g spare{ounces(pour.balance.spareGrams)}</span>
      {#if colours > 1}
        <span
          class="soft each"
          title="They share the hand on the day, so that any runs short is not as likely as all of these together."
        >
          each colour alone {chance(Math.max(...pour.bowls.map((bowl) => bowl.risk)))}
        </span>
      {/if}
    {:else}
      <NumberField
        label="more of every colour"
        unit="%"
        place="/details/extra/flatPercent"
        value={extra.flatPercent}
        {...reference.range("flat", "percent")}
        onchange={(percent) =>
          percent !== null && desk.editDetails((d) => (d.extra.flatPercent = percent), "flat")}
      />
      <span>
        + {grams(pour.balance.spareGrams)} g spare; any colour runs short {chance(pour.riskOfOrder)}
      </span>
    {/if}
    {#if riskTrouble}<p class="trouble" role="alert">{riskTrouble}</p>{/if}
  </div>
{/if}

<style>
  .extra {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 12px;
    min-height: 52px;
    padding: 2px 12px;
    margin-bottom: 6px;
    border-radius: 10px;
    background: var(--wash);
  }
  .words {
    display: inline-flex;
    align-items: center;
    gap: 6px;
  }
  .schools {
    display: flex;
    gap: 4px;
  }
  .schools label {
    position: relative;
    border: 1.5px solid var(--line);
    border-radius: var(--pill);
    display: inline-flex;
    align-items: center;
    min-height: var(--target);
    padding: 3px 12px;
    font-size: var(--small);
    cursor: pointer;
  }
  .schools label.on {
    border-color: var(--cobalt);
    background: var(--enamel);
    font-weight: 600;
  }
  .schools label:focus-within {
    outline: 3px solid var(--brass-line);
    outline-offset: 2px;
  }
  .big {
    font-family: var(--heading);
    font-size: 22px;
    line-height: 1.1;
    min-width: 84px;
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
  }
</style>
