<script lang="ts">
  import { onMount } from "svelte";
  import type { MixingView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import Slump from "../../marks/Slump.svelte";
  import {
    consistency,
    dayOf,
    fixed,
    grams,
    lasting,
    outOf,
    stirred,
    timeOf,
  } from "../../units/format";
  import { doses } from "../../units/tint";
  import { locale } from "../../units/locale.svelte";

  const desk = theDesk();

  // What is done one after the other, the darkest bowls first, each down its ladder from stiff to thin.
  let { view }: { view: MixingView } = $props();

  // The order is the clock's: it is asked for first, so that nothing changes its place under the hand.
  let isAsked = $state(desk.clock.view !== null);
  onMount(() => {
    if (!isAsked) void desk.clock.look().finally(() => (isAsked = true));
  });

  // What is mixed: the plan, and what is mixed more.
  const parts = $derived([
    { number: 0, pour: view.pour.pour, tints: view.tints, steps: view.steps },
    ...view.additions.map((one) => ({ ...one, pour: one.pour.pour })),
  ]);
  type Part = (typeof parts)[number];
  type Step = Part["steps"][number];

  // By the clock, where it has them: bowl by bowl as they are done. It knows a bowl by its name and its look.
  const bowl = (addition: number, name: string, hex: string) => `${addition} ${name} ${hex}`;
  const runs = $derived((desk.clock.view?.rows ?? []).flatMap((row) => row.runs));
  const times = $derived(
    Object.fromEntries(
      runs.flatMap((run) =>
        run.doing === "BOWL"
          ? [[bowl(run.addition, run.colour ?? "", run.hex ?? ""), run.from]]
          : run.doing === "BASE"
            ? [[bowl(run.addition, "", ""), run.from]]
            : [],
      ),
    ) as Record<string, string>,
  );
  const timeOfStep = (step: Step) =>
    times[
      bowl(
        step.addition,
        step.colour ? desk.colourName(step.colour) : "",
        step.colour ? (desk.hexes[step.colour] ?? "") : "",
      )
    ];
  const steps = $derived(
    parts
      .flatMap((part) => part.steps.map((step) => ({ part, step })))
      .map((one, i) => ({ ...one, i, at: timeOfStep(one.step) ?? "9999" }))
      .sort((a, b) => a.at.localeCompare(b.at) || a.i - b.i),
  );
  const isOnClock = $derived(Object.keys(times).length > 0);
  const minutes = $derived(view.additions.reduce((sum, one) => sum + one.minutes, view.minutes));

  const spoons = $derived(locale.isUs);
  const bowlOf = (part: Part, step: Step) => part.pour.bowls.find((b) => b.colour === step.colour);
  const nameOf = (step: Step) =>
    `${step.addition > 0 ? "more " : ""}${desk.colourName(step.colour ?? "")}`;
</script>

<p class="soft">
  {lasting(minutes)} of hands, {isOnClock
    ? "in the order of the clock, so that deep colours rest before they are used"
    : "dark bowls first, so that they rest while you do the others"}; stiff portions come out before
  water goes in. Keep all that waits covered: it skins in minutes.
</p>
{#each view.tips as use (use.tip)}
  <p class="tips">
    Tip {use.tip} is wanted in {use.bags.length} bags, and you have {use.owned}: wash it and move it
    on, in this order: {use.bags.map((colour) => desk.colourName(colour)).join(", ")}.
  </p>
{/each}
<ol class:waiting={!isAsked}>
  {#each steps as { part, step, i, at }, n (i)}
    {@const own = bowlOf(part, step)?.portions[step.portion]}
    {#if isOnClock && at !== "9999" && at !== steps[n - 1]?.at}
      <li class="when">{dayOf(at)}, {timeOf(at)}</li>
    {/if}
    <li>
      {#if step.colour}<BowlDisc hex={desk.hexes[step.colour] ?? "#888888"} size={24} />{:else}<span
          class="base"
        ></span>{/if}
      <span class="words">
        {#if step.doing === "MIX"}
          <strong>Mix</strong> {grams(step.grams)} g of base{step.addition > 0 ? " more" : ""}
        {:else if step.doing === "TINT" && step.colour}
          {@const tint = part.tints[step.colour]?.recipe}
          <strong>Divide off and tint</strong>
          {nameOf(step)}: {grams(step.grams)} g of base{tint ? `, ${doses(tint)}` : ""}
        {:else if step.doing === "DIVIDE"}
          <strong>Divide off</strong>
          {nameOf(step)}: {grams(step.grams)} g of base{bowlOf(part, step)?.flavour
            ? ""
            : ", left untinted"}
        {:else if step.doing === "LET_DOWN"}
          {@const down = bowlOf(part, step)?.letDown}
          <strong>Let down</strong>
          {nameOf(step)}: {grams(down?.motherGrams ?? 0)} g of {desk.colourName(down?.mother ?? "")} and
          {grams(down?.whiteGrams ?? 0)} g of white
        {:else if step.doing === "FLAVOUR"}
          <strong>Stir in</strong>
          {fixed(step.grams, 1)} g {bowlOf(part, step)?.flavour?.name}: {nameOf(step)}
        {:else if step.doing === "ADD_JAR" && own}
          <strong>Add the jar</strong>
          {grams(step.grams)} g of it into {nameOf(step)}, for what is {consistency(
            own.state,
            own.countSeconds,
          )}
          and thinner
        {:else if step.doing === "THIN" && own}
          <strong>{nameOf(step)}</strong>
          <Slump state={own.state} />
          {stirred(step, spoons)}, take out {grams(step.grams)} g at {consistency(
            own.state,
            own.countSeconds,
          )}
        {:else if own}
          <strong>Bag</strong>
          {nameOf(step)}
          {consistency(own.state, own.countSeconds)}: {outOf(own)}
        {/if}
      </span>
      <span class="soft covered">
        {step.coveredGrams > 1 ? `${grams(step.coveredGrams)} g covered` : ""}
      </span>
      <span class="minutes">{step.minutes} min</span>
    </li>
  {/each}
</ol>

<style>
  .waiting {
    visibility: hidden;
  }
  .when {
    color: var(--soft);
    font-size: var(--small);
  }
  .tips {
    color: var(--brass);
    font-weight: 600;
    margin-top: 6px;
  }
  ol {
    list-style: none;
    margin: 8px 0 0;
    padding: 0;
  }
  li {
    display: flex;
    align-items: center;
    gap: 12px;
    padding: 5px 0;
    border-top: 1px solid var(--line);
  }
  .base {
    width: 24px;
    height: 18px;
    border: 2px solid var(--cobalt);
    background: #f4f3ea;
  }
  .words {
    flex: 1;
  }
  .words :global(svg) {
    vertical-align: -3px;
  }
  .minutes {
    min-width: 56px;
    text-align: right;
    font-weight: 600;
  }
</style>
