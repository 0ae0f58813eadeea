<script lang="ts">
  import type { BenchStep } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import Dialog from "../../parts/Dialog.svelte";
  import Press from "../../parts/Press.svelte";
  import { fixed, lasting } from "../../units/format";
  import type { StepNow } from "./happened";
  import { icingAge } from "../../core/rules";
  import { CAUSES, type Cause } from "./wrong";

  // What went wrong with which cookie, and what can be done at the age of its icing.
  const { bench } = theDesk();
  let {
    step,
    now,
    at,
    number,
    times,
  }: {
    step: BenchStep;
    now: StepNow;
    at: number;
    number: number;
    times: number[];
  } = $props();

  let dialog: Dialog;
  let cookie = $state(1);
  let cause = $state<Cause | null>(null);

  export function show() {
    cookie = Math.min(number, step.cookies);
    cause = null;
    dialog.show();
  }

  // The one in hand is wet; one before it is as old as the press that ended it.
  const age = $derived.by(() => {
    if (cookie >= number) return "wet" as const;
    const position = now.iced.indexOf(cookie);
    const iced = position >= 0 ? times[position] : undefined;
    return icingAge(iced === undefined ? 0 : (at - iced) / 1000, step.wetSeconds);
  });

  const takes = $derived(
    step.bags.map((bag) => `${fixed(bag.eachGrams, 1)} g ${bag.name}`).join(", ") || "no icing",
  );

  // The bags, the tray and the clock follow; the press that takes the last one back takes it back.
  function apply(what: "REDONE" | "BROKE") {
    bench.press(what, step.key, cookie, cause?.key);
    dialog.close();
  }

  function note(one: Cause) {
    cause = one;
    bench.press("WRONG", step.key, cookie, one.key);
  }
</script>

<Dialog bind:this={dialog} title="Something went wrong">
  <label>
    with cookie
    <select bind:value={cookie}>
      {#each Array.from({ length: step.cookies }, (_, i) => i + 1) as n (n)}
        <option value={n}>{n}{n === number ? ", the one in hand" : ""}</option>
      {/each}
    </select>
    <span class="soft">its icing is {age}</span>
  </label>
  {#if cause}
    <h3>{cause.word}</h3>
    <p class="does" role="status">{cause.does[age]}</p>
    <p class="soft">It is noted.</p>
    {#if cause.redone[age]}
      <p class="soft">
        Iced once more it takes {takes}, and {lasting(Math.ceil(step.eachSeconds / 60))} of hands; left
        out it costs a spare.
      </p>
      <p class="effects">
        <Press onpress={() => apply("REDONE")}>Ice it once more</Press>
        <Press plain onpress={() => apply("BROKE")}>Leave it out</Press>
      </p>
    {/if}
    <Press plain onpress={() => (cause = null)}>Something else</Press>
  {:else}
    <ul>
      {#each CAUSES as one (one.key)}
        <li><Press plain onpress={() => note(one)}>{one.word}</Press></li>
      {/each}
    </ul>
  {/if}
</Dialog>

<style>
  label {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 10px;
    margin: 10px 0;
  }
  select {
    min-height: 56px;
  }
  ul {
    list-style: none;
    margin: 10px 0;
    padding: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
  }
  .effects {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    margin: 10px 0;
  }
  ul :global(button) {
    min-height: 56px;
  }
  .does {
    font-size: var(--h3);
    margin: 10px 0;
  }
</style>
