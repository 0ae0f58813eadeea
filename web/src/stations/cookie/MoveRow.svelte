<script lang="ts">
  import type { DesignView, MarkView, Move } from "../../api/types";
  import { reference } from "../../desk/catalogue.svelte";
  import { desk } from "../../desk/order.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import Slump from "../../marks/Slump.svelte";
  import { consistency, gateWord } from "../../units/format";
  import ParameterField from "./ParameterField.svelte";

  let {
    design,
    move,
    marks,
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
    marks: MarkView[];
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
  const grams = $derived(marks.reduce((g, m) => g + m.gramsEach, 0));
  const passes = $derived(
    [...new Set(marks.map((m) => m.pass))].filter((p) => p > 0).sort((a, b) => a - b),
  );
  const state = $derived(marks[0]?.state);
  const colour = $derived(move["colour"] as string | undefined);
  // Numbers of the warnings about it, as they stand on the drawing.
  const cautions = $derived(
    (design.cookie?.cautions ?? []).flatMap((c, i) => (c.move === index ? [i + 1] : [])),
  );
  const problem = $derived(desk.problem(design.id));
  const path = $derived(`document.moves[${index}]`);
  const own = $derived(problem?.field.startsWith(path) ? problem : null);
  const trouble = (name: string) => (own?.field === `${path}.${name}` ? own.detail : "");

  function said(): string {
    const first = marks[0];
    if (!first) return kind?.says ?? "";
    const parts: string[] = [];
    if (first.state && first.countSeconds) parts.push(consistency(first.state, first.countSeconds));
    if (move["on"]) parts.push(`on ${String(move["on"])}`);
    if (first.tip) parts.push(`tip ${first.tip}`);
    const length = marks.reduce((mm, m) => mm + m.lengthMm, 0);
    const area = marks.reduce((mm2, m) => mm2 + m.areaMm2, 0);
    if (length > 0) parts.push(`${(length / 10).toFixed(1)} cm`);
    if (area > 0) parts.push(`${Math.round(area).toLocaleString("en")} mm²`);
    if (first.piecesAhead > 0) parts.push("made ahead");
    if (gateWord(first.gate)) parts.push(gateWord(first.gate));
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
    {#if colour}<BowlDisc hex={desk.hexes[colour] ?? "#888888"} size={28} />{:else}<span
        class="cut"
        aria-hidden="true">✂</span
      >{/if}
    {#if state}<Slump {state} />{/if}
    <span class="words">
      <span
        ><strong>{kind?.word ?? move.move}</strong>
        {colour ? desk.colourName(colour) : `into ${String(move["key"] ?? "")}`}</span
      >
      <span class="soft">{said()}</span>
    </span>
    {#each cautions as number (number)}<span class="warned" title="warning {number}">{number}</span
      >{/each}
    {#if grams > 0}<span class="grams">{grams.toFixed(grams < 1 ? 2 : 1)} g</span>{/if}
    {#if passes.length > 0}<span class="pass" title="pass {passes.join(' and ')}"
        >{passes.join("·")}</span
      >{/if}
  </button>
  {#if own && !open}<p class="caution" role="alert">{own.detail}</p>{/if}
  {#if open && kind}
    <div class="form">
      {#each kind.parameters as parameter (parameter.name)}
        <ParameterField
          {parameter}
          sections={design.cookie?.sections.map((s) => s.name) ?? []}
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
    /* Two hundred of them are laid out only as they come into view. */
    content-visibility: auto;
    contain-intrinsic-size: auto 48px;
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
  .cut {
    width: 28px;
    text-align: center;
    color: var(--soft);
  }
  .pass {
    min-width: 22px;
    border: 1.5px solid var(--cobalt);
    border-radius: 11px;
    font-size: 12px;
    font-weight: 700;
    text-align: center;
    padding: 0 4px;
    color: var(--cobalt);
  }
  .warned {
    min-width: 20px;
    border-radius: 10px;
    background: var(--tomato);
    color: #fff;
    font-size: 12px;
    font-weight: 700;
    text-align: center;
  }
  .caution {
    color: var(--tomato);
    font-size: 13px;
    padding: 0 8px 6px 46px;
  }
</style>
