<script lang="ts">
  import type { DesignView } from "../../api/types";
  import { desk } from "../../desk/order.svelte";
  import Thumb from "../../marks/Thumb.svelte";
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

  const address = $derived(`/orders/${order}/cookie/${design.id}`);
  const problem = $derived(desk.problem(design.id));
  const countTrouble = $derived(problem?.field === "count" ? problem.detail : "");
  let typed = $state<string | null>(null);
  const badCount = $derived(
    typed !== null && !/^\d+$/.test(typed.trim()) ? "Write how many, as a whole number." : "",
  );

  function setCount(count: number, field = "count") {
    desk.editDesign(design.id, (draft) => (draft.count = count), field);
  }

  function type(text: string) {
    typed = text;
    if (/^\d{1,9}$/.test(text.trim())) setCount(Number(text));
  }

  function keyed(event: KeyboardEvent) {
    const by = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[event.key];
    if (event.altKey && by !== undefined) {
      event.preventDefault();
      event.stopPropagation();
      const tile = event.currentTarget as HTMLElement;
      void desk.shiftDesign(design.id, by).then(() => tile.focus());
      return;
    }
    if (event.key === "+" || event.key === "=") setCount(design.count + 1, "");
    else if ((event.key === "-" || event.key === "−") && design.count > 1)
      setCount(design.count - 1, "");
    else if (event.key === "Enter") go(address);
    else return;
    event.preventDefault();
  }
</script>

<li class="tile">
  <a href={address} data-tile onkeydown={keyed}>
    <span class="picture"><Thumb {design} hexes={desk.hexes} {pxPerMm} /></span>
    <span class="name">{design.document.name}</span>
    <span class="soft">
      {#if design.cookie}{grams(design.cookie.gramsEach)} g icing each{:else}{design.trouble}{/if}
    </span>
  </a>
  <label class="count" class:wrong={countTrouble || badCount}>
    <span aria-hidden="true">×</span>
    <input
      aria-label="How many {design.document.name}"
      inputmode="numeric"
      autocomplete="off"
      maxlength="9"
      value={typed ?? String(design.count)}
      aria-invalid={Boolean(countTrouble || badCount)}
      oninput={(event) => type(event.currentTarget.value)}
      onblur={() => {
        if (!badCount && !countTrouble) typed = null;
      }}
    />
  </label>
  <button
    class="off"
    aria-label="Take {design.document.name} off the tray"
    title="Take off the tray"
    onclick={() => desk.removeDesign(design.id)}>×</button
  >
  <span class="shift">
    <button
      aria-label="{design.document.name} earlier"
      title="earlier (alt+←)"
      disabled={first}
      onclick={() => desk.shiftDesign(design.id, -1)}>‹</button
    >
    <button
      aria-label="{design.document.name} later"
      title="later (alt+→)"
      disabled={last}
      onclick={() => desk.shiftDesign(design.id, 1)}>›</button
    >
  </span>
  {#if countTrouble || badCount}<p class="trouble" role="alert">{countTrouble || badCount}</p>{/if}
</li>

<style>
  .tile {
    position: relative;
    border-radius: 12px;
  }
  a {
    display: flex;
    flex-direction: column;
    align-items: center;
    padding: 10px 8px 8px;
    color: var(--ink);
    text-decoration: none;
    border-radius: 12px;
  }
  a:hover {
    background: var(--wash);
  }
  .picture {
    height: 162px;
    display: flex;
    align-items: center;
    justify-content: center;
  }
  .name {
    font-family: var(--heading);
    font-weight: 650;
    font-size: 17px;
    margin-top: 6px;
    text-align: center;
    overflow-wrap: anywhere;
  }
  .count {
    position: absolute;
    top: 8px;
    right: 8px;
    display: flex;
    align-items: center;
    gap: 2px;
    border: 2px solid var(--cobalt);
    border-radius: 999px;
    background: var(--enamel);
    padding: 2px 12px;
    font-family: var(--heading);
    font-weight: 700;
    font-size: 18px;
  }
  .count.wrong {
    border-color: var(--tomato);
  }
  .count input {
    width: auto;
    min-width: 22px;
    max-width: 90px;
    field-sizing: content;
    text-align: center;
    border: 0;
    background: none;
    font-weight: 700;
    padding: 2px 0;
  }
  .off {
    position: absolute;
    top: 10px;
    left: 8px;
    width: 28px;
    height: 28px;
    border: 0;
    border-radius: 50%;
    background: none;
    color: var(--soft);
    font-size: 18px;
    line-height: 1;
    cursor: pointer;
  }
  .shift {
    position: absolute;
    top: 40px;
    left: 8px;
    display: flex;
    flex-direction: column;
  }
  .shift button {
    width: 28px;
    height: 28px;
    border: 0;
    border-radius: 50%;
    background: none;
    color: var(--soft);
    font-size: 18px;
    line-height: 1;
    cursor: pointer;
  }
  .shift button:disabled {
    visibility: hidden;
  }
  .shift button:hover {
    background: var(--wash);
    color: var(--ink);
  }
  .off:hover {
    background: var(--wash);
    color: var(--ink);
  }
  .trouble {
    color: var(--tomato);
    font-size: 13px;
    text-align: center;
    padding: 0 8px 8px;
  }
</style>
