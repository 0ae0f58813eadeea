<script lang="ts">
  import type { PourView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import { fixed } from "../../units/format";

  const desk = theDesk();

  // Colours of several orders that are called the same and look different.
  let { of }: { of: PourView["namesakes"] } = $props();
</script>

{#each of as two (two.other)}
  <p class="namesakes">
    {desk.colourName(two.one)} and {desk.colourName(two.other)} are called the same and {two.tastesElse
      ? "taste"
      : `look`} different{two.tastesElse ? "" : ` (${fixed(two.deltaE, 1)} apart)`}: they are two
    bowls. Give them one {two.tastesElse ? "flavour" : "look"} to make them one.
  </p>
{/each}

<style>
  .namesakes {
    color: var(--brass);
    margin: 4px 0;
  }
</style>
