<script lang="ts">
  import Dialog from "./Dialog.svelte";

  // Two colours side by side, large, on neutral grey: to be judged by eye against what lies on the bench.
  export type Named = { name: string; hex: string };
  let { title, colours }: { title: string; colours: Named[] } = $props();

  let dialog: Dialog;
  let left = $state("");
  let right = $state("");
  const named = (name: string, otherwise: number) =>
    colours.find((c) => c.name === name) ?? colours[otherwise] ?? colours[0];
  const one = $derived(named(left, 0));
  const other = $derived(named(right, 1));

  export function show(first = "", second = "") {
    left = first || (colours[0]?.name ?? "");
    right = second || (colours[1]?.name ?? "");
    dialog.show();
  }
</script>

<Dialog bind:this={dialog} {title} wide>
  <div class="grey">
    <div class="pair">
      <span style:background={one?.hex}></span>
      <span style:background={other?.hex}></span>
    </div>
    <div class="names">
      <label
        ><span class="unseen">Left</span>
        <select bind:value={left}>
          {#each colours as c (c.name)}<option value={c.name}>{c.name} {c.hex}</option>{/each}
        </select></label
      >
      <label
        ><span class="unseen">Right</span>
        <select bind:value={right}>
          {#each colours as c (c.name)}<option value={c.name}>{c.name} {c.hex}</option>{/each}
        </select></label
      >
    </div>
  </div>
  <p class="soft">
    Hold a dried dab beside the screen in daylight. Screens differ: trust the dab, and write down
    what you see as a swatch on Shelf.
  </p>
</Dialog>

<style>
  .grey {
    background: #777777;
    border-radius: 10px;
    padding: 44px;
  }
  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    height: min(44vh, 330px);
  }
  .names {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 12px;
    margin-top: 14px;
  }
  select {
    width: 100%;
    min-height: var(--target);
    border: 1.5px solid var(--paper);
    border-radius: var(--round-field);
    background: #777777;
    color: var(--paper);
    padding: 4px 8px;
  }
  option {
    color: var(--ink);
    background: var(--paper);
  }
  p {
    margin-top: 10px;
  }
</style>
