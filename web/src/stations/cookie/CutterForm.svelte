<script lang="ts">
  import type { Design, DesignView } from "../../api/types";
  import { reference, startingValues } from "../../desk/catalogue.svelte";
  import { desk } from "../../desk/order.svelte";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import ParameterField from "./ParameterField.svelte";

  let { design }: { design: DesignView } = $props();

  const cutter = $derived(design.document.cutter);
  const kind = $derived(reference.cutter(cutter.shape.kind));
  const shop = $derived(reference.shop?.settings);
  const problem = $derived(desk.problem(design.id));
  const trouble = (field: string) => (problem?.field === `document.${field}` ? problem.detail : "");

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

<div class="form">
  <Field label="cutter" trouble={trouble("cutter.shape") || trouble("cutter")}>
    <select value={cutter.shape.kind} onchange={(e) => pick(e.currentTarget.value)}>
      {#each reference.catalogue?.cutters ?? [] as other (other.word)}
        <option value={other.word}>{other.word}</option>
      {/each}
    </select>
  </Field>
  <NumberField
    label="size"
    unit="mm"
    value={cutter.sizeMm}
    least={10}
    most={300}
    trouble={trouble("cutter.sizeMm")}
    onchange={(mm) => mm !== null && edit((d) => (d.cutter.sizeMm = mm), "size")}
  />
  <Field label="measured by" trouble={trouble("cutter.across")}>
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
      value={cutter.shape[parameter.name]}
      trouble={trouble(`cutter.shape.${parameter.name}`)}
      onchange={(value) => edit((d) => (d.cutter.shape[parameter.name] = value), parameter.name)}
    />
  {/each}
  <NumberField
    label="edge margin"
    unit="mm"
    step={0.5}
    optional
    value={design.document.marginMm}
    least={0}
    most={150}
    standIn={String(shop?.marginMm ?? "")}
    trouble={trouble("marginMm")}
    onchange={(mm) => edit((d) => (d.marginMm = mm), "margin")}
  />
  <NumberField
    label="bake-spread"
    unit="%"
    step={0.5}
    optional
    value={design.document.spreadPercent}
    least={-10}
    most={25}
    standIn={String(shop?.spreadPercent ?? "")}
    trouble={trouble("spreadPercent")}
    onchange={(percent) => edit((d) => (d.spreadPercent = percent), "spread")}
  />
</div>

<style>
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
