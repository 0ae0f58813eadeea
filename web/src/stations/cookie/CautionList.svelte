<script lang="ts">
  import type { CookieView, DesignView } from "../../api/types";
  import Explain from "../../parts/Explain.svelte";
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

  function mend(caution: Caution) {
    desk.editDesign(design.id, (draft) => {
      draft.document.moves = caution.moves;
      if (caution.marginMm !== null) draft.document.marginMm = caution.marginMm;
    });
    onlit(null);
  }
</script>

{#if cookie.cautions.length > 0}
  <ol aria-label="What is likely to go wrong">
    {#each cookie.cautions as caution, i (i)}
      <li
        onmouseenter={() => onlit(i)}
        onmouseleave={() => onlit(null)}
        onfocusin={() => onlit(i)}
        onfocusout={() => onlit(null)}
      >
        <span class="number" aria-hidden="true">{i + 1}</span>
        <span class="words">
          <strong>{design.document.moves[caution.move]?.move}:</strong>
          {caution.sentence}
          {#if /bleed|Dark beside light/.test(caution.sentence)}<Explain word="bleed" />{/if}
        </span>
        {#if caution.press}
          <button onclick={() => mend(caution)}>{caution.press}</button>
        {/if}
      </li>
    {/each}
  </ol>
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
  .number {
    flex: none;
    min-width: 20px;
    border-radius: 10px;
    background: var(--tomato);
    color: var(--paper);
    font-size: var(--least);
    font-weight: 700;
    text-align: center;
  }
  .words {
    flex: 1;
  }
  button {
    flex: none;
    max-width: 46%;
    border: 1.5px solid var(--tomato);
    border-radius: var(--pill);
    background: none;
    color: var(--tomato);
    font-weight: 600;
    padding: 2px 12px;
    cursor: pointer;
    min-height: var(--target);
  }
</style>
