<script lang="ts">
  // Takes the last step back, or does it again; says before it is pressed what that will bring.
  type Steps = { undo: string | null; redo: string | null };
  let { of }: { of: { steps: Steps; undo: () => Promise<void>; redo: () => Promise<void> } } =
    $props();

  const WAYS = [
    { word: "undo", glyph: "↶", keys: "ctrl+z" },
    { word: "redo", glyph: "↷", keys: "ctrl+shift+z" },
  ] as const;
  const stop = $derived(of.steps.undo ? "undo" : "redo");

  function keyed(event: KeyboardEvent) {
    if (event.key !== "ArrowLeft" && event.key !== "ArrowRight") return;
    const both = (event.currentTarget as HTMLElement).querySelectorAll("button");
    both[event.key === "ArrowLeft" ? 0 : 1]?.focus();
  }
</script>

<!-- One stop of the tab key: arrows go from one to the other. -->
<span class="steps" role="toolbar" tabindex="-1" aria-label="Undo and redo" onkeydown={keyed}>
  {#each WAYS as way (way.word)}
    {@const brings = of.steps[way.word]}
    <button
      disabled={!brings}
      tabindex={way.word === stop ? 0 : -1}
      aria-label={way.word}
      title={brings ? `${way.word}: ${brings} (${way.keys})` : `nothing to ${way.word}`}
      onclick={() => void of[way.word]()}>{way.glyph}</button
    >
  {/each}
</span>

<style>
  .steps {
    display: inline-flex;
  }
  button {
    width: 44px;
    height: 44px;
    margin: -8px 0;
    border: 0;
    border-radius: 50%;
    background: none;
    color: var(--cobalt);
    font-size: 20px;
    line-height: 1;
    cursor: pointer;
  }
  button:hover:not(:disabled) {
    background: var(--wash);
  }
  button:disabled {
    color: var(--soft);
    opacity: 0.6;
    cursor: default;
  }
</style>
