<script lang="ts">
  import type { Design, DesignView } from "../../api/types";
  import { reference, startingValues } from "../../desk/catalogue.svelte";
  import { desk } from "../../desk/order.svelte";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import { said } from "../../units/format";
  import ParameterField from "./ParameterField.svelte";

  let { design }: { design: DesignView } = $props();

  const cutter = $derived(design.document.cutter);
  const kind = $derived(reference.cutter(cutter.shape.kind));
  const joinedKind = $derived(cutter.joined && reference.cutter(cutter.joined.shape.kind));
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
    standIn={String(reference.mean("MARGIN_MM") ?? "")}
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
    standIn={String(reference.mean("SPREAD_PERCENT") ?? "")}
    trouble={trouble("spreadPercent")}
    onchange={(percent) => edit((d) => (d.spreadPercent = percent), "spread")}
  />
  <Field label="filled by" trouble={trouble("filling")}>
    <select
      value={design.document.filling ?? ""}
      onchange={(e) => {
        const filling = (e.currentTarget.value || null) as Design["filling"];
        edit((d) => (d.filling = filling), "");
      }}
    >
      <option value="">the order's way</option>
      {#each ["WALL_AND_FLOOD", "ONE_ICING", "NO_OUTLINE", "DIP"] as filling (filling)}
        <option value={filling}>{said(filling)}</option>
      {/each}
    </select>
  </Field>
  <label class="tick">
    <input
      type="checkbox"
      checked={cutter.flipped ?? false}
      onchange={(e) => {
        const on = e.currentTarget.checked;
        edit((d) => (d.cutter.flipped = on || undefined), "");
      }}
    />upside-down
  </label>
  <label class="tick">
    <input
      type="checkbox"
      checked={Boolean(cutter.hole)}
      onchange={(e) => {
        const on = e.currentTarget.checked;
        edit((d) => (d.cutter.hole = on ? { diameterMm: 4, downMm: 8 } : undefined), "");
      }}
    />hole to hang it by
  </label>
  {#if cutter.hole}
    {#each [["diameterMm", "hole"], ["downMm", "below the top"]] as const as [name, word] (name)}
      <NumberField
        label={word}
        unit="mm"
        value={cutter.hole[name]}
        trouble={trouble(`cutter.hole.${name}`)}
        onchange={(mm) =>
          mm !== null && edit((d) => d.cutter.hole && (d.cutter.hole[name] = mm), name)}
      />
    {/each}
  {/if}
  <label class="tick">
    <input
      type="checkbox"
      checked={Boolean(cutter.joined)}
      onchange={(e) => {
        const on = e.currentTarget.checked;
        edit((d) => {
          d.cutter.joined = on
            ? { shape: { kind: "round" }, sizeMm: 40, rightMm: 30, downMm: 0 }
            : undefined;
        }, "");
      }}
    />joined with another
  </label>
  {#if cutter.joined}
    <Field label="second cutter" trouble={trouble("cutter.joined.shape")}>
      <select
        value={cutter.joined.shape.kind}
        onchange={(e) => {
          const kind = e.currentTarget.value;
          edit((d) => {
            if (d.cutter.joined) d.cutter.joined.shape = { kind } as typeof cutter.shape;
          }, "");
        }}
      >
        {#each reference.catalogue?.cutters ?? [] as other (other.word)}
          <option value={other.word}>{other.word}</option>
        {/each}
      </select>
    </Field>
    {#each joinedKind?.parameters ?? [] as parameter (parameter.name)}
      <ParameterField
        {parameter}
        value={cutter.joined.shape[parameter.name]}
        trouble={trouble(`cutter.joined.shape.${parameter.name}`)}
        onchange={(value) =>
          edit((d) => {
            if (d.cutter.joined) d.cutter.joined.shape[parameter.name] = value;
          }, `joined.${parameter.name}`)}
      />
    {/each}
    {#each [["sizeMm", "its width"], ["rightMm", "to the right"], ["downMm", "down"]] as const as [name, word] (name)}
      <NumberField
        label={word}
        unit="mm"
        value={cutter.joined[name]}
        trouble={trouble(`cutter.joined.${name}`)}
        onchange={(mm) =>
          mm !== null && edit((d) => d.cutter.joined && (d.cutter.joined[name] = mm), name)}
      />
    {/each}
  {/if}
</div>

<style>
  .tick {
    display: flex;
    align-items: center;
    gap: 6px;
    font-size: 13px;
    min-height: 34px;
    align-self: end;
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
