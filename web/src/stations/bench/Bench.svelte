<script lang="ts">
  import { onMount, tick } from "svelte";
  import { theDesk } from "../../desk/order.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, plural, timeOf } from "../../units/format";
  import { alarm } from "./alarm.svelte";
  import BagFace from "./BagFace.svelte";
  import BagsSlip from "./BagsSlip.svelte";
  import DryingNow from "./DryingNow.svelte";
  import type { BenchStep } from "../../api/types";
  import { moved, waitingFor } from "./moved";
  import { happened, NOTHING, undone } from "./happened";
  import IceFace from "./IceFace.svelte";
  import NextAtBench from "./NextAtBench.svelte";
  import { pedal } from "./pedal.svelte";
  import PlainFace from "./PlainFace.svelte";
  import PracticeStrip from "./PracticeStrip.svelte";
  import { amountOf, drying, isElsewhere, nextStep, type Standing, standings } from "./steps";
  import ThinFace from "./ThinFace.svelte";
  import TakeOver from "./TakeOver.svelte";
  import TintFace from "./TintFace.svelte";
  import WeighFace from "./WeighFace.svelte";
  import { lineOf, local, titleOf } from "./words";

  // One step in big type, what dries beside it, what is next.
  const desk = theDesk();
  const { bench } = desk;
  const TICK_MS = 250;

  let at = $state(Date.now());
  let chosen = $state<string | null>(null);

  onMount(() => {
    void bench.open();
    const ticking = setInterval(() => (at = bench.time()), TICK_MS);
    let lock: WakeLockSentinel | undefined;
    const wake = async () => {
      if (!("wakeLock" in navigator) || document.visibilityState !== "visible") return;
      lock = await navigator.wakeLock.request("screen").catch(() => undefined);
    };
    void wake();
    document.addEventListener("visibilitychange", wake);
    return () => {
      clearInterval(ticking);
      document.removeEventListener("visibilitychange", wake);
      void lock?.release();
    };
  });

  const steps = $derived(bench.view?.steps ?? []);
  const nows = $derived(happened(bench.pressed));
  const all = $derived(standings(steps, nows));
  const dries = $derived(drying(steps, nows));
  // By whole seconds, and a little ahead: what was pressed since the last tick counts as past.
  const second = $derived((Math.floor(at / 1000) + 2) * 1000);
  const current = $derived<Standing | null>(
    all.find((one) => one.step.key === chosen) ?? nextStep(all, bench.device, second),
  );
  const step = $derived(current?.step ?? null);
  const now = $derived(current?.now ?? NOTHING);
  const place = $derived(step ? steps.indexOf(step) + 1 : steps.length);
  const others = $derived(all.filter((one) => one.step.key !== step?.key));
  const waiting = $derived(
    all
      .map((one) => one.readyAt)
      .filter((ready): ready is number => ready !== null && ready > second)
      .sort((a, b) => a - b)[0],
  );
  const design = $derived(step && step.design > 0 ? desk.design(step.design) : undefined);
  const passes = $derived(design?.cookie?.passes.filter((one) => one.number > 0).length ?? 0);

  // Something that dried is ready: it is heard, and stands in the window's title.
  const ready = $derived(dries.filter((one) => one.until <= second).length);
  let heard = $state(-1);
  $effect(() => {
    if (heard >= 0 && ready > heard) alarm.ring();
    heard = ready;
  });

  let hands = $state<HTMLElement>();

  /** Takes back the last press of this device. */
  const last = $derived.by(() => {
    const back = undone(bench.pressed);
    return bench.pressed
      .filter((one) => one.device === bench.device && one.what !== "UNDONE" && !back.has(one.id))
      .sort((a, b) => Date.parse(a.at) - Date.parse(b.at))
      .at(-1);
  });

  function back() {
    const one = last;
    if (!one) return;
    bench.press("UNDONE", one.step, 0, one.id);
    chosen = one.step;
  }

  /** On a phone the list lies far below what it opens. */
  async function choose(key: string) {
    chosen = key;
    await tick();
    if (hands && hands.getBoundingClientRect().top < 0) hands.scrollIntoView({ block: "start" });
  }

  function done() {
    if (!step) return;
    bench.press("DONE", step.key, amountOf(step));
    chosen = null;
  }

  function putOff() {
    if (!step) return;
    bench.press("PUT_OFF", step.key);
    chosen = null;
  }

  function cant() {
    if (!step) return;
    const waits = waitingFor(steps, step).filter((one) => !nows[one.key]?.doneAt);
    const first = waits[0];
    said = first
      ? `${titleOf(step)} is put aside. It holds up ${plural(waits.length, "step")}, first ${lineOf(first)}.`
      : `${titleOf(step)} is put aside. Nothing waits for it.`;
    bench.press("CANT", step.key, 0, "not possible now");
    chosen = null;
  }

  // What came of the last press for all the others, until the next one.
  let said = $state("");
  let looked: BenchStep[] = [];
  $effect(() => {
    const view = bench.view;
    if (!view || view.steps === looked) return;
    const change =
      looked.length > 0 ? moved(looked, view.steps, (one) => Boolean(nows[one.key]?.doneAt)) : null;
    looked = view.steps;
    if (change) said = change.words;
  });
</script>

<svelte:window
  onkeydown={(event) => {
    if (!pedal.isListening || event.key === "Escape") {
      pedal.isListening = false;
      return;
    }
    event.preventDefault();
    pedal.set(event.key);
  }}
/>
<svelte:head>
  {#if ready > 0}<title>{plural(ready, "tray")} ready · Bench</title>{/if}
</svelte:head>

<main class="bench">
  {#if bench.trouble}
    <Sheet label="Bench">
      <h2>The bench can't be laid</h2>
      <p>{bench.trouble}</p>
    </Sheet>
  {:else if !bench.view}
    <p class="soft" role="status">Laying the bench.</p>
  {:else}
    <div class="left" bind:this={hands}>
      {#if bench.view.seed !== null}<PracticeStrip />{/if}
      <Sheet label="Now" padding="18px 24px">
        {#if step}
          <header>
            {#if step.hex}<span class="dot" style:background={step.hex}></span>{/if}
            <div>
              <h2>{titleOf(step)}</h2>
              <p class="soft">
                step {place} of {steps.length}{step.doing === "ICE"
                  ? ` · pass ${step.pass} of ${passes} · tray ${step.tray}`
                  : ""}{step.from
                  ? ` · the clock has it at ${dayOf(step.from)} ${timeOf(step.from)}`
                  : ""}{step.by ? ` · ${step.by}` : ""}
              </p>
            </div>
          </header>
          {#key step.key}
            {#if isElsewhere(now, bench.device)}
              <TakeOver {step} {now} />
            {:else if step.doing === "ICE"}
              <IceFace {step} {now} {at} ondone={done} />
            {:else if step.mixed?.doing === "TINT"}
              <TintFace {step} {now} ondone={done} />
            {:else if step.mixed?.doing === "THIN" && step.mixed.waterGrams > 0.05}
              <ThinFace {step} {now} {at} ondone={done} />
            {:else if step.mixed?.doing === "BAG"}
              <BagFace {step} {now} ondone={done} />
            {:else if step.mixed || step.weighed.length > 0}
              <WeighFace {step} {now} ondone={done} />
            {:else}
              <PlainFace {step} {now} {at} ondone={done} />
            {/if}
          {/key}
          <p class="said" role="status">{said}</p>
          <p class="acts">
            <Press plain disabled={!last} onpress={back}>Back</Press>
            {#if !isElsewhere(now, bench.device)}
              <Press plain onpress={putOff}>Put it off</Press>
              <Press plain onpress={cant}>Not possible</Press>
            {/if}
          </p>
        {:else if all.length === 0}
          <h2>{steps.length > 0 ? "All of it is done" : "There is nothing to do yet"}</h2>
          <p>
            {steps.length > 0
              ? "Packed and labelled: it can be handed over."
              : "Draw a cookie, and say how many; then the bench has work."}
          </p>
          <p class="acts"><Press plain disabled={!last} onpress={back}>Back</Press></p>
        {:else}
          <h2>Nothing for the hands now</h2>
          <p>
            {waiting
              ? `The next can begin at ${timeOf(local(waiting))}.`
              : "What is left waits for what another pair of hands has begun."}
          </p>
          <p class="acts"><Press plain disabled={!last} onpress={back}>Back</Press></p>
        {/if}
      </Sheet>
      {#each bench.view.leftOut as left (left)}
        <p class="left-out">{left}</p>
      {/each}
    </div>
    <div class="right">
      {#if step?.doing === "ICE"}<BagsSlip {step} />{/if}
      <DryingNow all={dries} {at} />
      <NextAtBench all={others} {second} onchoose={(key) => void choose(key)} />
      {#if bench.view.seed === null}<PracticeStrip />{/if}
    </div>
  {/if}
</main>

<style>
  .bench {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 340px;
    gap: 16px;
    align-items: start;
  }
  .left,
  .right {
    display: grid;
    gap: 16px;
    min-width: 0;
  }
  header {
    display: flex;
    gap: 16px;
    align-items: center;
  }
  header h2 {
    font-size: 30px;
    line-height: 1.15;
  }
  .said {
    min-height: 24px;
    margin-top: 8px;
  }
  .dot {
    flex: none;
    width: 44px;
    height: 44px;
    border: 2px solid var(--ink);
    border-radius: 50%;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    margin-top: 14px;
  }
  .bench :global(button),
  .bench :global(input) {
    min-height: 56px;
  }
  .left-out {
    color: var(--tomato);
  }
  @media (max-width: 900px) {
    .bench {
      grid-template-columns: 1fr;
    }
    header h2 {
      font-size: 24px;
    }
  }
</style>
