<script lang="ts">
  import { reference } from "../../desk/catalogue.svelte";

  // The moves to choose from; "/" opens the list, typing narrows it, arrows and enter pick.
  let { onadd }: { onadd: (word: string) => void } = $props();

  let filter = $state("");
  let searching = $state(false);
  let at = $state(0);
  let input = $state<HTMLInputElement>();

  const all = $derived(reference.catalogue?.moves ?? []);
  const shown = $derived(
    all.filter((kind) =>
      `${kind.word} ${kind.says}`.toLowerCase().includes(filter.trim().toLowerCase()),
    ),
  );

  function pick(word: string) {
    onadd(word);
    filter = "";
    searching = false;
  }

  function pressed(event: KeyboardEvent) {
    const target = event.target as HTMLElement;
    if (event.key === "/" && !/INPUT|SELECT/.test(target.tagName)) {
      event.preventDefault();
      searching = true;
      at = 0;
      requestAnimationFrame(() => input?.focus());
    }
  }

  function keyed(event: KeyboardEvent) {
    if (event.key === "ArrowDown" || event.key === "ArrowRight")
      at = Math.min(at + 1, shown.length - 1);
    else if (event.key === "ArrowUp" || event.key === "ArrowLeft") at = Math.max(at - 1, 0);
    else if (event.key === "Enter") {
      const kind = shown[at];
      if (kind) pick(kind.word);
    } else if (event.key === "Escape") searching = false;
    else return;
    event.preventDefault();
  }
</script>

<svelte:window onkeydown={pressed} />

<div class="adder">
  <p class="soft">Add a move <kbd>/</kbd></p>
  {#if searching}
    <input
      bind:this={input}
      bind:value={filter}
      aria-label="Which move"
      placeholder="type to narrow"
      maxlength="40"
      autocomplete="off"
      oninput={() => (at = 0)}
      onkeydown={keyed}
    />
  {/if}
  <div class="chips">
    {#each shown as kind, i (kind.word)}
      <button class:at={searching && i === at} title={kind.says} onclick={() => pick(kind.word)}
        >{kind.word}</button
      >
    {:else}
      <p class="soft">No move is called that.</p>
    {/each}
  </div>
</div>

<style>
  .adder {
    margin-top: 12px;
  }
  .chips {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 6px;
  }
  .chips button {
    border: 1.5px solid var(--soft);
    border-radius: 999px;
    background: none;
    padding: 4px 14px;
    min-height: 32px;
    cursor: pointer;
  }
  .chips button:hover,
  .chips .at {
    background: var(--wash);
    border-color: var(--cobalt);
  }
  input {
    border: 1.5px solid var(--line);
    border-radius: 8px;
    background: #fff;
    padding: 5px 8px;
    margin-top: 6px;
    width: 200px;
  }
  kbd {
    font: inherit;
    padding: 0 6px;
    border-radius: 5px;
    background: var(--wash);
  }
</style>
