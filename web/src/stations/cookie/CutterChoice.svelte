<script lang="ts">
  import { reference } from "../../desk/catalogue.svelte";
  import CutterPicture from "./CutterPicture.svelte";

  // The cutters to choose from, as pictures at one scale.
  let { chosen, onpick }: { chosen: string; onpick: (word: string) => void } = $props();
</script>

<div class="choice" role="group" aria-label="Its cutter">
  {#each reference.catalogue?.cutters ?? [] as cutter (cutter.word)}
    <button
      aria-pressed={chosen === cutter.word}
      title={cutter.says}
      onclick={() => onpick(cutter.word)}
    >
      <CutterPicture word={cutter.word} />
      <span>{cutter.word}</span>
    </button>
  {/each}
</div>

<style>
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
