<script lang="ts">
  import type { BenchStep } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import Press from "../../parts/Press.svelte";
  import { fixed, grams } from "../../units/format";
  import { inDrops } from "../../units/tint";
  import { gelShows, gelTimes, rescueBase, rescueGel } from "../../core/rules";
  import type { StepNow } from "./happened";

  // How the bowl looks beside what it should be, and what brings it back.
  const { bench } = theDesk();
  let { step, now }: { step: BenchStep; now: StepNow } = $props();

  /** All gels of the recipe once more, so much of each. */
  const SHARE = "share of the drops";
  const looks = $derived(step.mixed?.looks ?? []);
  const doses = $derived(step.mixed?.tint?.doses ?? []);
  let isOpen = $state(false);
  let times = $state<number | "dull" | null>(null);
  const added = $derived(now.added.base ?? 0);
  const inBowl = $derived((step.mixed?.grams ?? 0) + added);
  const g = (of: number) => (of < 20 ? fixed(of, 1) : grams(of));
  const base = $derived(typeof times === "number" ? rescueBase(inBowl, times) : 0);
  const drops = $derived(
    typeof times === "number"
      ? doses
          .map((dose) => ({ ...dose, more: rescueGel(dose.grams, times as number) }))
          .filter((dose) => dose.more.drops + dose.more.dabs > 0)
      : [],
  );
  // What was counted says it before an eye does; dabs are not counted one by one.
  const tooMuch = $derived(
    Math.max(
      1,
      ...doses.map((dose) => gelTimes(now.weights[`drops of ${dose.gel}`] ?? 0, dose.drops)),
    ),
  );
  const word = (of: number) =>
    of === 1
      ? "as wanted"
      : of > 1
        ? `${fixed(of, 2)} times the gel`
        : `${fixed(of, 2)} of the gel`;
</script>

{#if gelShows(tooMuch) && added === 0}
  <p class="over" role="status">
    More drops are in than the recipe says: {g(inBowl)} g x ({fixed(tooMuch, 2)} - 1) = {g(
      rescueBase(inBowl, tooMuch),
    )} g of white base bring the shade back.
  </p>
{/if}
{#if looks.length > 0}
  {#if !isOpen}
    <p><Press plain onpress={() => (isOpen = true)}>It looks wrong</Press></p>
  {:else}
    <section aria-label="How it looks">
      <p>Which of these is it, just mixed?</p>
      <ul>
        {#each looks as look (look.times)}
          <li>
            <button
              class:chosen={times === look.times}
              aria-pressed={times === look.times}
              onclick={() => (times = look.times)}
            >
              <span class="swatch" style:background={look.hex}></span>
              {word(look.times)}
            </button>
          </li>
        {/each}
        <li>
          <button
            class:chosen={times === "dull"}
            aria-pressed={times === "dull"}
            onclick={() => (times = "dull")}>dull, as none of them</button
          >
        </li>
      </ul>
      <div role="status">
        {#if times === "dull"}
          <p>
            No gel makes a dull colour bright: what dulls it is in. {step.mixed?.nearest
              ? `Its nearest use in this order is ${step.mixed.nearest}; or keep it for a dark colour.`
              : "Keep it for a dark colour."}
          </p>
        {:else if typeof times === "number" && times > 1}
          <p>
            {g(inBowl)} g x ({fixed(times, 2)} - 1) = <strong>{g(base)} g of white base</strong> into
            it; so much is too much then.
          </p>
          <p>
            <Press
              onpress={() => {
                bench.press("ADDED", step.key, Math.round(base * 10) / 10, "base");
                isOpen = false;
                times = null;
              }}>{g(base)} g are in</Press
            >
          </p>
        {:else if typeof times === "number" && times < 1}
          <p>
            {drops.length > 0
              ? `${drops.map((dose) => `${inDrops(dose.more)} more ${dose.name}`).join(", ")}: the recipe has ${drops.map(inDrops).join(", ")}, and ${fixed(times, 2)} of it is in by the look.`
              : "Less than a dab is missing: stir, and look again."}
          </p>
          {#if drops.length > 0}
            <p>
              <Press
                onpress={() => {
                  bench.press("ADDED", step.key, 1 - (times as number), SHARE);
                  isOpen = false;
                  times = null;
                }}>They are in</Press
              >
            </p>
          {/if}
        {:else if times === 1}
          <p>As wanted: it darkens a little more until it is dry.</p>
        {/if}
      </div>
      <Press plain onpress={() => ((isOpen = false), (times = null))}>Close</Press>
    </section>
  {/if}
  {#if now.added[SHARE]}
    <p class="soft">
      {doses
        .map((dose) => ({
          name: dose.name,
          more: rescueGel(dose.grams, 1 - (now.added[SHARE] ?? 0)),
        }))
        .filter((dose) => dose.more.drops + dose.more.dabs > 0)
        .map((dose) => `${inDrops(dose.more)} ${dose.name}`)
        .join(", ")} went in beyond the recipe.
    </p>
  {/if}
  {#if added > 0}
    <p class="soft" role="status">
      {g(inBowl)} g are in the bowl, {g(added)} g more than planned: that is to spare.
    </p>
  {/if}
{/if}

<style>
  section {
    margin: 8px 0;
    padding: 10px 14px;
    border: 2px solid var(--line);
    border-radius: var(--round);
  }
  ul {
    list-style: none;
    margin: 8px 0;
    padding: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  button {
    display: grid;
    gap: 4px;
    justify-items: center;
    align-content: center;
    min-width: 92px;
    min-height: 92px;
    padding: 6px;
    border: 2px solid var(--line);
    border-radius: var(--round-field);
    background: var(--enamel);
    color: var(--ink);
    font-size: var(--small);
    cursor: pointer;
  }
  .chosen {
    border-color: var(--brass-line);
    font-weight: 700;
  }
  .swatch {
    width: 72px;
    height: 48px;
    border: 2px solid var(--ink);
    border-radius: var(--round-field);
  }
  p {
    margin: 6px 0;
  }
  .over {
    color: var(--tomato);
    font-weight: 600;
  }
</style>
