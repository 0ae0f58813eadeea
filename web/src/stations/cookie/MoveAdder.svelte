<script lang="ts">
  import { reference } from "../../desk/catalogue.svelte";
  import { isShortcut } from "../../parts/keys";
  import Dialog from "../../parts/Dialog.svelte";
  import Press from "../../parts/Press.svelte";
  import MovePicture from "./MovePicture.svelte";

  // All moves to choose from, by kind of work; "/" opens them, typing narrows them, arrows and enter pick.
  let { onadd }: { onadd: (word: string) => void } = $props();

  let dialog: Dialog;
  let filter = $state("");
  // Where the arrows have gone; null for what fits best.
  let at = $state<number | null>(null);
  let input = $state<HTMLInputElement>();

  const titles = {
    FORM: "",
    DIVIDE: "divide",
    COAT: "coat",
    WET: "into the wet coat",
    RAISED: "on the coat",
    PLACED: "made before",
    DRESSED: "without icing",
  };
  const all = $derived(reference.catalogue?.moves ?? []);
  const groups = $derived(
    (Object.keys(titles) as (keyof typeof titles)[])
      .map((group) => ({
        title: titles[group],
        kinds: all.filter(
          (kind) =>
            kind.group === group &&
            `${kind.word} ${kind.says} ${titles[group]}`
              .toLowerCase()
              .includes(filter.trim().toLowerCase()),
        ),
      }))
      .filter((group) => group.kinds.length > 0),
  );
  const shown = $derived(groups.flatMap((group) => group.kinds));
  // A name that begins as it is typed goes before one that only holds it, and that before a description.
  const best = $derived.by(() => {
    const typed = filter.trim().toLowerCase();
    if (!typed) return 0;
    const begins = shown.findIndex((kind) => kind.word.startsWith(typed));
    const holds = shown.findIndex((kind) => kind.word.includes(typed));
    return begins >= 0 ? begins : Math.max(holds, 0);
  });
  const marked = $derived(shown[at ?? best]?.word);
  const quick = ["bands", "outline", "flood", "dot", "drop", "line", "writing", "piece"];

  function open() {
    filter = "";
    at = null;
    dialog.show();
    input?.focus();
  }

  function pick(word: string) {
    dialog.close();
    onadd(word);
  }

  function pressed(event: KeyboardEvent) {
    if (isShortcut(event, "/")) {
      event.preventDefault();
      open();
    }
  }

  function keyed(event: KeyboardEvent) {
    if (event.key === "ArrowDown" || event.key === "ArrowRight")
      at = Math.min((at ?? best) + 1, shown.length - 1);
    else if (event.key === "ArrowUp" || event.key === "ArrowLeft")
      at = Math.max((at ?? best) - 1, 0);
    else if (event.key === "Enter") {
      if (marked) pick(marked);
    } else return;
    event.preventDefault();
  }
</script>

<svelte:window onkeydown={pressed} />

<div class="adder">
  <Press plain key="/" onpress={open}>Add a move</Press>
  {#each quick as word (word)}
    <button class="chip" title={reference.move(word)?.says} onclick={() => onadd(word)}
      >{word}</button
    >
  {/each}
</div>

{#snippet search()}
  <input
    bind:value={filter}
    bind:this={input}
    aria-label="Which move"
    placeholder="type to narrow"
    maxlength="40"
    autocomplete="off"
    oninput={() => (at = null)}
    onkeydown={keyed}
  />
{/snippet}

<Dialog bind:this={dialog} title="Add a move" wide top={search}>
  {#each groups as group (group.title)}
    <section>
      <h3>{group.title}</h3>
      <div class="kinds">
        {#each group.kinds as kind (kind.word)}
          <button class="kind" class:at={kind.word === marked} onclick={() => pick(kind.word)}>
            <MovePicture word={kind.word} />
            <span><strong>{kind.word}</strong> <span class="soft">{kind.says}</span></span>
          </button>
        {/each}
      </div>
    </section>
  {:else}
    <p class="soft">No move is called that. Clear what you typed to see them all.</p>
  {/each}
</Dialog>

<style>
  .adder {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 7px;
    margin-top: 12px;
  }
  .chip {
    border: 1.5px solid var(--soft);
    border-radius: var(--pill);
    background: none;
    padding: 3px 12px;
    min-height: var(--target);
    cursor: pointer;
  }
  .chip:hover {
    background: var(--wash);
    border-color: var(--cobalt);
  }
  input {
    flex: 2;
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    padding: 6px 10px;
  }
  section {
    display: grid;
    grid-template-columns: 110px 1fr;
    gap: 6px;
    border-top: 1px solid var(--line);
    padding: 6px 0;
  }
  h3 {
    font-size: 14px;
    color: var(--cobalt);
    padding-top: 5px;
  }
  .kinds {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
    gap: 2px 6px;
  }
  .kind {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 44px;
    border: 1.5px solid transparent;
    border-radius: var(--round-field);
    background: none;
    text-align: left;
    padding: 3px 8px;
    cursor: pointer;
    line-height: 1.2;
  }
  .kind .soft {
    display: block;
    font-size: var(--least);
  }
  .kind:hover {
    background: var(--wash);
  }
  .kind.at {
    background: var(--wash);
    border-color: var(--cobalt);
  }
  @media (max-width: 640px) {
    section {
      grid-template-columns: 1fr;
    }
  }
</style>
