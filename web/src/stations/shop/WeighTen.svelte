<script lang="ts">
  import NumberField from "../../parts/NumberField.svelte";

  // Pipe ten and weigh them: the shop's own weight of one, from a reading of the scale.
  let { what, onweighed }: { what: string; onweighed: (grams: number) => void } = $props();

  let reading = $state<number | null>(null);
  const label = $derived(what.startsWith("a cm of ") ? "10 cm weigh" : "ten weigh");
</script>

<NumberField
  {label}
  unit="g"
  step={0.1}
  optional
  least={0.1}
  most={500}
  value={reading}
  trouble={reading !== null && !(reading >= 0.1 && reading <= 500)
    ? "Write what the scale shows, from 0.1 to 500 g."
    : ""}
  onchange={(grams) => {
    reading = grams;
    if (grams !== null && grams >= 0.1 && grams <= 500) onweighed(Number((grams / 10).toFixed(3)));
  }}
/>
