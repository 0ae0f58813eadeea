<script lang="ts">
  import { isBusy } from "../../parts/keys";
  import { pedal } from "./pedal.svelte";

  // The one main thing to press: a tap anywhere on it, the space bar, or the pedal.
  let {
    label,
    sub = "",
    disabled = false,
    lowerHalf = false,
    onpress,
  }: {
    label: string;
    sub?: string;
    disabled?: boolean;
    lowerHalf?: boolean;
    onpress: () => void;
  } = $props();

  let button: HTMLButtonElement;

  const PRESSED = "button, a, input, select, textarea, label, summary, dialog";

  /** A wet finger need not hit it: a tap on the lower half of the screen will do, where nothing else is. */
  function tapped(event: MouseEvent) {
    const isTouch = (event as PointerEvent).pointerType === "touch";
    if (!lowerHalf || disabled || !isTouch || event.clientY < innerHeight / 2) return;
    if (event.target instanceof Element && event.target.closest(PRESSED)) return;
    if (!document.querySelector("dialog[open]")) onpress();
  }

  function keyed(event: KeyboardEvent) {
    if (disabled || event.repeat || isBusy(event) || event.ctrlKey || event.metaKey || event.altKey)
      return;
    const isSpace = event.key === " ";
    // The space bar presses what has the focus; a pedal always means this.
    const other = event.target instanceof HTMLButtonElement && event.target !== button;
    if ((isSpace && !other) || (pedal.key !== "" && event.key === pedal.key)) {
      event.preventDefault();
      onpress();
    }
  }
</script>

<svelte:window onkeydown={keyed} onclick={tapped} />

<button
  bind:this={button}
  {disabled}
  aria-keyshortcuts="Space"
  onclick={onpress}
  onkeydown={(event) => event.key === " " && event.preventDefault()}
>
  <span class="label">{label}</span>
  {#if sub}<span class="sub">{sub}</span>{/if}
  <kbd aria-hidden="true">space</kbd>
</button>

<style>
  button {
    display: grid;
    grid-template-columns: 1fr auto;
    align-items: center;
    gap: 2px 16px;
    width: 100%;
    min-height: 108px;
    padding: 14px 24px;
    border: 0;
    border-radius: var(--round);
    background: var(--cobalt);
    color: var(--paper);
    text-align: left;
    cursor: pointer;
  }
  button:hover:not(:disabled) {
    background: var(--cobalt-deep);
  }
  button:disabled {
    opacity: 0.5;
    cursor: default;
  }
  .label {
    font: 700 30px/1.1 var(--heading);
  }
  .sub {
    grid-row: 2;
    min-height: 20px;
  }
  kbd {
    grid-row: 1 / span 2;
    grid-column: 2;
    font: 600 14px var(--text);
    display: grid;
    place-items: center;
    width: 66px;
    height: 66px;
    border: 2px solid var(--paper);
    border-radius: 50%;
  }
  @media (hover: none) {
    kbd {
      display: none;
    }
  }
</style>
