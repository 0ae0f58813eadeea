<script lang="ts">
  import type { Design } from "../../api/types";
  import { field, reference, setField } from "../../desk/catalogue.svelte";
  import { inside } from "../../desk/places";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import ParameterField from "./ParameterField.svelte";

  // What a cutter may have beside its form: turned over, a hole, a second cutter joined to it.
  type Cutter = Design["cutter"];
  let {
    cutter,
    place,
    onedit,
  }: {
    cutter: Cutter;
    place: string;
    onedit: (change: (cutter: Cutter) => void, field: string) => void;
  } = $props();

  const joinedKind = $derived(cutter.joined && reference.cutter(cutter.joined.shape.kind));
  const HOLE = [
    ["diameterMm", "hole"],
    ["downMm", "below the top"],
  ] as const;
  const JOINED = [
    ["sizeMm", "its width"],
    ["rightMm", "to the right"],
    ["downMm", "down"],
  ] as const;
</script>

<label class="tick">
  <input
    type="checkbox"
    checked={cutter.flipped ?? false}
    onchange={(e) => {
      const on = e.currentTarget.checked;
      onedit((c) => (c.flipped = on || undefined), "");
    }}
  />upside-down
</label>
<label class="tick">
  <input
    type="checkbox"
    checked={Boolean(cutter.hole)}
    onchange={(e) => {
      const on = e.currentTarget.checked;
      onedit((c) => (c.hole = on ? { diameterMm: 4, downMm: 8 } : undefined), "");
    }}
  />hole to hang it by
</label>
{#if cutter.hole}
  {#each HOLE as [name, word] (name)}
    <NumberField
      label={word}
      unit="mm"
      place="{place}/hole/{name}"
      value={cutter.hole[name]}
      {...reference.range("hole", name)}
      onchange={(mm) => mm !== null && onedit((c) => c.hole && (c.hole[name] = mm), `hole ${name}`)}
    />
  {/each}
{/if}
<label class="tick">
  <input
    type="checkbox"
    checked={Boolean(cutter.joined)}
    onchange={(e) => {
      const on = e.currentTarget.checked;
      onedit((c) => {
        c.joined = on
          ? { shape: { kind: "round" }, sizeMm: 40, rightMm: 30, downMm: 0 }
          : undefined;
      }, "");
    }}
  />joined with another
</label>
{#if cutter.joined}
  <Field label="second cutter" place="{place}/joined/shape">
    <select
      value={cutter.joined.shape.kind}
      onchange={(e) => {
        const kind = e.currentTarget.value;
        onedit((c) => {
          if (c.joined) c.joined.shape = { kind } as typeof cutter.shape;
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
      place={inside(`${place}/joined/shape`, parameter.name)}
      value={field(cutter.joined.shape, parameter.name)}
      onchange={(value) =>
        onedit((c) => {
          if (c.joined) setField(c.joined.shape, parameter.name, value);
        }, `joined.${parameter.name}`)}
    />
  {/each}
  {#each JOINED as [name, word] (name)}
    <NumberField
      label={word}
      unit="mm"
      place="{place}/joined/{name}"
      value={cutter.joined[name]}
      {...reference.range("joined", name)}
      onchange={(mm) =>
        mm !== null && onedit((c) => c.joined && (c.joined[name] = mm), `joined ${name}`)}
    />
  {/each}
{/if}

<style>
  .tick {
    display: flex;
    align-items: center;
    gap: 6px;
    font-size: var(--small);
    min-height: var(--target);
    align-self: end;
  }
</style>
