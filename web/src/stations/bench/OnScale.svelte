<script lang="ts">
  import { onMount, untrack } from "svelte";
  import { theDesk } from "../../desk/order.svelte";
  import Press from "../../parts/Press.svelte";
  import { fixed, grams } from "../../units/format";
  import { canBeWeighed, weightBand } from "../../core/rules";

  // What lies on the scale now, against what is wanted; held still within the band, or over, it is taken.
  const { scale } = theDesk().bench;
  let {
    name,
    wanted,
    ontake,
    isTaken = false,
  }: {
    name: string;
    /** Grams; 0 where any weight is what is wanted to be known. */
    wanted: number;
    ontake: (grams: number) => void;
    /** Nothing more is to be taken here. */
    isTaken?: boolean;
  } = $props();

  const LEAST_GRAMS = 0.3;
  onMount(() => scale.watch());

  const band = $derived(weightBand(wanted));
  const isTooLittle = $derived(wanted > 0 && !canBeWeighed(wanted));
  const on = $derived(scale.grams);
  const most = $derived(Math.max(wanted + 2 * band, wanted * 1.2, 1));
  const shown = (g: number) => (Math.abs(g) < 200 ? fixed(g, 1) : grams(g));
  const isRight = $derived(on !== null && wanted > 0 && Math.abs(on - wanted) <= band);
  const isOver = $derived(on !== null && wanted > 0 && on > wanted + band);

  // A weight is taken once: the next only after the scale has shown that something else is weighed.
  let isArmed = $state(false);
  $effect(() => {
    void name;
    isArmed = false;
    // What lies there belongs to what was weighed before: another step, another vessel.
    if (untrack(() => wanted > 0 && scale.grams !== null && scale.grams !== 0)) void scale.tare();
  });
  $effect(() => {
    if (on === null || isTaken) return;
    const isEnough = wanted > 0 ? on >= wanted - band : on > LEAST_GRAMS;
    if (!isEnough) isArmed = true;
    else if (isArmed && scale.isHeld) {
      isArmed = false;
      const taken = on;
      void scale.tare();
      ontake(taken);
    }
  });
</script>

<section aria-label="On the scale">
  <p class="grams" class:right={isRight} class:over={isOver}>
    {#if on === null}
      <small>the scale does not answer: type what another shows</small>
    {:else}
      {shown(on)} <small>g {wanted > 0 ? `of ${shown(wanted)} g ${name}` : name}</small>
    {/if}
  </p>
  {#if wanted > 0}
    <svg viewBox="0 0 400 22" preserveAspectRatio="none" aria-hidden="true">
      <rect width="400" height="22" rx="8" class="all" />
      <rect
        x={((wanted - band) / most) * 400}
        width={Math.max(4, ((2 * band) / most) * 400)}
        height="22"
        class="band"
      />
      <rect
        width={Math.max(0, Math.min(1, (on ?? 0) / most)) * 400}
        y="6"
        height="10"
        rx="5"
        class="on"
      />
    </svg>
  {/if}
  <p class="foot">
    <span role="status">
      {#if on === null || isTaken}
        &nbsp;
      {:else if isTooLittle}
        Too little for a scale: a drop, or skip it.
      {:else if wanted === 0}
        Held still for a second it is taken.
      {:else if isRight}
        Right. Held still for a second it is taken.
      {:else if isOver}
        {shown(on - wanted)} g over: take some off, or hold still and the rest follows it.
      {:else}
        {shown(wanted - on)} g to go
      {/if}
    </span>
    <Press plain disabled={on === null} onpress={() => scale.tare()}>Tare</Press>
  </p>
</section>

<style>
  section {
    margin: 10px 0;
    padding: 10px 14px;
    border: 2px solid var(--line);
    border-radius: var(--round);
  }
  .grams {
    min-height: 56px;
    font: 700 46px/1.2 var(--heading);
    font-variant-numeric: tabular-nums;
  }
  .grams small {
    font: 400 var(--body) var(--text);
    color: var(--ink);
  }
  .right {
    color: var(--leaf);
  }
  .over {
    color: var(--tomato);
  }
  svg {
    width: 100%;
    height: 22px;
  }
  .all {
    fill: var(--table);
  }
  .band {
    fill: #bcd8c6;
  }
  .on {
    fill: var(--cobalt);
  }
  .foot {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 12px;
    min-height: 58px;
  }
</style>
