<script lang="ts">
  import type { BenchStep } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import { lasting, timeOf } from "../../units/format";
  import BigPress from "./BigPress.svelte";
  import type { StepNow } from "./happened";
  import { clockOf, local } from "./words";

  // Work without figures of its own: dough, cutting, packing, the label; and the oven with its timer.
  const desk = theDesk();
  const { bench } = desk;
  let { step, now, at, ondone }: { step: BenchStep; now: StepNow; at: number; ondone: () => void } =
    $props();

  // What of this order is handed over as one.
  const bundles = $derived(
    step.doing === "LABEL" && step.order === desk.id
      ? (desk.details?.bundles ?? []).map((bundle) => ({
          ...bundle,
          words: desk.designs
            .filter((design) => bundle.each[design.id])
            .map((design) => `${bundle.each[design.id]} ${design.document.name}`)
            .join(", "),
        }))
      : [],
  );
  const begun = $derived(now.begunAt ? Date.parse(now.begunAt) : null);
  const isBaking = $derived(step.ovenSeconds > 0);
  const inOven = $derived("oven" in now.weights);
  const ovenSince = $derived(
    isBaking && inOven
      ? Math.max(
          ...bench.pressed
            .filter((one) => one.step === step.key && one.what === "WEIGHED")
            .map((one) => Date.parse(one.at)),
        )
      : null,
  );
  const left = $derived(ovenSince === null ? 0 : step.ovenSeconds - (at - ovenSince) / 1000);
  const sentence = $derived(
    {
      DOUGH: "",
      CUT: `${step.cookies} of load ${step.tray}; then twenty minutes in the cold.`,
      BAKE: `Load ${step.tray}; 175 °C (350 °F). They are done when the rim just colours. Trays and door burn: gloves on.`,
      PACK: "Dry through? A fingertip pressed on the thickest place leaves no mark. The sealer burns: mind its bar.",
      LABEL: "What is in it, what may harm whom, by when to eat it, and your name.",
      BASE: "",
      BOWL: "",
      ICE: "",
    }[step.doing],
  );
</script>

<p>{sentence}</p>
{#if bundles.length > 0}
  <ul>
    {#each bundles as bundle, i (i)}
      <li><strong>{bundle.count} × {bundle.name}</strong>: {bundle.words}</li>
    {/each}
  </ul>
{/if}
{#if step.packaging.length > 0}
  <p>
    Takes {step.packaging.map((one) => `${one.pieces} ${one.name}`).join(" and ")} off the shelf.
  </p>
{/if}
<p class="big">
  {#if ovenSince !== null}
    {clockOf(left)}
    <small>{left > 0 ? "left in the oven" : "take them out"}</small>
  {:else if begun}
    {clockOf((at - begun) / 1000)}
    <small>of about {lasting(Math.ceil(step.seconds / 60))}, since {timeOf(local(begun))}</small>
  {:else}
    {lasting(Math.ceil((step.seconds + step.ovenSeconds) / 60))}
    <small>{isBaking ? "with the oven" : "of hands"}</small>
  {/if}
</p>
{#if !begun}
  <BigPress label="Begin" onpress={() => bench.press("BEGUN", step.key)} />
{:else if isBaking && ovenSince === null}
  <BigPress
    label="In the oven"
    sub="starts the timer"
    onpress={() => bench.press("WEIGHED", step.key, 0, "oven")}
  />
{:else}
  <BigPress label={isBaking ? "Out of the oven" : "Done"} onpress={ondone} />
{/if}

<style>
  .big {
    font: 700 56px/1.1 var(--heading);
    margin: 12px 0 18px;
  }
  small {
    display: block;
    font: 400 var(--body) / 1.5 var(--text);
    color: var(--soft);
  }
</style>
