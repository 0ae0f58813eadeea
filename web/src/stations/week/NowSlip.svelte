<script lang="ts">
  import type { WeekHoursView } from "../../api/types";
  import { go } from "../../router";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, lasting, timeOf } from "../../units/format";

  // What is next by the clock.
  let { hours, today }: { hours: WeekHoursView | null; today: string } = $props();

  const WORDS: Record<NonNullable<WeekHoursView["next"]>["doing"], string> = {
    DOUGH: "Make the dough",
    CUT: "Roll and cut",
    BAKE: "Bake",
    BASE: "Mix the base",
    BOWL: "Tint, thin and bag",
    ICE: "Ice",
    PACK: "Pack",
    LABEL: "Label the order",
  };
  const next = $derived(hours?.next);
  const MORE: Partial<typeof WORDS> = {
    DOUGH: "Make more dough",
    BASE: "Mix more base",
    BOWL: "Tint, thin and bag more",
  };
  const doing = $derived(
    next ? ((next.addition > 0 ? MORE[next.doing] : undefined) ?? WORDS[next.doing]) : "",
  );
  const when = (iso: string) =>
    iso.startsWith(today) ? `at ${timeOf(iso)}` : `${dayOf(iso)}, ${timeOf(iso)}`;
</script>

<Sheet label="Next">
  <div class="next">
    {#if next}
      <p class="soft">next, {when(next.from)}</p>
      <h2>
        {doing}{next.name ? `: ${next.name}` : ""}{next.pass > 0 ? `, pass ${next.pass}` : ""}
      </h2>
      <p class="soft">
        <bdi>{next.orderName}</bdi>{(hours?.leftToday ?? 0) > 0
          ? ` · ${lasting(hours?.leftToday ?? 0)} of hands left today`
          : ""}
      </p>
      <p class="act">
        <Press plain onpress={() => go(`/orders/${next.order}/clock`)}>To its clock</Press>
      </p>
    {:else if hours}
      <p class="soft">Nothing is to be done by the clock.</p>
    {/if}
  </div>
</Sheet>

<style>
  .soft {
    color: var(--soft);
    font-size: var(--small);
  }
  .act {
    margin-top: 8px;
  }
  h2 {
    margin: 2px 0;
  }
  /* As high before the clock has answered as after it. */
  .next {
    min-height: 128px;
  }
</style>
