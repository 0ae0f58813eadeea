<script lang="ts">
  import type { DesignView, MarkView, Move } from "../../api/types";
  import { reference } from "../../desk/catalogue.svelte";
  import { desk } from "../../desk/order.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import Slump from "../../marks/Slump.svelte";
  import { consistency } from "../../units/format";
  import ParameterField from "./ParameterField.svelte";

  let {
    design,
    move,
    index,
    open,
    last,
    onopen,
    onlit,
    onshift,
    onremove,
    onchange,
  }: {
    design: DesignView;
    move: Move;
    index: number;
    open: boolean;
    last: boolean;
    onopen: () => void;
    onlit: (on: boolean) => void;
    onshift: (by: number) => void;
    onremove: () => void;
    onchange: (name: string, value: unknown) => void;
  } = $props();

  const kind = $derived(reference.move(move.move));
  const mark = $derived(design.cookie?.marks[index]);
  const colour = $derived(move["colour"] as string);
  const cautions = $derived(design.cookie?.cautions.filter((c) => c.move === index) ?? []);
  const problem = $derived(desk.problem(design.id));
  const path = $derived(`document.moves[${index}]`);
  const own = $derived(problem?.field.startsWith(path) ? problem : null);
  const trouble = (name: string) => (own?.field === `${path}.${name}` ? own.detail : "");

  const gates = { BARE_COOKIE: "", WET: "while wet", FIRM: "once firm" };

  function said(m: MarkView): string {
    const parts = [consistency(m.state, m.countSeconds)];
    if (m.tip) parts.push(`tip ${m.tip}`);
    if (m.lengthMm > 0) parts.push(`${(m.lengthMm / 10).toFixed(1)} cm`);
    if (m.areaMm2 > 0) parts.push(`${Math.round(m.areaMm2).toLocaleString("en")} mm²`);
    if (gates[m.gate]) parts.push(gates[m.gate]);
    return parts.join(" · ");
  }

  function keyed(event: KeyboardEvent) {
    if (event.altKey && (event.key === "ArrowUp" || event.key === "ArrowDown")) {
      event.preventDefault();
      onshift(event.key === "ArrowUp" ? -1 : 1);
    } else if (event.key === "Delete") onremove();
  }
</script>

<li class:open class:wrong={own}>
  <button
    class="row"
    aria-expanded={open}
    onclick={onopen}
    onkeydown={keyed}
    onmouseenter={() => onlit(true)}
    onmouseleave={() => onlit(false)}
  >
    <BowlDisc hex={desk.hexes[colour] ?? "#888888"} size={28} />
    {#if mark}<Slump state={mark.state} />{/if}
    <span class="words">
      <span><strong>{kind?.word ?? move.move}</strong> {desk.colourName(colour)}</span>
      {#if mark}<span class="soft">{said(mark)}</span>{/if}
    </span>
    {#if mark}<span class="grams">{mark.gramsEach.toFixed(mark.gramsEach < 1 ? 2 : 1)} g</span>{/if}
  </button>
  {#each cautions as caution (caution.sentence)}<p class="caution">{caution.sentence}</p>{/each}
  {#if own && !open}<p class="caution" role="alert">{own.detail}</p>{/if}
  {#if open && kind}
    <div class="form">
      {#each kind.parameters as parameter (parameter.name)}
        <ParameterField
          {parameter}
          value={move[parameter.name]}
          trouble={trouble(parameter.name)}
          onchange={(value) => onchange(parameter.name, value)}
        />
      {/each}
    </div>
    {#if own && !kind.parameters.some((p) => `${path}.${p.name}` === own.field)}
      <p class="caution" role="alert">{own.detail}</p>
    {/if}
    <div class="acts">
      <button disabled={index === 0} onclick={() => onshift(-1)}>earlier</button>
      <button disabled={last} onclick={() => onshift(1)}>later</button>
      <button onclick={onremove}>take it off</button>
    </div>
  {/if}
</li>

<style>
  li {
    border-radius: 10px;
  }
  li.open {
    background: var(--wash);
  }
  .row {
    display: flex;
    align-items: center;
    gap: 10px;
    width: 100%;
    border: 0;
    border-radius: 10px;
    background: none;
    text-align: left;
    padding: 6px 8px;
    cursor: pointer;
  }
  .row:hover {
    background: var(--wash);
  }
  .words {
    flex: 1;
    display: flex;
    flex-direction: column;
    min-width: 0;
  }
  .grams {
    font-weight: 700;
    white-space: nowrap;
  }
  .form {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 14px;
    padding: 4px 8px 8px;
  }
  .acts {
    display: flex;
    gap: 6px;
    padding: 0 8px 8px;
  }
  .acts button {
    border: 0;
    background: none;
    color: var(--cobalt);
    text-decoration: underline;
    cursor: pointer;
    padding: 6px;
    font-size: 13px;
  }
  .acts button:disabled {
    color: var(--soft);
    text-decoration: none;
    cursor: default;
  }
  .caution {
    color: var(--tomato);
    font-size: 13px;
    padding: 0 8px 6px 46px;
  }
</style>
