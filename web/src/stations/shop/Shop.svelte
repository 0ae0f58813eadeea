<script lang="ts">
  import { onMount } from "svelte";
  import type { HabitView } from "../../api/types";
  import { reference } from "../../desk/catalogue.svelte";
  import { shop } from "../../desk/shop.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import Decisions from "./Decisions.svelte";
  import ShopFrame from "../ShopFrame.svelte";
  import EverythingSheet from "./EverythingSheet.svelte";
  import HoursAndRoom from "./HoursAndRoom.svelte";
  import Figure from "./Figure.svelte";

  type Chapter = HabitView["chapter"];

  const CHAPTERS: Record<Chapter, string> = {
    COOKIE: "Cookie",
    ICING: "Icing",
    HANDS: "Hands",
    DRYING: "Drying",
    COLOUR: "Colours and gels",
    MIXER: "Mixer, bowls and bags",
    ALLOWANCE: "Spares",
    MONEY: "Packs and boxes",
    CLOCK: "Baking, trays and packing",
  };
  const DECISIONS = "how-we-work";
  const EVERYTHING = "everything";
  const HOURS = "hours-and-room";

  let trouble = $state("");
  const ready = $derived(shop.settings !== null && reference.catalogue !== null);
  onMount(() => void reference.load().catch((e: Error) => (trouble = e.message)));

  const habits = $derived(reference.catalogue?.habits ?? []);
  const key = (chapter: Chapter) => chapter.toLowerCase();
  const addressed = () => location.hash.slice(1) || DECISIONS;
  let shown = $state(addressed());
  let wanted = $state("");
  const chapter = $derived((Object.keys(CHAPTERS) as Chapter[]).find((one) => key(one) === shown));
  const found = $derived.by(() => {
    const words = wanted.trim().toLowerCase().split(/\s+/).filter(Boolean);
    if (words.length === 0) return habits.filter((habit) => habit.chapter === chapter);
    return habits.filter((habit) =>
      words.every((word) => `${habit.word} ${habit.says}`.toLowerCase().includes(word)),
    );
  });
  const isOwn = (habit: HabitView) => shop.settings?.habits[habit.habit]?.source === "SHOP";
  const own = (of: Chapter) => habits.filter((one) => one.chapter === of && isOwn(one)).length;

  /** Where a place of the shop's numbers is: its chapter is opened. */
  function look(path: string) {
    const habit = habits.find((one) => path.includes(`/habits/${one.habit}/`));
    open(habit ? key(habit.chapter) : /working|roomDays/.test(path) ? HOURS : DECISIONS);
  }

  function open(address: string) {
    shown = address;
    wanted = "";
    history.replaceState(history.state, "", `#${address}`);
  }
</script>

<svelte:window onhashchange={() => (shown = addressed())} />

<ShopFrame title="The shop's own numbers" onlook={look}>
  <main>
    <nav aria-label="What to set">
      <button
        aria-current={!chapter && shown !== EVERYTHING && shown !== HOURS && !wanted
          ? "page"
          : undefined}
        onclick={() => open(DECISIONS)}>How we work</button
      >
      <button
        aria-current={shown === HOURS && !wanted ? "page" : undefined}
        onclick={() => open(HOURS)}>Hours and room</button
      >
      {#each Object.entries(CHAPTERS) as [one, word] (one)}
        {@const changed = shop.settings ? own(one as Chapter) : 0}
        <button
          aria-current={chapter === one && !wanted ? "page" : undefined}
          onclick={() => open(key(one as Chapter))}
          >{word}{#if changed}<span class="count"
              >{changed}<span class="unseen"> of our own</span></span
            >{/if}</button
        >
      {/each}
      <button
        aria-current={shown === EVERYTHING && !wanted ? "page" : undefined}
        onclick={() => open(EVERYTHING)}>Everything in and out</button
      >
      <label>
        <span class="soft">find a number</span>
        <input type="search" bind:value={wanted} autocomplete="off" maxlength="40" />
      </label>
    </nav>
    <Sheet label="Numbers">
      {#if shown === EVERYTHING && !wanted.trim()}
        <EverythingSheet />
      {:else if ready && shop.settings && shown === HOURS && !wanted.trim()}
        <HoursAndRoom settings={shop.settings} />
      {:else if ready && shop.settings && !chapter && !wanted.trim()}
        <Decisions settings={shop.settings} />
      {:else if ready}
        <ul>
          {#each found as habit (habit.habit)}
            <Figure {habit} />
          {:else}
            <li class="soft">No number is called that. Try one word of it.</li>
          {/each}
        </ul>
      {/if}
      {#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
    </Sheet>
  </main>
</ShopFrame>

<style>
  main {
    display: grid;
    grid-template-columns: 190px minmax(0, 1fr);
    gap: 18px;
    align-items: start;
  }
  nav {
    position: sticky;
    top: 14px;
    display: flex;
    flex-direction: column;
    gap: 2px;
  }
  nav button {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    border: none;
    border-radius: var(--round-field);
    background: none;
    padding: 7px 10px;
    min-height: var(--target);
    text-align: left;
    cursor: pointer;
  }
  nav button[aria-current="page"] {
    background: var(--cobalt);
    color: var(--paper);
    font-weight: 600;
  }
  .count {
    font-variant-numeric: tabular-nums;
  }
  nav label {
    display: flex;
    flex-direction: column;
    gap: 3px;
    font-size: var(--small);
    margin: 12px 10px 0;
  }
  nav input {
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    padding: 5px 7px;
    min-height: var(--target);
    min-width: 0;
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  .trouble {
    color: var(--tomato);
    margin: 12px 0;
  }
  @media (max-width: 700px) {
    main {
      grid-template-columns: 1fr;
    }
    nav {
      position: static;
      flex-flow: row wrap;
    }
    nav label {
      flex-basis: 100%;
    }
  }
</style>
