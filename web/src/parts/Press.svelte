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

<button {type} class:plain {disabled} aria-label={label} onclick={onpress}>
  {@render children()}{#if key}<kbd>{key}</kbd>{/if}
</button>

<style>
  button {
    border: 2px solid var(--cobalt);
    background: var(--cobalt);
    color: #fff;
    border-radius: 999px;
    padding: 7px 16px;
    font-weight: 600;
    cursor: pointer;
    min-height: 38px;
  }
  button.plain {
    background: var(--enamel);
    color: var(--cobalt);
  }
  button:hover:not(:disabled) {
    background: #1a3163;
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
    font-size: 12px;
    margin-left: 8px;
    padding: 1px 6px;
    border-radius: 5px;
    background: rgb(255 255 255 / 0.2);
  }
  .plain kbd {
    background: var(--wash);
  }
</style>
