<script lang="ts">
  import { onMount } from "svelte";
  import type { BenchStep } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import Press from "../../parts/Press.svelte";
  import { fixed, grams, plural } from "../../units/format";
  import { apart } from "../../units/tint";
  import BigPress from "./BigPress.svelte";
  import type { StepNow } from "./happened";
  import HoldPress from "./HoldPress.svelte";
  import Rescue from "./Rescue.svelte";

  // Drops counted off by fives, with a look between; grams beside them for a small scale.
  const { bench } = theDesk();
  const { scale } = bench;
  let { step, now, ondone }: { step: BenchStep; now: StepNow; ondone: () => void } = $props();
  const FIVE = 5;
  /** A drop weighs so much. */
  const DROP_GRAMS = 0.04;
  const DRIP_MS = 400;
  const LEAST_GRAMS = 0.02;

  const tint = $derived(step.mixed?.tint ?? null);
  const dropsWord = (gel: string) => `drops of ${gel}`;
  const countOf = (gel: string) => now.weights[dropsWord(gel)] ?? 0;
  function count(gel: string, drops: number) {
    touched = gel;
    bench.press("WEIGHED", step.key, drops, dropsWord(gel));
  }
  onMount(() => (bench.view?.hasScale ? scale.watch() : undefined));
  const onScale = $derived(bench.view?.hasScale ? scale.grams : null);

  // The gel that is being counted: what lies on the scale is of that.
  let touched = $state("");
  const active = $derived(
    touched ||
      (tint?.doses ?? []).find((dose) => countOf(dose.gel) < dose.drops)?.gel ||
      tint?.doses[0]?.gel,
  );

  /** In the practice kitchen drops fall one after the other while it is held. */
  let fallen = 0;
  function drip(gel: string, toMs: number, isLast: boolean) {
    const due = Math.floor(toMs / DRIP_MS) + 1;
    while (fallen < due) {
      fallen++;
      const nth = countOf(gel) + 1;
      count(gel, nth);
      void bench.play.act({ what: "DRIP", step: step.key, name: gel, nth });
    }
    if (isLast) fallen = 0;
  }
  const left = $derived(
    (tint?.doses ?? []).reduce((n, dose) => n + Math.max(0, dose.drops - countOf(dose.gel)), 0),
  );
  // In the practice kitchen what really fell is seen in the bowl.
  let inBowl = $state<string | null>(null);
  const fell = $derived(JSON.stringify([now.weights, now.added]));
  $effect(() => {
    void fell;
    if (bench.view?.seed === null || bench.pending.length > 0) return;
    void bench.play
      .act({ what: "LOOK", step: step.key })
      .then((outcome) => (inBowl = outcome?.hex ?? inBowl));
  });
  const swatches = $derived(
    tint
      ? [
          ...(bench.view?.seed !== null
            ? [{ word: "in the bowl now", hex: inBowl ?? "#F6F6F0" }]
            : []),
          { word: "just mixed", hex: tint.now },
          { word: "dried", hex: tint.dry },
          { word: "wanted", hex: step.mixed?.wanted ?? tint.dry },
        ]
      : [],
  );
</script>

<p>
  Into {grams(step.mixed?.grams ?? 0)} g of base. Stir after every five drops and look: a colour is easy
  to add and hard to take back.
</p>
<ul class="swatches">
  {#each swatches as one (one.word)}
    <li>
      <span class="swatch" style:background={one.hex}></span>{one.word}
    </li>
  {/each}
  {#if tint}<li class="soft">{apart(tint.deltaE)}</li>{/if}
</ul>
<ul class="doses">
  {#each tint?.doses ?? [] as dose (dose.gel)}
    {@const n = countOf(dose.gel)}
    <li>
      <span class="swatch small" style:background={dose.hex}></span>
      <span class="name">{dose.name}</span>
      <span class="count">
        {n} <small>of {plural(dose.drops, "drop")}</small>
        {#if n > dose.drops}<small class="over">{n - dose.drops} too many</small>{/if}
      </span>
      <span class="soft">
        {fixed(dose.grams, 2)} g{dose.dabs > 0 ? `, with ${plural(dose.dabs, "dab")}` : ""}
      </span>
      <Press
        plain
        disabled={n >= dose.drops}
        label="{dose.name}: count {Math.min(FIVE, dose.drops - n)} more"
        onpress={() => count(dose.gel, Math.min(dose.drops, n + FIVE))}
        >+ {n >= dose.drops ? FIVE : Math.min(FIVE, dose.drops - n)}</Press
      >
      <Press
        plain
        disabled={n === 0}
        label="{dose.name}: lost count, from the start"
        onpress={() => count(dose.gel, 0)}>0</Press
      >
      {#if bench.view?.seed !== null}
        <HoldPress
          label="Drip {dose.name}"
          onhold={(_, toMs, isLast) => drip(dose.gel, toMs, isLast)}
        />
      {/if}
      {#if onScale !== null && dose.gel === active}
        <Press
          plain
          disabled={onScale < LEAST_GRAMS || !scale.isHeld}
          label="{dose.name}: as many drops as the scale says"
          onpress={() => {
            count(dose.gel, Math.round(onScale / DROP_GRAMS));
            void scale.tare();
          }}>by weight: {Math.max(0, Math.round(onScale / DROP_GRAMS))}</Press
        >
      {/if}
    </li>
  {/each}
</ul>
<Rescue {step} {now} />
{#if bench.view?.hasScale}
  <p class="scale">
    <span class="soft">
      {onScale === null
        ? "the scale does not answer"
        : `on the scale ${fixed(onScale, 2)} g: a lost count is weighed`}
    </span>
    <Press plain disabled={onScale === null} onpress={() => scale.tare()}>Tare</Press>
  </p>
{/if}
<BigPress
  label="It's tinted"
  sub={left > 0 ? `${plural(left, "drop")} not counted off` : "all drops are in"}
  onpress={ondone}
/>

<style>
  ul {
    list-style: none;
    margin: 10px 0;
    padding: 0;
  }
  .swatches {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 18px;
    align-items: center;
  }
  .swatches li {
    display: grid;
    gap: 4px;
    justify-items: center;
  }
  .swatch {
    width: 96px;
    height: 64px;
    border: 2px solid var(--ink);
    border-radius: var(--round);
  }
  .swatch.small {
    width: 28px;
    height: 28px;
    border-radius: 50%;
  }
  .doses li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 14px;
    padding: 8px 0;
    border-top: 1px solid var(--line);
  }
  .doses :global(button) {
    min-width: 64px;
  }
  .scale {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 8px;
    margin: 6px 0 12px;
  }
  .over {
    color: var(--tomato);
  }
  .name {
    min-width: 90px;
    font-weight: 600;
  }
  .count {
    font: 700 30px var(--heading);
    min-width: 150px;
  }
  small {
    font: 400 var(--body) var(--text);
  }
</style>
