<script lang="ts">
  import type { Flavour, PaletteColour } from "../../api/types";
  import ColourField from "../../parts/ColourField.svelte";
  import Press from "../../parts/Press.svelte";
  import FlavourField from "./colours/FlavourField.svelte";
  import ColourPicker from "./colours/ColourPicker.svelte";

  // One colour of the palette: its name, how it looks, how it is mixed.
  let {
    colour,
    place,
    palette,
    used,
    onset,
    onletdown,
    onflavour,
    onremove,
  }: {
    colour: PaletteColour;
    place: string;
    palette: PaletteColour[];
    used: boolean;
    onset: (part: "name" | "hex", text: string) => void;
    onletdown: (from: string | null) => void;
    onflavour: (flavour: Flavour | null) => void;
    onremove: () => void;
  } = $props();

  let picker = $state<ColourPicker>();

  /** What opens has its first field chosen. */
  function chosenFirst(input: HTMLInputElement) {
    input.focus();
    input.select();
  }
</script>

<div class="edit">
  <label data-place="{place}/name"
    >Name <input
      {@attach chosenFirst}
      value={colour.name}
      maxlength="80"
      autocomplete="off"
      oninput={(e) => onset("name", e.currentTarget.value)}
    /></label
  >
  <ColourField label="Colour" hex={colour.hex} onchange={(hex) => onset("hex", hex)} />
  <Press plain onpress={() => picker?.show()}>Choose…</Press>
  <label
    >Mixed <select
      value={colour.letDownFrom ?? ""}
      onchange={(e) => onletdown(e.currentTarget.value || null)}
    >
      <option value=""
        >{colour.flavour?.colours ? "by its flavour" : "with drops of its own"}</option
      >
      {#each palette as other (other.key)}
        {#if !colour.flavour && !other.flavour && other.key && other.key !== colour.key && !other.letDownFrom}
          <option value={other.key}>out of {other.name} and white</option>
        {/if}
      {/each}
    </select></label
  >
  <FlavourField flavour={colour.flavour ?? null} place="{place}/flavour" onchange={onflavour} />
  {#if !used}
    <Press plain onpress={() => onremove()}>Take it out</Press>
  {:else}
    <span class="soft">in use, so it stays</span>
  {/if}
</div>
<ColourPicker
  bind:this={picker}
  onpick={(hex, name) => {
    onset("hex", hex);
    if (name && /^Colour \d+$/.test(colour.name)) onset("name", name);
  }}
/>

<style>
  .edit {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 16px;
    align-items: center;
    border-top: 1px solid var(--line);
    margin-top: 10px;
    padding-top: 10px;
  }
  .edit label input {
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    padding: 5px 8px;
  }
  .edit select {
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    padding: 5px 8px;
    min-height: var(--target);
    max-width: 220px;
  }
  .edit label {
    display: grid;
    gap: 3px;
    font-size: var(--small);
    color: var(--soft);
  }
  .edit label input,
  .edit select {
    font-size: var(--body);
    color: var(--ink);
  }
</style>
