<script lang="ts">
  import NumberField from "../../parts/NumberField.svelte";

  // Pipe ten and weigh them: the shop's own weight of one, from a reading of the scale.
  let { what, onweighed }: { what: string; onweighed: (grams: number) => void } = $props();

  let reading = $state<number | null>(null);
  // "a leaf" is weighed by tens of leaves, "a cm of ruffle" by ten of its centimetres.
  const ten = $derived(
    what.startsWith("a cm of ") ? `10 cm of ${what.slice(8)}` : `ten of it: ${what.slice(2)}`,
  );
</script>

<div class="ten">
  <NumberField
    label="{ten}, on the scale"
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
      if (grams !== null && grams >= 0.1 && grams <= 500)
        onweighed(Number((grams / 10).toFixed(3)));
    }}
  />
</div>
