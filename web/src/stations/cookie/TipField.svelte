<script lang="ts">
  import type { Parameter } from "../../api/types";
  import { reference } from "../../desk/catalogue.svelte";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import { cutOf } from "../../units/format";

  // A tip of the shop, or a bag without one that is cut to a width.
  let {
    parameter,
    value,
    place,
    onchange,
  }: {
    parameter: Parameter;
    value: string;
    place: string;
    onchange: (tip: string | null) => void;
  } = $props();

  const USUAL_CUT = "cut 1.2";
  const LEAST_MM = 0.5;
  const MOST_MM = 12;
  const cut = $derived(cutOf(value));
</script>

<Field label={parameter.word} {place}>
  <select
    value={cut === null ? value : "cut"}
    onchange={(e) =>
      onchange(e.currentTarget.value === "cut" ? USUAL_CUT : e.currentTarget.value || null)}
  >
    <option value="">{parameter.usual ? `${parameter.usual} (usual)` : parameter.otherwise}</option>
    {#each reference.tips as tip (tip)}
      <option value={tip}>{tip}</option>
    {/each}
    <option value="cut">{parameter.usual ? "none: bag cut to" : "bag cut to"}</option>
  </select>
</Field>
{#if cut !== null}
  <NumberField
    label="cut width"
    value={cut}
    unit="mm"
    least={LEAST_MM}
    most={MOST_MM}
    step={0.1}
    onchange={(mm) => {
      if (mm !== null) onchange(`cut ${mm}`);
    }}
  />
{/if}
