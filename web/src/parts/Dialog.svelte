<script lang="ts">
  import { flushSync, type Snippet } from "svelte";

  // A sheet over the page. Escape and "Close" put it away; it takes the focus while it is there.
  let {
    title,
    wide = false,
    top,
    children,
  }: { title: string; wide?: boolean; top?: Snippet; children: Snippet } = $props();

  const id = $props.id();
  let dialog: HTMLDialogElement;
  let shown = $state(false);

  export function show() {
    shown = true;
    flushSync();
    dialog.showModal();
    dialog.querySelector<HTMLElement>("input:not([type=radio]), select, textarea")?.focus();
  }

  export function close() {
    dialog.close();
  }

  export function isOpen(): boolean {
    return shown;
  }
</script>

<dialog bind:this={dialog} class:wide aria-labelledby={id} onclose={() => (shown = false)}>
  {#if shown}
    <div class="top">
      <h2 {id}>{title}</h2>
      {@render top?.()}
      <button class="close" onclick={close}>Close</button>
    </div>
    {@render children()}
  {/if}
</dialog>

<style>
  dialog {
    border: 2px solid var(--cobalt);
    border-radius: var(--round);
    background: var(--enamel);
    color: var(--ink);
    padding: 16px 20px;
    width: min(94vw, 520px);
    max-height: 92vh;
  }
  .wide {
    width: min(94vw, 860px);
  }
  dialog::backdrop {
    background: rgb(27 36 64 / 0.35);
  }
  .top {
    display: flex;
    align-items: center;
    gap: 16px;
    margin-bottom: 8px;
  }
  h2 {
    flex: 1;
  }
  .close {
    border: 2px solid var(--cobalt);
    border-radius: var(--pill);
    background: none;
    padding: 5px 16px;
    cursor: pointer;
    min-height: var(--target);
  }
</style>
