<script lang="ts">
  import type { BenchStep } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import { consistency, fixed, grams, outOf, plural } from "../../units/format";
  import BigPress from "./BigPress.svelte";
  import type { StepNow } from "./happened";
  import HoldPress from "./HoldPress.svelte";
  import OnScale from "./OnScale.svelte";
  import { bagOf } from "./words";

  // What goes into each bag, how wide it opens at true size, and what is written on it.
  const desk = theDesk();
  const { bench } = desk;
  let { step, now, ondone }: { step: BenchStep; now: StepNow; ondone: () => void } = $props();

  const mixed = $derived(step.mixed);
  const said = $derived(
    mixed?.state ? consistency(mixed.state, mixed.countSeconds) : "as it comes",
  );
  // One bag after the other on the scale.
  const filled = $derived(
    Object.keys(now.weights).filter((word) => word.startsWith("bag ")).length,
  );
  const isFull = $derived(filled >= (mixed?.bags ?? 0));
  // What each of them takes: of those without a coupler each by its own tip.
  const each = $derived(
    (mixed?.fillings ?? []).flatMap((one) => Array.from({ length: one.bags }, () => one)),
  );
  const next = $derived(each[Math.min(filled, each.length - 1)]);
  const upGrams = $derived(next?.gramsEach ?? mixed?.gramsPerBag ?? 0);
</script>

{#if mixed}
  {#each mixed.fillings as filling (filling.tips.join())}
    <p class="big">
      {grams(filling.gramsEach)}
      <small
        >g in {mixed.fillings.length > 1
          ? `${plural(filling.bags, "bag")} with tip ${filling.tips.join(" > ")}`
          : mixed.bags > 1
            ? "each"
            : "the bag"}</small
      >
    </p>
  {/each}
  <p>{plural(mixed.bags, "bag")}: {outOf(bagOf(mixed))}</p>
  {#if mixed.cutMm > 0}
    <p class="cut">
      <span class="hole" style:width="{mixed.cutMm}mm" style:height="{mixed.cutMm}mm"></span>
      cut it so wide: {fixed(mixed.cutMm, 1)} mm, drawn at true size
    </p>
  {/if}
  {#if bench.view?.hasScale}
    <OnScale
      name={isFull ? "in the last bag: all are filled" : `in bag ${filled + 1} of ${mixed.bags}`}
      wanted={upGrams}
      isTaken={isFull}
      ontake={(g) => bench.press("WEIGHED", step.key, g, `bag ${filled + 1}`)}
    />
    {#if bench.view.seed !== null}
      <HoldPress
        label={isFull ? "All are filled" : "Fill the bag"}
        sub="hold it down, let go near the mark"
        disabled={isFull}
        onhold={(fromMs, toMs, isLast) =>
          bench.play.act({
            what: "POUR",
            step: step.key,
            name: `bag ${filled + 1}`,
            wanted: upGrams,
            fromMs,
            toMs,
            isLast,
          })}
      />
    {/if}
  {/if}
  <p class="label" role="group" aria-label="Write on it">
    <strong>{step.name}</strong>
    {said} · {each.length > 1
      ? [...new Set(mixed.fillings.map((one) => grams(one.gramsEach)))].join(" or ")
      : grams(upGrams)} g · {desk.details?.name}
  </p>
  <p>
    <a href="/api/orders/{desk.id}/print/bag-labels.pdf" target="_blank" rel="noreferrer"
      >Print the labels of all bags</a
    >
  </p>
  <BigPress label="Bagged" sub="close it, and keep the tip in a damp cloth" onpress={ondone} />
{/if}

<style>
  .big {
    font: 700 56px/1.1 var(--heading);
    margin: 12px 0 4px;
  }
  small {
    font: 400 var(--body) var(--text);
  }
  .cut {
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 44px;
  }
  .hole {
    border-radius: 50%;
    background: var(--ink);
  }
  .label {
    display: inline-block;
    border: 2px dashed var(--brass-line);
    border-radius: var(--round-field);
    padding: 8px 14px;
    margin: 14px 0 18px;
  }
</style>
