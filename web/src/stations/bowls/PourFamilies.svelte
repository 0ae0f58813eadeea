<script lang="ts">
  import { theDesk } from "../../desk/order.svelte";
  import { grams } from "../../units/format";
  import { type PourLayout, loop } from "./layout";

  const desk = theDesk();

  // Light bowls that come out of a darker one, in the picture of the pour.
  let { laid, x, onlit }: { laid: PourLayout; x: number; onlit: (said: string) => void } = $props();

  const families = $derived(
    laid.bowls.flatMap((to) => {
      const from = laid.bowls.find((place) => place.bowl.colour === to.bowl.letDown?.mother);
      return from ? [{ from, to }] : [];
    }),
  );
</script>

{#each families as { from, to } (to.bowl.colour)}
  {@const said = `${desk.colourName(to.bowl.colour)} is let down: ${grams(to.bowl.letDown?.motherGrams ?? 0)} g of ${desk.colourName(from.bowl.colour)} and ${grams(to.bowl.letDown?.whiteGrams ?? 0)} g of white`}
  {@const width = Math.max(3, (to.bowl.letDown?.motherGrams ?? 0) * laid.scale)}
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <g
    class="family"
    role="img"
    tabindex="0"
    aria-label={said}
    onmouseenter={() => onlit(said)}
    onmouseleave={() => onlit("")}
    onfocus={() => onlit(said)}
    onblur={() => onlit("")}
  >
    <path d={loop(from, to, x)} fill="none" stroke="#1B2440" stroke-width={width + 2.4} />
    <path
      d={loop(from, to, x)}
      fill="none"
      stroke={desk.hexes[from.bowl.colour] ?? "#888888"}
      stroke-width={width}
    />
  </g>
{/each}

<style>
  .family:focus-visible {
    outline: none;
  }
  .family:hover path:first-child,
  .family:focus-visible path:first-child {
    stroke: var(--brass-line);
  }
</style>
