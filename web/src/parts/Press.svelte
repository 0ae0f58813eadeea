<script lang="ts">
  import type { Snippet } from "svelte";

  let {
    children,
    onpress,
    plain = false,
    key,
    label,
    type = "button",
    disabled = false,
  }: {
    children: Snippet;
    onpress?: () => void;
    plain?: boolean;
    key?: string;
    label?: string;
    type?: "button" | "submit";
    disabled?: boolean;
  } = $props();
</script>

<button {type} class:plain {disabled} aria-label={label} aria-keyshortcuts={key} onclick={onpress}>
  {@render children()}{#if key}<kbd aria-hidden="true">{key}</kbd>{/if}
</button>

<style>
  button {
    border: 2px solid var(--cobalt);
    background: var(--cobalt);
    color: var(--paper);
    border-radius: var(--pill);
    padding: 7px 16px;
    font-weight: 600;
    cursor: pointer;
    min-height: var(--target);
  }
  button.plain {
    background: var(--enamel);
    color: var(--cobalt);
  }
  button:hover:not(:disabled) {
    background: var(--cobalt-deep);
  }
  button.plain:hover:not(:disabled) {
    background: var(--wash);
  }
  button:disabled {
    opacity: 0.45;
    cursor: default;
  }
  kbd {
    font: inherit;
    font-size: var(--least);
    margin-left: 8px;
    padding: 1px 6px;
    border-radius: 5px;
    background: rgb(255 255 255 / 0.2);
  }
  .plain kbd {
    background: var(--wash);
  }
</style>
