<script lang="ts">
  import { untrack } from "svelte";
  import type { DesignView, Kind, Move, Parameter } from "../../api/types";
  import { field } from "../../desk/catalogue.svelte";
  import { theDesk } from "../../desk/order.svelte";
  import { inside } from "../../desk/places";
  import type { Hand } from "./hand.svelte";
  import ParameterField from "./ParameterField.svelte";
  import { laidOf } from "./placing";
  import SmallField from "./SmallField.svelte";
  import WhereField from "./WhereField.svelte";

  // What can be set on a move, and where it stands among the others.
  let {
    design,
    move,
    kind,
    place,
    index,
    last,
    hand,
    onshift,
    onremove,
    onchange,
  }: {
    design: DesignView;
    move: Move;
    kind: Kind;
    place: string;
    index: number;
    last: boolean;
    hand: Hand;
    onshift: (by: number) => void;
    onremove: () => void;
    onchange: (name: string, value: unknown) => void;
  } = $props();

  const desk = theDesk();

  /** Escape leaves the field for the row, where keys are shortcuts again. */
  function keyed(event: KeyboardEvent) {
    if (event.key !== "Escape") return;
    event.preventDefault();
    document.querySelector<HTMLElement>(`[data-move="${index}"]`)?.focus();
  }
  // Where each mark has its own place, or stands on another, their number follows from that.
  const counted = $derived(["PLACES", "MARKS"].includes(laidOf(move) ?? ""));
  // A third colour, and how much of them, mean nothing before there is a second one.
  const ofSecond = ["third", "secondPercent"];
  const parameters = $derived(
    kind.parameters.filter(
      (one) =>
        (one.name !== "pieces" || !counted) &&
        (!ofSecond.includes(one.name) || Boolean(field(move, "second") ?? field(move, one.name))),
    ),
  );
  // Of a move with many fields those that are seldom set lie behind a word. What was set when it opened shows; nothing moves away
  // from under the hand.
  const MANY = 10;
  const FIRST = 6;
  const setAtFirst = untrack(() =>
    kind.parameters.filter((one) => field(move, one.name) !== undefined).map((one) => one.name),
  );
  const folded = $derived(
    parameters.length < MANY
      ? []
      : parameters.filter(
          (one, i) =>
            i >= FIRST &&
            !one.required &&
            !["WHERE", "SECTIONS", "MOVES"].includes(one.type) &&
            !setAtFirst.includes(one.name),
        ),
  );
  const places = $derived(parameters.map((p) => inside(place, p.name)));
  // What is wrong with the move and with none of its fields.
  const elsewhere = $derived(
    places.some((one) => desk.paper.troubleIn(one)) ? "" : desk.paper.troubleIn(place),
  );
</script>

{#snippet one(parameter: Parameter)}
  {#if parameter.type === "WHERE"}
    <WhereField
      {parameter}
      place={inside(place, parameter.name)}
      value={field(move, parameter.name)}
      {hand}
      {index}
      undivided={(design.cookie?.sections.length ?? 0) < 2}
    />
  {:else if parameter.type === "MOVES"}
    {#if hand.within === null}<SmallField {parameter} {move} {hand} {index} />{/if}
  {:else}
    <ParameterField
      {parameter}
      place={inside(place, parameter.name)}
      sections={design.cookie?.sections.map((s) => s.name) ?? []}
      value={field(move, parameter.name)}
      onchange={(value) => onchange(parameter.name, value)}
    />
    {#if parameter.name === "path" && hand.pencil.canOutline}
      <button
        class="draw"
        aria-pressed={hand.pencil.outlining === index}
        onclick={() => hand.pencil.outline(hand.pencil.outlining === index ? null : index)}
        >{hand.pencil.outlining === index
          ? "draw on the cookie now"
          : "draw it on the cookie"}</button
      >
    {/if}
  {/if}
{/snippet}

<!-- svelte-ignore a11y_no_static_element_interactions -->
<div class="form" onkeydown={keyed}>
  {#each parameters.filter((one) => !folded.includes(one)) as parameter (parameter.name)}
    {@render one(parameter)}
  {/each}
  {#if folded.length > 0}
    <details open={folded.some((one) => desk.paper.troubleIn(inside(place, one.name)))}>
      <summary>more: {folded.map((one) => one.word).join(", ")}</summary>
      <div class="form inner">
        {#each folded as parameter (parameter.name)}{@render one(parameter)}{/each}
      </div>
    </details>
  {/if}
</div>
{#if elsewhere}<p class="caution" role="alert">{elsewhere}</p>{/if}
<div class="acts">
  <button disabled={index === 0} onclick={() => onshift(-1)}>earlier</button>
  <button disabled={last} onclick={() => onshift(1)}>later</button>
  <button onclick={onremove}>take it off</button>
</div>

<style>
  .form {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 14px;
    padding: 4px 8px 8px;
  }
  details {
    flex-basis: 100%;
  }
  summary {
    min-height: 44px;
    display: flex;
    align-items: center;
    color: var(--cobalt);
    font-size: var(--small);
    cursor: pointer;
  }
  .inner {
    padding: 0;
  }
  .draw {
    align-self: flex-end;
    border: 1.5px solid var(--soft);
    border-radius: var(--pill);
    background: none;
    padding: 3px 12px;
    min-height: var(--target);
    cursor: pointer;
  }
  .draw[aria-pressed="true"] {
    border-color: var(--brass);
    color: var(--brass);
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
    min-height: 44px;
    font-size: var(--small);
  }
  .acts button:disabled {
    color: var(--soft);
    text-decoration: none;
    cursor: default;
  }
  .caution {
    color: var(--tomato);
    font-size: var(--small);
    padding: 0 8px 6px;
  }
</style>
