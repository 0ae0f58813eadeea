<script lang="ts">
  import type { DesignView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import Thumb from "../../marks/Thumb.svelte";
  import { MANY_COOKIES } from "../../marks/light";
  import { calmly } from "../../parts/calm";
  import CountField from "../../parts/CountField.svelte";
  import Menu from "../../parts/Menu.svelte";
  import { go } from "../../router";
  import { grams } from "../../units/format";

  let {
    design,
    order,
    pxPerMm,
    first,
    last,
  }: {
    design: DesignView;
    order: number;
    pxPerMm: number;
    first: boolean;
    last: boolean;
  } = $props();

  const desk = theDesk();
  const address = $derived(`/orders/${order}/cookie/${design.id}`);
  let trouble = $state("");

  function setCount(count: number) {
    desk.editDesign(design.id, (draft) => (draft.count = count), "count");
  }

  /** The tile that the design has become is the one that stays under the hand. */
  async function shift(by: number) {
    await desk.shiftDesign(design.id, by);
    document.querySelector<HTMLElement>(`[data-tile="${design.id}"]`)?.focus();
  }

  function keyed(event: KeyboardEvent) {
    const by = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[event.key];
    if (event.altKey && by !== undefined) {
      event.preventDefault();
      event.stopPropagation();
      void shift(by);
      return;
    }
    const stored = Number(design.count);
    if (event.key === "+" || event.key === "=") setCount(stored + 1);
    else if ((event.key === "-" || event.key === "−") && stored > 1) setCount(stored - 1);
    else if (event.key === "Enter") go(address);
    else return;
    event.preventDefault();
  }
</script>

<li class="tile">
  <a href={address} data-tile={design.id} onkeydown={keyed}>
    <span class="picture"
      ><Thumb
        {design}
        hexes={desk.hexes}
        {pxPerMm}
        flat={desk.designs.length > MANY_COOKIES}
      /></span
    >
    <span class="name" title={design.document.name}><bdi>{design.document.name}</bdi></span>
    <span class="soft">
      {#if design.cookie}{grams(design.cookie.gramsEach)} g icing each{:else}{design.trouble}{/if}
    </span>
  </a>
  <span class="hand">
    <CountField {design} ontrouble={(sentence) => (trouble = sentence)} />
    <Menu
      label="What to do with {design.document.name}"
      acts={[
        { word: "Earlier on the tray", run: () => void shift(-1), disabled: first },
        { word: "Later on the tray", run: () => void shift(1), disabled: last },
        { word: "Take off the tray", run: () => calmly(() => void desk.removeDesign(design.id)) },
      ]}
    />
  </span>
  {#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
</li>

<style>
  .tile {
    position: relative;
    border-radius: 12px;
    min-width: 0;
  }
  a {
    display: flex;
    flex-direction: column;
    align-items: center;
    padding: 10px 8px 2px;
    color: var(--ink);
    text-decoration: none;
    border-radius: 12px;
  }
  a:hover {
    background: var(--wash);
  }
  .picture {
    height: 150px;
    display: flex;
    align-items: center;
    justify-content: center;
  }
  .name {
    font-family: var(--heading);
    font-weight: 650;
    font-size: var(--h3);
    margin-top: 6px;
    max-width: 100%;
    text-align: center;
    overflow-wrap: anywhere;
    display: -webkit-box;
    line-clamp: 2;
    -webkit-line-clamp: 2;
    -webkit-box-orient: vertical;
    overflow: hidden;
  }
  .hand {
    display: flex;
    justify-content: center;
    align-items: center;
    gap: 4px;
    padding-left: 48px;
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
    text-align: center;
    padding: 0 8px 8px;
  }
</style>
