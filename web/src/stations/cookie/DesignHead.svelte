<script lang="ts">
  import type { DesignView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import CountField from "../../parts/CountField.svelte";
  import { ended } from "../../parts/ended";
  import { fixed, grams, inches, lasting } from "../../units/format";

  // Above a design: its name, how many of it, and what one takes.
  let { design }: { design: DesignView } = $props();

  const desk = theDesk();
  const namePlace = $derived(`/designs/${design.id}/document/name`);
  const nameTrouble = $derived(desk.trouble(namePlace));
  const cookie = $derived(design.cookie);

  /** A new design is called something first: its name is chosen when it opens. */
  function newName(input: HTMLInputElement) {
    if (!/^Design \d+$/.test(input.value)) return;
    input.focus();
    input.select();
  }

  function rename(name: string) {
    desk.editDesign(design.id, (draft) => (draft.document.name = name), "name", true);
  }
</script>

<div class="head">
  <input
    class="name"
    {@attach newName}
    {@attach ended}
    aria-label="Name of the design"
    maxlength="200"
    autocomplete="off"
    value={design.document.name}
    aria-invalid={Boolean(nameTrouble)}
    oninput={(event) => rename(event.currentTarget.value)}
  />
  <CountField {design} />
  <span class="soft">
    {#if cookie}{fixed(cookie.box.widthMm, 0)} × {fixed(cookie.box.heightMm, 0)} mm{inches(
        cookie.box.widthMm,
        cookie.box.heightMm,
      )} baked ·
      <strong>{grams(cookie.gramsEach)} g</strong> icing, {lasting(
        Math.max(1, cookie.handSeconds / 60),
      )} hands each{/if}
  </span>
</div>
{#if nameTrouble}<p class="trouble" role="alert">{nameTrouble}</p>{/if}

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 4px 12px;
    margin-bottom: 6px;
  }
  .name {
    font-family: var(--heading);
    font-weight: 700;
    font-size: 21px;
    border: 1.5px solid transparent;
    border-radius: var(--round-field);
    background: none;
    padding: 2px 6px;
    margin-left: -6px;
    min-width: 0;
    flex: 0 1 240px;
    field-sizing: content;
    min-height: var(--target);
  }
  .name:hover,
  .name:focus {
    border-color: var(--line);
    background: var(--paper);
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
  }
</style>
