<script lang="ts">
  import type { DesignView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import { grams } from "../../units/format";

  let { design }: { design: DesignView } = $props();

  const desk = theDesk();

  // What all cookies of this design drink, spares with them.
  const drunk = $derived(
    (desk.pour?.pour.bowls ?? []).flatMap((bowl) => {
      const sum = bowl.portions
        .flatMap((portion) => portion.drinks)
        .filter((drink) => drink.design === String(design.id))
        .reduce((g, drink) => g + drink.grams, 0);
      return sum > 0 ? [`${grams(sum)} g ${desk.colourName(bowl.colour)}`] : [];
    }),
  );
</script>

{#if drunk.length > 0}
  <p class="drunk">
    In this set of {design.count}, spares with them: <strong>{drunk.join(", ")}</strong>
  </p>
{/if}

<style>
  .drunk {
    border-top: 1px solid var(--line);
    margin-top: 14px;
    padding-top: 10px;
  }
</style>
