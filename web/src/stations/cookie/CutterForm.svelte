<script lang="ts">
  import type { Design, DesignView } from "../../api/types";
  import { field, reference, setField } from "../../desk/catalogue.svelte";
  import { calledCutter, cutWith } from "../../desk/cutters.svelte";
  import { theDesk } from "../../desk/order.svelte";
  import { inside } from "../../desk/places";
  import Dialog from "../../parts/Dialog.svelte";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import { said } from "../../units/format";
  import CutterChoice from "./CutterChoice.svelte";
  import CutterExtras from "./CutterExtras.svelte";
  import CutterPicture from "./CutterPicture.svelte";
  import { withCutter } from "./newDesign";
  import ParameterField from "./ParameterField.svelte";

  let { design }: { design: DesignView } = $props();

  const desk = theDesk();
  let choice: Dialog;
  const cutter = $derived(design.document.cutter);
  const path = $derived((field(cutter.shape, "path") as string | undefined) ?? "");
  const kind = $derived(reference.cutter(cutter.shape.kind));
  const place = $derived(`/designs/${design.id}/document`);

  function edit(change: (document: Design) => void, field: string) {
    desk.editDesign(design.id, (draft) => change(draft.document), field);
  }

  const pick = (word: string) => edit((d) => withCutter(d, word), "");
</script>

<div class="form">
  <Field label="cutter" place="{place}/cutter/shape">
    <button class="shape" onclick={() => choice.show()}>
      <CutterPicture word={cutter.shape.kind} {path} size={32} />
      <bdi>{calledCutter(cutter)}</bdi>
    </button>
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

<Dialog bind:this={choice} title="Another cutter for {design.document.name}" wide>
  <CutterChoice
    chosen={cutter.shape.kind}
    {path}
    onown={(own) => {
      edit((d) => cutWith(d.cutter, own), "");
      choice.close();
    }}
    onpick={(word) => {
      pick(word);
      choice.close();
    }}
  />
</Dialog>

<style>
  .shape {
    display: flex;
    align-items: center;
    gap: 6px;
    min-height: 44px;
    padding: 2px 12px 2px 6px;
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    cursor: pointer;
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
