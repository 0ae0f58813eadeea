<script lang="ts">
  import type { CookieView, DesignView } from "../../api/types";
  import Explain from "../../parts/Explain.svelte";
  import { fixed, plural } from "../../units/format";
  import { theDesk } from "../../desk/order.svelte";

  const desk = theDesk();

  // The sentences to the rings on the drawing, each with what one press does about it.
  let {
    design,
    cookie,
    onlit,
  }: {
    design: DesignView;
    cookie: CookieView;
    onlit: (caution: number | null) => void;
  } = $props();

  type Caution = CookieView["cautions"][number];

  const warnings = $derived(cookie.cautions.filter((one) => one.weight !== "A_THOUGHT"));
  const thoughts = $derived(cookie.cautions.filter((one) => one.weight === "A_THOUGHT"));

  /** What a press changes, as it was measured: "+ 0.4 g, + 20 s, 1 warning fewer". */
  function changes(effect: NonNullable<Caution["effect"]>): string {
    const signed = (n: number, digits: number) =>
      `${n < 0 ? "−" : "+"} ${fixed(Math.abs(n), digits)}`;
    const parts: string[] = [];
    if (Math.abs(effect.grams) >= 0.05) parts.push(`${signed(effect.grams, 1)} g`);
    if (Math.abs(effect.handSeconds) >= 1) parts.push(`${signed(effect.handSeconds, 0)} s`);
    const fewer = effect.warningsBefore - effect.warningsAfter;
    if (fewer > 0) parts.push(`${plural(fewer, "warning")} fewer`);
    return parts.join(", ");
  }

  function mend(caution: Caution) {
    desk.editDesign(design.id, (draft) => {
      draft.document.moves = caution.moves;
      if (caution.marginMm !== null) draft.document.marginMm = caution.marginMm;
    });
    onlit(null);
  }
  function putAway() {
    desk.editDesign(design.id, (draft) => (draft.document.withoutThoughts = true));
    onlit(null);
  }
</script>

{#snippet one(caution: Caution, i: number)}
  <li
    class={caution.weight === "WILL_SPOIL" ? "spoils" : caution.weight === "MIND" ? "mind" : ""}
    onmouseenter={() => onlit(i)}
    onmouseleave={() => onlit(null)}
    onfocusin={() => onlit(i)}
    onfocusout={() => onlit(null)}
  >
    {#if caution.weight !== "A_THOUGHT"}
      <span class="number" aria-hidden="true">{i + 1}</span>
    {/if}
    <span class="words">
      {#if caution.weight !== "A_THOUGHT"}<em
          >{caution.weight === "WILL_SPOIL" ? "will spoil" : "mind"}</em
        >{/if}
      <strong>{design.document.moves[caution.move]?.move}:</strong>
      {caution.sentence}
      {#if /bleed|Dark beside light/.test(caution.sentence)}<Explain word="bleed" />{/if}
    </span>
    {#if caution.press}
      <button onclick={() => mend(caution)}>
        {caution.press}{#if caution.effect}<small>&nbsp;{changes(caution.effect)}</small>{/if}
      </button>
    {/if}
  </li>
{/snippet}

{#if warnings.length > 0}
  <ol aria-label="What is likely to go wrong">
    {#each warnings as caution, i (i)}{@render one(caution, i)}{/each}
  </ol>
{/if}
{#if cookie.cares.length > 0}
  <ul class="cares" aria-label="For whoever eats it">
    {#each cookie.cares as care (care)}<li>{care}</li>{/each}
  </ul>
{/if}
{#if thoughts.length > 0}
  <details>
    <summary>{plural(thoughts.length, "thought")}: what would take less time</summary>
    <button class="away" onclick={putAway}>Put thoughts away for this design</button>
    <ol aria-label="Thoughts">
      {#each thoughts as caution, i (i)}{@render one(caution, warnings.length + i)}{/each}
    </ol>
  </details>
{/if}

<style>
  ol {
    list-style: none;
    margin: 8px 0 0;
    padding: 0;
    display: grid;
    gap: 4px;
  }
  li {
    display: flex;
    align-items: baseline;
    gap: 8px;
    font-size: var(--small);
    padding: 2px 6px 2px 0;
    border-radius: var(--round-field);
  }
  li:hover {
    background: var(--wash);
  }
  .cares {
    margin: 8px 0 0;
    padding: 0;
    list-style: none;
    color: var(--soft);
  }
  .away {
    max-width: none;
  }
  .number {
    flex: none;
    min-width: 20px;
    border-radius: 10px;
    background: var(--soft);
    color: var(--paper);
    font-size: var(--least);
    font-weight: 700;
    text-align: center;
  }
  .words {
    flex: 1;
  }
  em {
    font-style: normal;
    font-weight: 700;
    margin-right: 4px;
  }
  .spoils em,
  .spoils button {
    color: var(--tomato);
  }
  .spoils .number {
    background: var(--tomato);
  }
  .mind em,
  .mind button {
    color: var(--brass);
  }
  .mind .number {
    background: var(--brass);
  }
  small {
    display: block;
    font-size: var(--least);
    font-weight: 400;
  }
  summary {
    min-height: var(--target);
    display: flex;
    align-items: center;
    color: var(--soft);
    font-size: var(--small);
    cursor: pointer;
  }
  button {
    flex: none;
    max-width: 46%;
    border: 1.5px solid currentColor;
    border-radius: var(--pill);
    background: none;
    color: var(--cobalt);
    font-weight: 600;
    padding: 2px 12px;
    cursor: pointer;
    min-height: var(--target);
  }
</style>
