<script lang="ts">
  import type { BenchStep } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import { fixed, grams } from "../../units/format";
  import {
    firstWater,
    leastSeconds,
    mostSeconds,
    nextWater,
    secondsAt,
    tooThin,
  } from "../../core/rules";
  import BigPress from "./BigPress.svelte";
  import { type StepNow, undone } from "./happened";
  import HoldPress from "./HoldPress.svelte";
  import OnScale from "./OnScale.svelte";

  // A line is drawn and counted until it has gone; then the next water, from above.
  const { bench } = theDesk();
  let { step, now, at, ondone }: { step: BenchStep; now: StepNow; at: number; ondone: () => void } =
    $props();

  const wanted = $derived(step.mixed?.countSeconds ?? 0);
  const STIFF = "stiff base";
  const stiffIn = $derived(now.added[STIFF] ?? 0);
  const inBowl = $derived((step.mixed?.baseGrams ?? 0) + stiffIn);
  const planned = $derived(step.mixed?.waterGrams ?? 0);
  const base = $derived(bench.view?.base ?? null);
  // A count holds until something more goes in.
  const isChanged = $derived.by(() => {
    const counted = now.counts.at(-1);
    const back = undone(bench.pressed);
    return bench.pressed.some(
      (event) =>
        event.step === step.key &&
        event.what === "ADDED" &&
        !back.has(event.id) &&
        (!counted || Date.parse(event.at) > Date.parse(counted.at)),
    );
  });
  const last = $derived(isChanged ? null : (now.counts.at(-1) ?? null));
  const isRight = $derived(
    last !== null && last.seconds >= leastSeconds(wanted) && last.seconds <= mostSeconds(wanted),
  );
  const isThin = $derived(last !== null && last.seconds < leastSeconds(wanted));
  // Before the first count most of what the plan says, from above as well.
  const more = $derived(
    isChanged || !base
      ? 0
      : last === null || now.water > last.water
        ? firstWater(planned, now.water)
        : nextWater(last.seconds, wanted, inBowl, base),
  );
  const back = $derived(
    last && isThin && base ? tooThin(last.seconds, wanted, inBowl, base) : null,
  );
  const stiff = $derived(back?.stiffGrams ?? 0);
  const sugar = $derived(back?.sugarGrams ?? 0);
  const SUGAR = "icing sugar";
  // What it has become too thin for, a later portion of the bowl may want.
  const thinner = $derived(
    last && isThin
      ? (bench.view?.steps ?? [])
          .filter((one) => one.task === step.task && one.mixed?.doing === "THIN")
          .map((one) => one.mixed?.countSeconds ?? 0)
          .find((seconds) => seconds < wanted - 1 && seconds <= mostSeconds(last.seconds))
      : undefined,
  );
  let counting = $state<number | null>(null);
  let typed = $state<number | null>(null);

  // Seconds of a line: the clock on the wall may be set meanwhile, this one runs evenly.
  const counted = $derived.by(() => {
    void at;
    return counting === null ? 0 : Math.max(0, performance.now() - counting) / 1000;
  });

  // In the practice kitchen a line is drawn that levels after seconds that only the kitchen knows.
  let levels = $state<number | null>(null);
  const LINE_HIGH = 26;
  const high = $derived(
    levels === null || counting === null ? 0 : LINE_HIGH * Math.max(0, 1 - counted / levels) ** 2,
  );

  async function count() {
    if (counting === null) {
      if (bench.view?.seed !== null) {
        const line = await bench.play.act({ what: "LINE", step: step.key });
        if (!line) return;
        levels = line.amount;
      }
      counting = performance.now();
      return;
    }
    const seconds = Math.round((performance.now() - counting) / 100) / 10;
    counting = null;
    levels = null;
    if (seconds >= 0.5) bench.press("COUNT", step.key, seconds);
  }

  // The curve through what was counted last: grams of water to 100 g of base against seconds.
  const W = 300;
  const H = 150;
  const mostWater = $derived(
    Math.max(planned, now.water, 1) * 1.3 * (100 / Math.max(1, inBowl)) || 1,
  );
  const x = (water: number) => (water / mostWater) * W;
  const y = (seconds: number) => H - (Math.min(90, seconds) / 90) * H;
  const through = $derived.by(() => {
    if (!base || inBowl <= 0) return "";
    const of = base;
    const points = Array.from({ length: 31 }, (_, i) => {
      const w = (mostWater * i) / 30;
      const seconds = secondsAt(
        last ? last.seconds : wanted,
        last ? last.water : planned,
        (w * inBowl) / 100,
        inBowl,
        of,
      );
      return `${x(w).toFixed(1)} ${y(seconds).toFixed(1)}`;
    });
    return `M${points.join("L")}`;
  });
</script>

<div class="two">
  <div>
    <p class="soft">water in so far</p>
    <p class="big">{fixed(now.water, 1)} <small>g</small></p>
    <p class="soft">
      of about {fixed(planned, 1)} g; {grams(inBowl)} g of base in the bowl{stiffIn > 0
        ? `, ${grams(stiffIn)} g of it to spare`
        : ""}
    </p>
    <p class="now" role="status">
      {#if isRight}
        {fixed(last?.seconds ?? 0, 0)} s is right.
      {:else if isThin}
        Too thin. {Number.isFinite(stiff)
          ? `${grams(stiff)} g of stiff base bring it back; stir and count again.`
          : Number.isFinite(sugar)
            ? `The base itself is no stiffer: sift in ${fixed(sugar, 1)} g of icing sugar, stir and count again.`
            : "No amount of sugar makes this base so stiff."}
        {thinner
          ? `Or it does for the ${fixed(thinner, 0)} s that come after: say so there.`
          : "Nothing thinner of this colour is wanted in this order."}
      {:else if more >= 0.05}
        now <strong>{fixed(more, 1)} g</strong> more
      {:else}
        Count a line.
      {/if}
    </p>
    <div class="row">
      {#if isThin && Number.isFinite(stiff) && stiff >= 0.1}
        <Press
          plain
          onpress={() => bench.press("ADDED", step.key, Math.round(stiff * 10) / 10, STIFF)}
          >{grams(stiff)} g of stiff base are in</Press
        >
      {/if}
      {#if isThin && !Number.isFinite(stiff) && Number.isFinite(sugar) && sugar >= 0.1}
        <Press
          plain
          onpress={() => bench.press("ADDED", step.key, Math.round(sugar * 10) / 10, SUGAR)}
          >{fixed(sugar, 1)} g of icing sugar are in</Press
        >
      {/if}
      <Press
        plain
        disabled={more < 0.05 || isThin}
        onpress={() => bench.press("WATER", step.key, Math.round(more * 10) / 10)}
        >{fixed(more, 1)} g are in</Press
      >
      <NumberField
        label="or other water"
        unit="g"
        least={0}
        most={500}
        step={0.1}
        optional
        value={typed}
        onchange={(g) => (typed = g)}
      />
      <Press
        plain
        disabled={!typed}
        onpress={() => {
          if (typed) bench.press("WATER", step.key, typed);
          typed = null;
        }}>It's in</Press
      >
    </div>
  </div>
  <div>
    <p class="soft">{counting === null ? "last count" : "counting"}</p>
    <p class="big">
      {counting === null ? (last ? fixed(last.seconds, 0) : "–") : fixed(counted, 0)}
      <small>s</small>
    </p>
    <p class="soft">
      wanted {fixed(wanted, 0)} s, between {fixed(leastSeconds(wanted), 0)} and {fixed(
        mostSeconds(wanted),
        0,
      )} will do
    </p>
    <svg viewBox="-4 -12 {W + 40} {H + 30}" role="img" aria-label="How it gets thinner with water">
      <path d="M0 0V{H}H{W}" class="axis" />
      <path d={through} class="curve" />
      <path d="M0 {y(wanted)}H{W}" class="wanted" />
      {#each now.counts as one, i (i)}
        <circle cx={x((one.water * 100) / inBowl)} cy={y(one.seconds)} r="5" />
      {/each}
      <text x="2" y="-2">seconds to level</text>
      <text x={W} y={H + 14} text-anchor="end">water, g in 100 g of base</text>
    </svg>
  </div>
</div>
{#if bench.view?.hasScale}
  <OnScale
    name="water"
    wanted={isThin || more < 0.05 ? 0 : more}
    ontake={(g) => bench.press("WATER", step.key, g)}
  />
{/if}
{#if bench.view?.seed !== null}
  <div class="played">
    <HoldPress
      label="Drip water in"
      sub="hold it down, let go near the mark"
      disabled={counting !== null}
      onhold={(fromMs, toMs, isLast) =>
        bench.play.act({
          what: "POUR",
          step: step.key,
          name: `water ${fixed(now.water, 2)}`,
          wanted: Math.max(more, 1),
          fromMs,
          toMs,
          isLast,
        })}
    />
    <svg class="line" viewBox="0 0 200 40" role="img" aria-label="The line that was drawn">
      <path d="M0 34H200V40H0Z" fill={step.hex ?? "var(--table)"} stroke="var(--ink)" />
      {#if high > 0.4}
        <path
          d="M60 34Q100 {34 - 2 * high} 140 34Z"
          fill={step.hex ?? "var(--table)"}
          stroke="var(--ink)"
        />
      {/if}
    </svg>
  </div>
{/if}
<BigPress
  label={counting === null ? "Count" : "It has gone"}
  sub={counting === null
    ? "draw a line and press; press again when it has gone"
    : "press when the line has gone"}
  onpress={count}
/>
<div class="row end">
  <Press onpress={ondone}
    >{isRight ? "It's right" : "It will do"}: take out {grams(step.mixed?.grams ?? 0)} g</Press
  >
  <span class="soft">water is easy to add and hard to take back</span>
</div>

<style>
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 24px;
    margin: 10px 0 14px;
  }
  .big {
    font: 700 64px/1.05 var(--heading);
  }
  small {
    font-size: 24px;
  }
  .now {
    min-height: 66px;
    margin: 8px 0;
    font-size: var(--h3);
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 14px;
    align-items: end;
  }
  .played {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 14px;
    margin: 10px 0;
  }
  .line {
    width: 200px;
    height: 40px;
  }
  .end {
    margin-top: 12px;
    align-items: center;
  }
  svg {
    width: 100%;
    max-width: 360px;
  }
  .axis,
  .curve,
  .wanted {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.5;
  }
  .curve {
    stroke: var(--cobalt);
    stroke-width: 3;
  }
  .wanted {
    stroke: var(--leaf);
    stroke-dasharray: 4 4;
  }
  text {
    font: 12px var(--text);
    fill: var(--soft);
  }
  @media (max-width: 700px) {
    .two {
      grid-template-columns: 1fr;
      gap: 8px;
    }
    .big {
      font-size: 44px;
    }
  }
</style>
