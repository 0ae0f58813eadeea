<script lang="ts">
  import type { Noted } from "../../api/types";
  import { notebook } from "../../desk/notebook.svelte";
  import { dayOf } from "../../units/dates";

  // All notes, those that were set aside first, then the newest; by words, kind and order.
  let { notes }: { notes: Noted[] } = $props();

  const FEW = 40;
  let words = $state("");
  let kind = $state("");
  let all = $state(false);
  const kinds = $derived([...new Set(notes.map((note) => note.kind))].toSorted());
  const found = $derived(
    notes.filter(
      (note) =>
        (kind === "" || note.kind === kind) &&
        [note.words, note.remark, note.orderName, note.hand ?? "", note.day]
          .join(" ")
          .toLowerCase()
          .includes(words.trim().toLowerCase()),
    ),
  );
  const shown = $derived(all ? found : found.slice(0, FEW));
</script>

{#if notes.length === 0}
  <p class="soft">None yet.</p>
{:else}
  <div class="find">
    <input type="search" aria-label="Find notes" placeholder="find" bind:value={words} />
    <select aria-label="Kind of note" bind:value={kind}>
      <option value="">all kinds</option>
      {#each kinds as one (one)}<option value={one}>{one}</option>{/each}
    </select>
  </div>
  <ul>
    {#each shown as note (note.id)}
      <li class:gone={!note.counts}>
        <span class="day">{dayOf(note.day)}</span>
        <span class="words">
          {note.words}{#if note.remark}<span class="soft">, {note.remark}</span>{/if}
          <span class="soft"
            >{note.orderName || "by hand"}{note.hand ? `, ${note.hand}` : ""}{note.aside
              ? ", set aside"
              : ""}{note.counts ? "" : ", taken back"}</span
          >
        </span>
        {#if note.aside}
          <button onclick={() => void notebook.keep(note, true)}>take it in</button>
        {:else if note.kept}
          <button onclick={() => void notebook.keep(note, false)}>leave it to the others</button>
        {:else if note.order === null && note.counts}
          <button aria-label="take back: {note.words}" onclick={() => void notebook.takeBack(note)}
            >take back</button
          >
        {/if}
      </li>
    {:else}
      <li class="soft">No note has that.</li>
    {/each}
  </ul>
  {#if found.length > shown.length}
    <button onclick={() => (all = true)}>All {found.length}</button>
  {/if}
{/if}

<style>
  .find {
    display: flex;
    gap: 8px;
    margin-bottom: 6px;
  }
  input,
  select {
    min-height: var(--target);
    border: 1px solid var(--line);
    border-radius: var(--round-field);
    padding: 0 10px;
    background: var(--paper);
    min-width: 0;
  }
  ul {
    list-style: none;
    padding: 0;
    max-height: 300px;
    overflow-y: auto;
  }
  li {
    display: grid;
    grid-template-columns: 84px 1fr auto;
    gap: 0 10px;
    align-items: center;
    min-height: var(--target);
  }
  li.gone .words {
    color: var(--soft);
    text-decoration: line-through;
  }
  .words .soft:last-child {
    display: block;
    font-size: var(--least);
    text-decoration: none;
  }
  .day {
    color: var(--soft);
    white-space: nowrap;
  }
  button {
    border: 0;
    background: none;
    color: var(--cobalt);
    text-decoration: underline;
    min-height: var(--target);
    cursor: pointer;
  }
</style>
