<script lang="ts">
  import { fixed, plural } from "../../units/format";
  import { theDesk } from "../../desk/order.svelte";
  import { BECOMES, type Becomes, type Drawn, type Group } from "./drawn.svelte";

  // Shapes of one colour that become the same: what, why, and the other ways.
  let {
    drawn,
    group,
    chosen,
    onchoose,
  }: { drawn: Drawn; group: Group; chosen: string[]; onchoose: (ids: string[]) => void } = $props();

  const desk = theDesk();
  const ways = Object.entries(BECOMES) as [Becomes, string][];
  const n = $derived(group.shapes.length);
  const across = $derived(group.shapes.map((shape) => 2 * shape.inscribedRadiusMm));
  const widest = $derived(Math.max(...across));
  const picked = $derived(group.shapes.filter((shape) => chosen.includes(shape.id)));
  // One shape that was pressed stands for itself; else the row stands for all of them.
  const meant = $derived(picked.length > 0 && picked.length < n ? picked : group.shapes);
  const match = $derived(drawn.match(group.colour));

  const titles: Record<Becomes, [string, string]> = {
    section: ["section, flooded", "sections, flooded"],
    wet: ["wet mark, sinks in", "wet marks, sink in"],
    raised: ["raised line", "raised lines"],
    "raised fill": ["filled on top", "filled on top"],
    guide: ["guide", "guides"],
    "left out": ["left out", "left out"],
  };
  const strokes = $derived(new Set(group.shapes.map((shape) => shape.stroke)).size);
  const isLine = $derived(group.shapes.every((shape) => shape.stroke >= 0));
  const wide = $derived(isLine ? "" : ` · to ${fixed(widest, widest < 10 ? 1 : 0)} mm wide`);
  const title = $derived(titles[group.becomes][(isLine ? strokes : n) === 1 ? 0 : 1]);
  const reasons = $derived([...new Set(group.shapes.map((shape) => shape.why))]);
</script>

<li class:chosen={picked.length > 0}>
  <button
    class="swatch"
    style:background={group.own ? desk.hexes[group.own] : group.colour}
    aria-label="Show where: {match.name}, {title}"
    onclick={() => onchoose(picked.length > 0 ? [] : group.shapes.map((shape) => shape.id))}
  ></button>
  <div class="what">
    <strong>{title}</strong>
    <span class="soft">
      {isLine ? plural(strokes, "stroke") : plural(n, "shape")} · {fixed(group.areaMm2, 0)} mm²{wide}
    </span>
    <span class="soft">{reasons[0]}{reasons.length > 1 ? " …" : ""}</span>
  </div>
  <div class="ways" role="group" aria-label="What {match.name} becomes">
    {#if meant.length < n}<span class="soft only">only the one pressed:</span>{/if}
    <label class="colour soft">
      in
      <select
        value={group.own ?? match.key ?? ""}
        onchange={(e) => drawn.recolour(group, meant, e.currentTarget.value)}
      >
        {#if !match.key}<option value="">{match.name}, new</option>{/if}
        {#each desk.palette as colour (colour.key)}
          <option value={colour.key}>{colour.name}</option>
        {/each}
      </select>
    </label>
    {#each ways as [key, word] (key)}
      <button aria-pressed={group.becomes === key} onclick={() => drawn.set(meant, key)}
        >{word}</button
      >
    {/each}
  </div>
</li>

<style>
  li {
    display: grid;
    grid-template-columns: 44px minmax(150px, 1fr) minmax(0, 1.75fr);
    gap: 10px;
    align-items: center;
    padding: 10px 8px;
    border-radius: var(--round-field);
  }
  li.chosen {
    background: var(--brass-wash);
  }
  .swatch {
    width: 44px;
    height: 44px;
    border: 5px solid var(--enamel);
    outline: 1.5px solid var(--ink);
    outline-offset: -5px;
    border-radius: 50%;
    cursor: pointer;
  }
  .what {
    display: grid;
    gap: 1px;
    font-size: var(--small);
  }
  .what strong {
    font-family: var(--heading);
    font-size: var(--h3);
  }
  .soft {
    color: var(--soft);
  }
  .colour {
    width: 100%;
    font-size: var(--small);
  }
  .colour select {
    min-height: 30px;
    max-width: 160px;
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 5px;
  }
  .only {
    width: 100%;
    font-size: var(--small);
  }
  .ways button {
    border: 1.5px solid var(--cobalt);
    border-radius: var(--pill);
    background: none;
    color: var(--ink);
    padding: 2px 9px;
    min-height: var(--target);
    font-size: var(--small);
    cursor: pointer;
  }
  .ways button[aria-pressed="true"] {
    background: var(--cobalt);
    color: var(--paper);
  }
  @media (max-width: 620px) {
    li {
      grid-template-columns: 44px minmax(0, 1fr);
    }
    .ways {
      grid-column: 1 / -1;
    }
  }
</style>
