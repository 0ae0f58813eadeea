<script lang="ts">
  import { onMount } from "svelte";
  import type { ShopCutter } from "../../api/types";
  import { reference } from "../../desk/catalogue.svelte";
  import { cutters } from "../../desk/cutters.svelte";
  import CutterPicture from "./CutterPicture.svelte";

  // The cutters to choose from, as pictures: the shop's own first, then those that every shop has, at one scale.
  let {
    chosen,
    path = "",
    onpick,
    onown,
  }: {
    chosen: string;
    /** Outline of the one that is chosen, where it is drawn. */
    path?: string;
    onpick: (word: string) => void;
    onown: (cutter: ShopCutter) => void;
  } = $props();

  let wanted = $state("");
  onMount(() => void cutters.load().catch(() => undefined));

  const is = (text: string) => text.toLowerCase().includes(wanted.trim().toLowerCase());
  const own = $derived(cutters.all.filter((one) => is([one.name, ...one.tags].join(" "))));
  const shipped = $derived(
    (reference.catalogue?.cutters ?? []).filter((one) => is(`${one.word} ${one.says}`)),
  );
</script>

<label class="find">
  <span>find a cutter</span>
  <input type="search" maxlength="60" autocomplete="off" bind:value={wanted} />
</label>
<div class="choice" role="group" aria-label="Its cutter">
  {#each own as cutter (cutter.id)}
    <button
      aria-pressed={path === cutter.path}
      title="One of yours: {cutter.sizeMm} mm"
      onclick={() => onown(cutter)}
    >
      <CutterPicture path={cutter.drawn ?? cutter.path} />
      <bdi>{cutter.name}</bdi>
    </button>
  {/each}
  {#each shipped as cutter (cutter.word)}
    <button
      aria-pressed={chosen === cutter.word && !own.some((one) => one.path === path)}
      title={cutter.says}
      onclick={() => onpick(cutter.word)}
    >
      <CutterPicture word={cutter.word} />
      <span>{cutter.word}</span>
    </button>
  {/each}
</div>
{#if own.length + shipped.length === 0}<p>No cutter is called that.</p>{/if}

<style>
  .find {
    display: grid;
    gap: 3px;
    max-width: 260px;
    margin-bottom: 8px;
    font-size: var(--small);
    color: var(--soft);
  }
  .find input {
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    padding: 5px 8px;
    min-height: var(--target);
  }
  .choice {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(76px, 1fr));
    gap: 4px;
  }
  button {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 1px;
    min-height: 70px;
    padding: 4px 2px;
    border: 1.5px solid transparent;
    border-radius: var(--round-field);
    background: none;
    font-size: var(--least);
    line-height: 1.15;
    cursor: pointer;
    overflow-wrap: anywhere;
  }
  button:hover {
    background: var(--wash);
  }
  button[aria-pressed="true"] {
    border-color: var(--cobalt);
    background: var(--wash);
    font-weight: 600;
  }
</style>
