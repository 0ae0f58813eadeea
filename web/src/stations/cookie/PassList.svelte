<script lang="ts">
  import type { CookieView, DesignView } from "../../api/types";
  import { field } from "../../desk/catalogue.svelte";
  import { theDesk } from "../../desk/order.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import Slump from "../../marks/Slump.svelte";
  import Explain from "../../parts/Explain.svelte";
  import { reason } from "./reasons";
  import { sectionWords } from "./sections";
  import { consistency, fixed, lasting, plural } from "../../units/format";

  const desk = theDesk();

  // The work in its passes, with what has to be so between them.
  let {
    design,
    cookie,
    onopen,
  }: { design: DesignView; cookie: CookieView; onopen: (move: number) => void } = $props();

  const titles = {
    AHEAD: "made before it, on film or as a cookie on top",
    COAT: "wet together",
    GUIDE: "a guide, to be covered",
    AIRBRUSH: "airbrush",
    STENCIL: "stencil",
    SECOND: "flooded on the dry coat",
    RAISED: "raised",
    MARKER: "marker",
    PAINT: "paint and dust",
  };
  type Mark = CookieView["marks"][number];

  const colourOf = (at: number | null) => {
    const move = at === null ? undefined : design.document.moves[at];
    const colour = move && (field(move, "colour") as string | undefined);
    return colour ? desk.colourName(colour) : "";
  };

  /** Other designs that have such work behind such a gate: they can be iced in one go. */
  function withIt(pass: CookieView["passes"][number]): string {
    return desk.designs
      .filter(
        (other) =>
          other.id !== design.id &&
          other.cookie?.passes.some(
            (one) =>
              one.stage === pass.stage &&
              one.gate === pass.gate &&
              one.number > 0 &&
              pass.number > 0,
          ),
      )
      .map((other) => other.document.name)
      .join(", ");
  }

  /** The colour of a mark, and the sections that it lies on. */
  function lying(mark: Mark): string {
    const move = design.document.moves[mark.move];
    const on = move ? String(field(move, "on") ?? "") : "";
    const colour = mark.colour ? desk.colourName(mark.colour) : "";
    return on ? `${colour} on ${sectionWords(on, cookie.sections)}` : colour;
  }

  /** Pieces made ahead for the whole order, spares with them. */
  function ahead(mark: Mark): string {
    const drink = (desk.pour?.pour.bowls ?? [])
      .flatMap((bowl) => bowl.portions.flatMap((portion) => portion.drinks))
      .find((d) => d.design === String(design.id) && d.move === mark.move && d.piecesEach > 0);
    if (!drink) return plural(mark.piecesAhead, "piece");
    const wanted = drink.piecesEach * drink.cookies;
    return `${wanted + drink.sparePieces} pieces, ${drink.sparePieces} of them spare`;
  }
</script>

<p class="soft">
  passes <Explain word="pass" /> and what waits between them <Explain word="gate" />
</p>
{#each cookie.passes as pass (pass.number)}
  {#if pass.waitMinutes > 0}
    <p class="gate">
      <span
        >{reason(pass, colourOf(pass.move), colourOf(pass.after))} · {lasting(
          pass.gateMinutes,
        )}</span
      >
    </p>
  {/if}
  <h3>
    {pass.number > 0 ? `${pass.number} · ` : ""}{pass.number > 1 && pass.stage === "COAT"
      ? "beside it, so a crease shows"
      : titles[pass.stage]}
  </h3>
  {#if withIt(pass)}<p class="soft with">at this stage too: {withIt(pass)}</p>{/if}
  <ul>
    {#each cookie.marks.filter((m) => m.pass === pass.number) as mark, i (i)}
      <li>
        <button title="Open this move" onclick={() => onopen(mark.move)}>
          {#if mark.colour}<BowlDisc hex={desk.hexes[mark.colour] ?? "#888888"} size={24} />{/if}
          {#if mark.state}<Slump state={mark.state} />{/if}
          <span class="words">
            <span
              ><strong>{design.document.moves[mark.move]?.move}</strong>
              {lying(mark)}</span
            >
            <span class="soft">
              {mark.state && mark.countSeconds ? consistency(mark.state, mark.countSeconds) : ""}
              {mark.gate === "WET" ? "· while wet" : ""}
              {mark.piecesAhead > 0 ? `· ${ahead(mark)}` : ""}
            </span>
          </span>
          {#if mark.gramsEach > 0}<span class="grams"
              >{fixed(mark.gramsEach, mark.gramsEach < 1 ? 2 : 1)} g</span
            >{/if}
        </button>
      </li>
    {/each}
  </ul>
{/each}

<style>
  h3 {
    color: var(--cobalt);
    font-size: 14px;
    margin-top: 4px;
  }
  .with {
    margin: 0 0 2px;
    font-size: var(--small);
  }
  .gate {
    display: flex;
    align-items: center;
    gap: 10px;
    color: var(--soft);
    font-size: var(--small);
    margin: 6px 0;
  }
  .gate::before,
  .gate::after {
    content: "";
    flex: 1;
    border-top: 1.5px dashed var(--leaf);
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  li button {
    display: flex;
    align-items: center;
    gap: 10px;
    width: 100%;
    min-height: 44px;
    border: 0;
    border-radius: 10px;
    background: none;
    text-align: left;
    padding: 4px 6px;
    cursor: pointer;
  }
  li button:hover {
    background: var(--wash);
  }
  .words {
    flex: 1;
    display: flex;
    flex-direction: column;
  }
  .grams {
    font-weight: 700;
  }
</style>
