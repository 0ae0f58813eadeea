<script lang="ts">
  import { shop, type Settings } from "../../desk/shop.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf } from "../../units/format";
  import { without } from "./lost";

  // Hours that are lost today: they become that day's own hours, and undo gives them back.
  let { now }: { now: string } = $props();

  let hours = $state<number | null>(2);
  const today = $derived(now.slice(0, 10));
  const own = $derived(shop.settings?.working.own);
  const change = $derived(own?.changes.find((one) => one.day === today));

  function lose() {
    const day = today;
    const from = now.slice(11, 16);
    const lost = hours ?? 0;
    shop.change((tree: { settings: Settings }) => {
      const working = tree.settings.working.own;
      const there = working.changes.find((one) => one.day === day);
      const spans = without(there?.spans ?? usual(working, day), from, lost * 60);
      working.changes = [...working.changes.filter((one) => one.day !== day), { day, spans }];
    });
  }

  function usual(working: NonNullable<typeof own>, day: string) {
    const names = ["SUNDAY", "MONDAY", "TUESDAY", "WEDNESDAY", "THURSDAY", "FRIDAY", "SATURDAY"];
    const name = names[new Date(`${day}T12:00:00Z`).getUTCDay()] ?? "";
    return (working.days as Record<string, { from: string; to: string }[]>)[name] ?? [];
  }
</script>

<Sheet label="Hours lost">
  <h3>Hours lost today</h3>
  <div class="row">
    <NumberField
      label="from now on"
      unit="h"
      least={0.25}
      most={16}
      step={0.5}
      value={hours}
      onchange={(h) => (hours = h)}
    />
    <Press plain disabled={!hours} onpress={lose}>They are lost</Press>
  </div>
  {#if change}
    <p class="soft">
      {dayOf(today)} has hours of its own: {change.spans.length === 0
        ? "none"
        : change.spans.map((one) => `${one.from.slice(0, 5)} to ${one.to.slice(0, 5)}`).join(", ")}.
    </p>
  {/if}
</Sheet>

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: end;
  }
  .soft {
    color: var(--soft);
    font-size: var(--small);
    margin-top: 8px;
  }
</style>
