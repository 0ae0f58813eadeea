<script lang="ts">
  import type { Portion, Pour } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import { isPale } from "../../units/colour";
  import { consistency, grams } from "../../units/format";
  import PourFamilies from "./PourFamilies.svelte";
  import PourBowl from "./PourBowl.svelte";
  import BagRow from "./BagRow.svelte";
  import { band, layOut } from "./layout";

  const desk = theDesk();

  // The pour: base to bowls to bags, widths by grams.
  let {
    pour,
    chosen,
    onchoose,
  }: { pour: Pour; chosen: string; onchoose: (colour: string) => void } = $props();

  const WIDTH = 900;
  const BASE = { x: 8, width: 86 };
  const BOWL_X = 330;
  const BAG_X = 474;

  let lit = $state("");

  /** Which designs, and which of their moves, drink from a bag, and how much. */
  function drinkers(name: string, portion: Portion): string {
    const words = portion.drinks.map((drink) => {
      const design = desk.design(Number(drink.design));
      const move = design?.document.moves[drink.move]?.move;
      const called =
        design?.document.name ??
        desk.pour?.designs.find((d) => d.design === drink.design)?.name ??
        "another order";
      return `${called}${move ? ` (${move})` : ""} ${grams(drink.grams)} g`;
    });
    return `${name}, ${consistency(portion.state, portion.countSeconds)}: ${words.join(", ")}`;
  }

  const laid = $derived(layOut(pour, 600));
  const rim = (hex: string) => (isPale(hex) ? "#8A93A8" : "none");
</script>

<svg
  viewBox="0 0 {WIDTH} {laid.height}"
  role="group"
  aria-label="The pour, drawn; the table below says the same"
>
  <g class="columns" aria-hidden="true">
    <text x={BASE.x + BASE.width / 2} y="16" text-anchor="middle">base</text>
    <text x={BOWL_X} y="16" text-anchor="middle">bowls</text>
    <text x={BAG_X + 20} y="16">thin and bag</text>
    <text x={WIDTH - 8} y="16" text-anchor="end">add water</text>
  </g>

  {#each laid.bowls as place (place.bowl.colour)}
    <path
      d={band(
        BASE.x + BASE.width,
        place.fromY,
        place.width,
        BOWL_X - 14,
        place.middle - place.width / 2,
        place.width,
      )}
      fill="#E9E8E0"
      stroke="#CFCDBF"
      stroke-width="0.6"
    />
  {/each}

  {#each laid.base.batches as batch, i (i)}
    <rect
      x={BASE.x}
      y={batch.y}
      width={BASE.width}
      height={batch.height}
      fill="#F4F3EA"
      stroke="#23407A"
      stroke-width="2"
    />
    {#if batch.height >= 18 || i === 0}
      <text
        class="batch"
        x={BASE.x + BASE.width / 2}
        y={batch.y + batch.height / 2 + 5}
        text-anchor="middle"
      >
        {grams(batch.grams)} g
      </text>
    {/if}
  {/each}

  <PourFamilies {laid} x={BOWL_X} onlit={(said) => (lit = said)} />

  {#each laid.bowls as place (place.bowl.colour)}
    {@const hex = desk.hexes[place.bowl.colour] ?? "#888888"}
    {@const name = desk.colourName(place.bowl.colour)}
    {#each place.portions as row (row.portion.countSeconds + row.portion.vessel)}
      {@const said = drinkers(name, row.portion)}
      <!-- Each stream can be pointed at or stepped to: the line below then says who drinks from it. -->
      <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
      <g
        class="stream"
        role="img"
        tabindex="0"
        aria-label={said}
        onmouseenter={() => (lit = said)}
        onmouseleave={() => (lit = "")}
        onfocus={() => (lit = said)}
        onblur={() => (lit = "")}
      >
        <path
          d={band(BOWL_X, row.fromY, row.width, BAG_X + 2, row.middle - row.width / 2, row.width)}
          fill={hex}
          stroke={rim(hex)}
          stroke-width="0.8"
        />
        <rect
          x={BAG_X - 6}
          y={row.middle - 14}
          width={WIDTH - BAG_X}
          height="28"
          rx="8"
          fill="transparent"
        />
        <BagRow portion={row.portion} {hex} x={BAG_X} y={row.middle} right={WIDTH - 8} />
      </g>
    {/each}
    <PourBowl
      {hex}
      {name}
      x={BOWL_X}
      y={place.middle}
      radius={place.radius}
      grams={place.bowl.dividedGrams}
      chosen={chosen === place.bowl.colour}
      onchoose={() => onchoose(place.bowl.colour)}
    />
  {/each}
</svg>
<p class="lit soft">{lit || "Point at a stream, or step to it, to see who drinks from it."}</p>

<style>
  .lit {
    min-height: var(--target);
  }
  .stream:hover rect,
  .stream:focus-visible rect {
    fill: #e8ecf6;
  }
  .stream:focus-visible {
    outline: none;
  }
  .stream:focus-visible rect {
    stroke: var(--brass-line);
    stroke-width: 2.5;
  }
  svg {
    display: block;
    width: 100%;
    height: auto;
  }
  text {
    fill: var(--ink);
    font-size: 14px;
  }
  .columns text {
    fill: var(--soft);
    font-size: var(--small);
  }
  .batch {
    font-family: var(--heading);
    font-weight: 700;
  }
</style>
