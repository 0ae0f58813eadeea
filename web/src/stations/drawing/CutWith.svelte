<script lang="ts">
  import { onMount } from "svelte";
  import { field, reference } from "../../desk/catalogue.svelte";
  import { cutters, cutWith } from "../../desk/cutters.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import OneOf from "../../parts/OneOf.svelte";
  import { fixed } from "../../units/format";
  import { CUT_BY, type Drawn } from "./drawn.svelte";

  // How large the drawing is on the cookie, and what that is cut with.
  let {
    drawn,
    points,
    isPointing,
    onpointing,
    ondone,
  }: {
    drawn: Drawn;
    points: { x: number; y: number }[];
    isPointing: boolean;
    onpointing: () => void;
    ondone: () => void;
  } = $props();

  onMount(() => void cutters.load().catch(() => undefined));

  function lay(chosen: string) {
    const own = cutters.all.find((one) => String(one.id) === chosen);
    if (own) cutWith(drawn.cutter, own);
    else drawn.cutter.shape = { kind: chosen } as typeof drawn.cutter.shape;
  }

  const preview = $derived(drawn.preview);
  const apart = $derived(
    points[0] && points[1] ? Math.hypot(points[1].x - points[0].x, points[1].y - points[0].y) : 0,
  );

  let wantedApart = $state<number | null>(null);

  function span() {
    if (wantedApart === null || apart <= 0) return;
    drawn.resize((drawn.heightMm * wantedApart) / apart);
    wantedApart = null;
    ondone();
  }
</script>

<div class="form">
  <NumberField
    label="all of it, high"
    unit="mm"
    value={Math.round(drawn.heightMm * 10) / 10}
    least={10}
    most={300}
    onchange={(mm) => mm !== null && drawn.resize(mm)}
  />
  <NumberField
    label="or wide"
    unit="mm"
    value={preview ? Math.round(preview.widthMm * 10) / 10 : null}
    least={5}
    most={600}
    onchange={(mm) =>
      mm !== null && preview && drawn.resize((drawn.heightMm * mm) / preview.widthMm)}
  />
  <div class="points">
    <button class="word" aria-pressed={isPointing} onclick={onpointing}>
      {isPointing ? "leave that" : "or by two points"}
    </button>
    {#if isPointing}
      {#if points.length < 2}
        <span class="soft">Press two points on the drawing.</span>
      {:else}
        <NumberField
          label="so far apart"
          unit="mm"
          value={wantedApart ?? Math.round(apart * 10) / 10}
          least={1}
          most={600}
          onchange={(mm) => (wantedApart = mm)}
        />
        <Press plain disabled={wantedApart === null} onpress={span}>Set it</Press>
      {/if}
    {/if}
  </div>
</div>
<p class="soft by">cut with</p>
<OneOf
  label="What it is cut with"
  ways={CUT_BY}
  chosen={drawn.cutBy}
  onchoose={(way) => (drawn.cutBy = way)}
/>
<div class="form">
  {#if drawn.cutBy === "SILHOUETTE"}
    <NumberField
      label="margin"
      unit="mm"
      step={0.5}
      value={drawn.marginMm}
      least={0}
      most={30}
      onchange={(mm) => mm !== null && (drawn.marginMm = mm)}
    />
  {:else if drawn.cutBy === "CUTTER"}
    <label>
      <span>which</span>
      <select
        value={cutters.all.find((own) => own.path === field(drawn.cutter.shape, "path"))?.id ??
          drawn.cutter.shape.kind}
        onchange={(e) => lay(e.currentTarget.value)}
      >
        {#each cutters.all as own (own.id)}
          <option value={own.id}>{own.name}</option>
        {/each}
        {#each (reference.catalogue?.cutters ?? []).filter((one) => one.word !== "own outline") as cutter (cutter.word)}
          <option value={cutter.word}>{cutter.word}</option>
        {/each}
      </select>
    </label>
    <NumberField
      label="wide"
      unit="mm"
      value={drawn.cutter.sizeMm}
      least={10}
      most={300}
      onchange={(mm) => mm !== null && (drawn.cutter.sizeMm = mm)}
    />
  {:else}
    <span class="soft">
      {preview ? `The largest shape; the drawing is ${fixed(preview.widthMm, 0)} mm wide.` : ""}
    </span>
  {/if}
</div>

<style>
  .form {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: end;
    margin-top: 10px;
  }
  .points {
    display: flex;
    gap: 10px;
    align-items: end;
  }
  .by {
    margin: 12px 0 4px;
  }
  .soft {
    color: var(--soft);
    font-size: var(--small);
  }
  label {
    display: grid;
    gap: 3px;
    font-size: var(--small);
  }
  .word {
    border: 0;
    background: none;
    color: var(--cobalt);
    text-decoration: underline;
    cursor: pointer;
    min-height: var(--target);
  }
</style>
