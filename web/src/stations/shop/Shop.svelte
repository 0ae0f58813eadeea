<script lang="ts">
  import { onMount } from "svelte";
  import type { HabitView } from "../../api/types";
  import { reference } from "../../desk/catalogue.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import Decisions from "./Decisions.svelte";
  import { ShopDraft } from "./draft.svelte";
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
  };
  const DECISIONS = "how-we-work";

  const draft = new ShopDraft();
  onMount(() => void draft.look());

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
  const isOwn = (habit: HabitView) => draft.settings?.habits[habit.habit]?.source !== "HOUSE";
  const own = (of: Chapter) => habits.filter((one) => one.chapter === of && isOwn(one)).length;

  function open(address: string) {
    shown = address;
    wanted = "";
    history.replaceState(history.state, "", `#${address}`);
  }
</script>

<svelte:window onhashchange={() => (shown = addressed())} />
<svelte:head><title>The shop's own numbers: Kind Thimble</title></svelte:head>

<div class="page">
  <header>
    <div>
      <a href="/">The week</a>
      <h1>The shop's own numbers</h1>
      <p class="soft">They start as house defaults. What you set here counts for every order.</p>
    </div>
    <p class="soft" role="status">{draft.said}</p>
  </header>
  <main>
    <nav aria-label="What to set">
      <button
        aria-current={!chapter && !wanted ? "page" : undefined}
        onclick={() => open(DECISIONS)}>How we work</button
      >
      {#each Object.entries(CHAPTERS) as [one, word] (one)}
        {@const changed = draft.settings ? own(one as Chapter) : 0}
        <button
          aria-current={chapter === one && !wanted ? "page" : undefined}
          onclick={() => open(key(one as Chapter))}
          >{word}{#if changed}<span class="count"
              >{changed}<span class="unseen"> of our own</span></span
            >{/if}</button
        >
      {/each}
      <label>
        <span class="soft">find a number</span>
        <input type="search" bind:value={wanted} autocomplete="off" maxlength="40" />
      </label>
    </nav>
    <Sheet label="Numbers">
      {#if draft.settings && !chapter && !wanted.trim()}
        <Decisions {draft} settings={draft.settings} />
      {:else if draft.settings}
        <ul>
          {#each found as habit (habit.habit)}
            <Figure {habit} {draft} />
          {:else}
            <li class="soft">No number is called that. Try one word of it.</li>
          {/each}
        </ul>
      {/if}
      {#if draft.problem?.status === 409}
        <p class="trouble" role="alert">{draft.problem.detail}</p>
        <Press plain onpress={() => draft.look()}>Take the newer numbers</Press>
      {:else if draft.problem && (!draft.settings || draft.problem.field === "")}
        <p class="trouble" role="alert">{draft.problem.detail}</p>
      {/if}
    </Sheet>
  </main>
</div>

<style>
  .page {
    padding: 14px 24px 20px;
    max-width: 1180px;
    margin: 0 auto;
  }
  header {
    display: flex;
    justify-content: space-between;
    align-items: end;
    gap: 16px;
    margin-bottom: 12px;
  }
  h1 {
    font-size: 28px;
  }
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
    border-radius: 8px;
    background: none;
    padding: 7px 10px;
    min-height: 38px;
    text-align: left;
    cursor: pointer;
  }
  nav button[aria-current="page"] {
    background: var(--cobalt);
    color: #fff;
    font-weight: 600;
  }
  .count {
    font-variant-numeric: tabular-nums;
  }
  .unseen {
    position: absolute;
    clip-path: inset(50%);
    width: 1px;
    height: 1px;
    overflow: hidden;
    white-space: nowrap;
  }
  nav label {
    display: flex;
    flex-direction: column;
    gap: 3px;
    font-size: 13px;
    margin: 12px 10px 0;
  }
  nav input {
    border: 1.5px solid var(--line);
    border-radius: 8px;
    padding: 5px 7px;
    min-height: 34px;
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
