<script lang="ts">
  import { theDesk } from "../../desk/order.svelte";
  import DayField from "../../parts/DayField.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import TimeField from "../../parts/TimeField.svelte";
  import WetWindow from "./WetWindow.svelte";
  import { dayOf, lasting, timeOf } from "../../units/format";
  import { type Row, type Run, sentence } from "./runs";

  // One piece of work: why it is where it is, and what she says of it.
  let { row, run, now, onclose }: { row: Row; run: Run; now: string; onclose: () => void } =
    $props();

  const desk = theDesk();
  const wish = $derived(desk.details?.clock[run.key]);
  const colour = $derived(run.colour ?? "");
  let day = $state("");
  let time = $state("");
  // Where it stands now is where a new time starts from.
  $effect(() => {
    day = run.from.slice(0, 10);
    time = run.from.slice(11, 16);
  });
  const tray = $derived(`${run.key.split(" ").slice(0, 2).join(" ")} tray ${run.tray}`);
  const isSplit = $derived(desk.details?.clock[tray]?.split === true);

  type Wish = NonNullable<typeof wish>;
  function say(key: string, change: Partial<Wish>) {
    desk.editDetails((d) => {
      d.clock[key] = {
        pinned: null,
        done: null,
        split: null,
        notBefore: null,
        ...d.clock[key],
        ...change,
      };
    }, "clock");
  }
</script>

<Sheet label="This piece of work">
  <p>{sentence(row, run, colour)}.{run.by ? ` ${run.by} does it.` : ""}</p>
  <p class="soft">
    {run.slackMinutes > 0
      ? `It could begin up to ${lasting(run.slackMinutes)} later, with all in the order that it is in.`
      : "It can't begin later: what comes after it waits for it."}
    {wish?.pinned ? "You have pinned it." : ""}
    {wish?.notBefore
      ? `You don't want it before ${dayOf(wish.notBefore)}, ${timeOf(wish.notBefore)}.`
      : ""}
  </p>
  {#if run.doing === "ICE" && run.pass > 0}<WetWindow design={row.design} pass={run.pass} />{/if}
  <div class="when">
    <DayField label="begins on" {day} onchange={(to) => (day = to)} />
    <TimeField label="at" {time} onchange={(to) => (time = to)} />
    <Press
      plain
      disabled={!day || !time}
      onpress={() => say(run.key, { pinned: `${day}T${time}:00` })}>Pin it there</Press
    >
    <Press
      plain
      disabled={!day || !time}
      onpress={() => say(run.key, { notBefore: `${day}T${time}:00`, pinned: null })}
      >Not before then</Press
    >
  </div>
  <p class="acts">
    {#if wish?.notBefore}
      <Press plain onpress={() => say(run.key, { notBefore: null })}>At any time again</Press>
    {/if}
    {#if wish?.pinned}
      <Press plain onpress={() => say(run.key, { pinned: null })}>Let it move again</Press>
    {/if}
    <Press
      plain
      onpress={() => {
        say(run.key, { done: now.slice(0, 16) + ":00", pinned: null });
        onclose();
      }}>Did this already</Press
    >
    {#if run.doing === "ICE" && run.cookies > 1 && !isSplit}
      <Press plain onpress={() => say(tray, { split: true })}>Split the tray in two</Press>
    {:else if isSplit}
      <Press plain onpress={() => say(tray, { split: null })}>One tray again</Press>
    {/if}
    <Press plain onpress={onclose}>Close</Press>
  </p>
</Sheet>

<style>
  .when {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: end;
    margin: 10px 0;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
</style>
