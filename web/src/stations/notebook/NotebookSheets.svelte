<script lang="ts">
  import { onMount } from "svelte";
  import { notebook } from "../../desk/notebook.svelte";
  import { shop } from "../../desk/shop.svelte";
  import { isShortcut } from "../../parts/keys";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { plural } from "../../units/format";
  import FigureRow from "./FigureRow.svelte";
  import NoteList from "./NoteList.svelte";
  import NoteSomething from "./NoteSomething.svelte";
  import Thinning from "./Thinning.svelte";

  let { order = null }: { order?: number | null } = $props();

  onMount(() => {
    void notebook.open();
    void shop.open().catch(() => undefined);
  });

  const view = $derived(notebook.view);
  const aside = $derived(view?.notes.filter((note) => note.aside) ?? []);
  const own = $derived(view?.notes.filter((note) => note.order === order) ?? []);
  let all = $state(false);
  const shown = $derived(order !== null && !all ? own : (view?.notes ?? []));
  const curve = $derived(view?.curves.toSorted((a, b) => b.counts.length - a.counts.length).at(0));
  const changed = $derived(
    view?.figures.filter(({ figure }) => !figure.startsWith("thinning ")) ?? [],
  );
  let dialog: NoteSomething;

  function keyed(event: KeyboardEvent) {
    if (!isShortcut(event, "n")) return;
    event.preventDefault();
    dialog.show();
  }
</script>

<svelte:window onkeydown={keyed} />

<main class:sheets={view}>
  {#if notebook.trouble}
    <Sheet label="Notebook">
      <h2>Notebook</h2>
      <p>{notebook.trouble}</p>
    </Sheet>
  {:else if view}
    <Sheet label="Thinning">
      {#if curve}
        <Thinning {curve} />
      {:else}
        <h2>Thinning</h2>
        <p>
          No line was counted yet. Count one at the bench, or note one here: from two or three on
          the water for your icing is yours, not the house's.
        </p>
      {/if}
    </Sheet>
    <Sheet label="What the notes changed">
      <header>
        <h2>What the notes changed</h2>
        <span class="soft">house, dashed; nine times in ten, wide</span>
      </header>
      {#if changed.length === 0}
        <p>
          Nothing yet. Weigh a trial cookie, press begin and done at the bench, or note something
          here.
        </p>
      {:else}
        <ul>
          {#each changed as figure (figure.figure)}
            <FigureRow {figure} />
          {/each}
        </ul>
      {/if}
    </Sheet>
    <Sheet label="To look at">
      <h2>To look at</h2>
      {#each aside as note (note.id)}
        <p>
          <strong>{note.words}</strong> does not fit the other notes. It was set aside; take it in
          if it was real.
          <button class="link" onclick={() => void notebook.keep(note, true)}>Take it in</button>
        </p>
      {:else}
        <p class="soft">Every note fits the others.</p>
      {/each}
      <p class="presses">
        <Press key="n" onpress={() => dialog.show()}>Note something</Press>
        <a href="/api/notebook/notes.csv" download="notes.csv">All notes as CSV</a>
        <a href="/api/notebook/notebook.json" download="notebook.json">with all figures, as JSON</a>
        <label>
          Bring in a CSV
          <input
            type="file"
            accept=".csv,text/csv"
            onchange={async (event) => {
              const input = event.currentTarget;
              const file = input.files?.[0];
              if (file) await notebook.takeOver(await file.text());
              input.value = "";
            }}
          />
        </label>
      </p>
    </Sheet>
    <Sheet label="Notes">
      <header>
        <h2>{order !== null && !all ? "What this order taught" : "All notes"}</h2>
        <span class="soft">{plural(shown.length, "note")}</span>
        {#if order !== null}
          <button class="link" onclick={() => (all = !all)}
            >{all ? "Only this order's" : "All notes"}</button
          >
        {/if}
      </header>
      <NoteList notes={shown} />
    </Sheet>
  {/if}
</main>
<NoteSomething bind:this={dialog} />

<style>
  .sheets {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 16px;
  }
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    justify-content: space-between;
    gap: 4px 12px;
    margin-bottom: 8px;
  }
  h2 + p,
  p + p {
    margin-top: 10px;
  }
  .link {
    border: 0;
    background: none;
    color: var(--cobalt);
    text-decoration: underline;
    min-height: var(--target);
    margin: -14px 0;
    cursor: pointer;
  }
  .presses {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 18px;
  }
  .presses label {
    display: inline-flex;
    align-items: center;
    min-height: var(--target);
    color: var(--cobalt);
    text-decoration: underline;
    cursor: pointer;
  }
  .presses label:focus-within {
    outline: 2px solid var(--cobalt);
    outline-offset: 2px;
  }
  .presses input {
    position: absolute;
    opacity: 0;
    width: 1px;
    height: 1px;
  }
  .presses a {
    display: inline-flex;
    align-items: center;
    min-height: var(--target);
  }
  ul {
    list-style: none;
    padding: 0;
  }
  @media (max-width: 900px) {
    .sheets {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
