<script lang="ts">
  import type { Parameter } from "../../api/types";
  import { standIn } from "../../desk/catalogue.svelte";
  import { theDesk } from "../../desk/order.svelte";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import { said } from "../../units/format";
  import SectionsField from "./SectionsField.svelte";
  import TipField from "./TipField.svelte";

  const desk = theDesk();

  // One thing that can be set on a move or a cutter: the catalogue says what it is and how far it goes.
  let {
    parameter,
    value,
    place,
    sections = [],
    onchange,
  }: {
    parameter: Parameter;
    sections?: string[];
    value: unknown;
    place: string;
    onchange: (value: unknown) => void;
  } = $props();

  const explain = $derived(
    ({ countSeconds: "count", fullness: "fullness", seam: "crease" } as const)[parameter.name],
  );
  const step = $derived(
    parameter.type === "WHOLE_NUMBER" || (parameter.most ?? 0) > 20
      ? 1
      : (parameter.most ?? 0) <= 2
        ? 0.05
        : 0.5,
  );
</script>

{#if parameter.type === "PALETTE"}
  <Field label={parameter.word} {place}>
    <select value={String(value ?? "")} onchange={(e) => onchange(e.currentTarget.value || null)}>
      {#if !parameter.required}<option value="">{parameter.otherwise}</option>{/if}
      {#each desk.palette as colour (colour.key)}
        <option value={colour.key}>{colour.name}</option>
      {/each}
    </select>
  </Field>
{:else if parameter.type === "TIPS"}
  <TipField {parameter} value={String(value ?? "")} {place} {onchange} />
{:else if parameter.type === "WORDS"}
  <Field label={parameter.word} {place} {explain}>
    <select value={String(value ?? "")} onchange={(e) => onchange(e.currentTarget.value || null)}>
      {#if !parameter.required}
        <option value="">
          {parameter.usual ? `${said(parameter.usual)} (usual)` : parameter.otherwise}
        </option>
      {/if}
      {#each parameter.options as option (option)}
        <option value={option}>{said(option)}</option>
      {/each}
    </select>
  </Field>
{:else if parameter.type === "TEXT"}
  <Field label={parameter.word} {place}>
    <input
      value={String(value ?? "")}
      placeholder={parameter.usual}
      maxlength="20000"
      size={parameter.name === "key" || parameter.name === "letter" ? 2 : 14}
      autocomplete="off"
      spellcheck="false"
      oninput={(e) => onchange(e.currentTarget.value || null)}
    />
  </Field>
{:else if parameter.type === "SECTIONS"}
  <SectionsField
    label={parameter.word}
    value={String(value ?? "")}
    standIn={parameter.otherwise}
    {sections}
    {place}
    onchange={(words) => onchange(words || null)}
  />
{:else}
  <NumberField
    label={parameter.word}
    value={value as number | string | null | undefined}
    unit={parameter.unit}
    least={parameter.least ?? undefined}
    most={parameter.most ?? undefined}
    whole={parameter.type === "WHOLE_NUMBER"}
    optional={!parameter.required}
    standIn={parameter.required ? "" : standIn(parameter)}
    wide={standIn(parameter).length > 8}
    {step}
    {place}
    {explain}
    {onchange}
  />
{/if}
