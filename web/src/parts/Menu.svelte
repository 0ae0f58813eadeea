<script lang="ts">
  // What can be done with one thing, behind one press: a list that Escape and a press elsewhere put away.
  type Act = { word: string; run: () => void; disabled?: boolean };
  let { label, acts }: { label: string; acts: Act[] } = $props();

  let open = $state(false);
  let place: HTMLElement;
  let opener: HTMLButtonElement;

  function close() {
    if (!open) return;
    open = false;
    opener.focus();
  }

  function keyed(event: KeyboardEvent) {
    if (!open) return;
    const items = [...place.querySelectorAll<HTMLElement>("[role=menuitem]:not(:disabled)")];
    const at = items.indexOf(document.activeElement as HTMLElement);
    if (event.key === "Escape") close();
    else if (event.key === "ArrowDown") items[(at + 1) % items.length]?.focus();
    else if (event.key === "ArrowUp") items[(at - 1 + items.length) % items.length]?.focus();
    else return;
    event.preventDefault();
    event.stopPropagation();
  }

  function show() {
    open = !open;
    if (open) {
      requestAnimationFrame(() => place.querySelector<HTMLElement>("[role=menuitem]")?.focus());
    }
  }
</script>

<span
  class="menu"
  bind:this={place}
  role="presentation"
  onkeydown={keyed}
  onfocusout={(e) => {
    if (!place.contains(e.relatedTarget as Node | null)) open = false;
  }}
>
  <button
    class="opener"
    bind:this={opener}
    aria-label={label}
    title={label}
    aria-haspopup="menu"
    aria-expanded={open}
    onclick={show}>⋯</button
  >
  {#if open}
    <span class="list" role="menu" aria-label={label}>
      {#each acts as act (act.word)}
        <button
          role="menuitem"
          disabled={act.disabled}
          onclick={() => {
            close();
            act.run();
          }}>{act.word}</button
        >
      {/each}
    </span>
  {/if}
</span>

<style>
  .menu {
    position: relative;
    display: inline-block;
  }
  .opener {
    width: 44px;
    height: 44px;
    border: 0;
    border-radius: 50%;
    background: none;
    color: var(--soft);
    font-size: 22px;
    line-height: 1;
    cursor: pointer;
  }
  .opener:hover,
  .opener[aria-expanded="true"] {
    background: var(--wash);
    color: var(--ink);
  }
  .list {
    position: absolute;
    z-index: 5;
    top: 100%;
    right: 0;
    display: grid;
    min-width: 180px;
    padding: 6px;
    border: 2px solid var(--cobalt);
    border-radius: 12px;
    background: var(--enamel);
  }
  .list button {
    min-height: 44px;
    border: 0;
    border-radius: var(--round-field);
    background: none;
    padding: 4px 12px;
    text-align: left;
    white-space: nowrap;
    cursor: pointer;
  }
  .list button:hover:not(:disabled),
  .list button:focus-visible {
    background: var(--wash);
  }
  .list button:disabled {
    color: var(--soft);
    opacity: 0.6;
  }
</style>
