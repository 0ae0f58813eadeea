<script lang="ts">
  import { theDesk } from "../../desk/order.svelte";
  import type { MixingView } from "../../api/types";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, grams } from "../../units/format";

  const desk = theDesk();
  const { mixing } = desk;

  // Orders of the week that are mixed as one: shared bowls, one base; each order's share stays in sight.
  let { view }: { view: MixingView } = $props();

  const shares = $derived.by(() => {
    const sums: Record<string, number> = {};
    for (const drink of view.pour.pour.bowls.flatMap((b) => b.portions.flatMap((p) => p.drinks))) {
      const order = view.pour.designs.find((d) => d.design === drink.design)?.orderName ?? "";
      sums[order] = (sums[order] ?? 0) + drink.grams;
    }
    return Object.entries(sums);
  });
</script>

{#if view.neighbours.length > 0}
  <Sheet label="Mix together">
    <h2>Mix together</h2>
    {#each view.neighbours as other (other.order)}
      <label>
        <input
          type="checkbox"
          checked={other.mixed}
          disabled={Boolean(view.startedAt) && other.mixed}
          onchange={(e) => mixing.mixWith(other.order, e.currentTarget.checked)}
        />
        <span>{other.name} <span class="soft">{dayOf(other.handOver)}</span></span>
      </label>
    {/each}
    {#if view.startedAt}
      <p class="soft">
        Mixing has started: what is mixed as one is parted once it is planned afresh.
      </p>
    {/if}
    {#if shares.length > 1}
      <ul>
        {#each shares as [name, g] (name)}
          <li><span>{name}</span><strong>{grams(g)} g</strong></li>
        {/each}
      </ul>
      <p class="soft">on the cookies of each, spares with them</p>
    {/if}
  </Sheet>
{/if}

<style>
  label {
    display: flex;
    gap: 8px;
    align-items: baseline;
    padding: 4px 0;
  }
  ul {
    list-style: none;
    margin: 6px 0 0;
    padding: 6px 0 0;
    border-top: 1px solid var(--line);
  }
  li {
    display: flex;
    justify-content: space-between;
    gap: 8px;
  }
</style>
