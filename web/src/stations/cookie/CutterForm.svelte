<script lang="ts">
  import type { Design, DesignView } from "../../api/types";
  import { field, reference, setField, startingValues } from "../../desk/catalogue.svelte";
  import { theDesk } from "../../desk/order.svelte";
  import { inside } from "../../desk/places";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import { said } from "../../units/format";
  import CutterExtras from "./CutterExtras.svelte";
  import ParameterField from "./ParameterField.svelte";

  let { design }: { design: DesignView } = $props();

  const desk = theDesk();
  const cutter = $derived(design.document.cutter);
  const kind = $derived(reference.cutter(cutter.shape.kind));
  const place = $derived(`/designs/${design.id}/document`);

  // While a design is new, the usual cutters are one press away.
  const USUAL = [
    "round",
    "oval",
    "square",
    "rectangle",
    "plaque",
    "heart",
    "star",
    "hexagon",
    "egg",
  ];
  const isNew = $derived(design.document.moves.length <= 2);
  const quick = $derived(USUAL.filter((word) => reference.cutter(word)));

  function edit(change: (document: Design) => void, field: string) {
    desk.editDesign(design.id, (draft) => change(draft.document), field);
  }

  function pick(word: string) {
    const picked = reference.cutter(word);
    if (!picked) return;
    edit((d) => {
      d.cutter.shape = { kind: word, ...startingValues(picked, "") } as typeof d.cutter.shape;
    }, "");
  }
</script>

{#if isNew}
  <div class="quick" role="group" aria-label="Its cutter">
    {#each quick as word (word)}
      <button aria-pressed={cutter.shape.kind === word} onclick={() => pick(word)}>{word}</button>
    {/each}
  </div>
{/if}
<div class="form">
  <Field label="cutter" place="{place}/cutter/shape">
    <select value={cutter.shape.kind} onchange={(e) => pick(e.currentTarget.value)}>
      {#each reference.catalogue?.cutters ?? [] as other (other.word)}
        <option value={other.word}>{other.word}</option>
      {/each}
    </select>
  </Field>
  <NumberField
    label="size"
    unit="mm"
    place="{place}/cutter/sizeMm"
    value={cutter.sizeMm}
    {...reference.range("cutter", "sizeMm")}
    onchange={(mm) => mm !== null && edit((d) => (d.cutter.sizeMm = mm), "size")}
  />
  <Field label="measured by" place="{place}/cutter/across">
    <select
      value={cutter.across}
      onchange={(e) => {
        const across = e.currentTarget.value as typeof cutter.across;
        edit((d) => (d.cutter.across = across), "");
      }}
    >
      <option value="WIDTH">width</option>
      <option value="HEIGHT">height</option>
    </select>
  </Field>
  {#each kind?.parameters ?? [] as parameter (parameter.name)}
    <ParameterField
      {parameter}
      place={inside(`${place}/cutter/shape`, parameter.name)}
      value={field(cutter.shape, parameter.name)}
      onchange={(value) =>
        edit((d) => setField(d.cutter.shape, parameter.name, value), parameter.name)}
    />
  {/each}
  <NumberField
    label="edge margin"
    unit="mm"
    step={0.5}
    optional
    place="{place}/marginMm"
    value={design.document.marginMm}
    {...reference.range("design", "marginMm")}
    standIn={String(reference.mean("MARGIN_MM") ?? "")}
    onchange={(mm) => edit((d) => (d.marginMm = mm), "margin")}
  />
  <NumberField
    label="bake-spread"
    unit="%"
    step={0.5}
    optional
    place="{place}/spreadPercent"
    value={design.document.spreadPercent}
    {...reference.range("design", "spreadPercent")}
    standIn={String(reference.mean("SPREAD_PERCENT") ?? "")}
    onchange={(percent) => edit((d) => (d.spreadPercent = percent), "spread")}
  />
  <Field label="filled by" place="{place}/filling">
    <select
      value={design.document.filling ?? ""}
      onchange={(e) => {
        const filling = (e.currentTarget.value || null) as Design["filling"];
        edit((d) => (d.filling = filling), "");
      }}
    >
      <option value="">the order's way</option>
      {#each reference.catalogue?.fillings ?? [] as filling (filling)}
        <option value={filling}>{said(filling)}</option>
      {/each}
    </select>
  </Field>
  <CutterExtras
    {cutter}
    place="{place}/cutter"
    onedit={(change, field) => edit((d) => change(d.cutter), field)}
  />
</div>

<style>
  .quick {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 6px;
    margin-top: 10px;
  }
  .quick button {
    border: 1.5px solid var(--line);
    border-radius: var(--pill);
    background: none;
    padding: 3px 13px;
    min-height: var(--target);
    cursor: pointer;
  }
  .quick button[aria-pressed="true"] {
    border-color: var(--cobalt);
    background: var(--wash);
    font-weight: 600;
  }
  .form {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 16px;
    align-items: start;
    border-top: 1px solid var(--line);
    margin-top: 10px;
    padding-top: 10px;
  }
</style>
