<script lang="ts">
  import type { DesignView } from "../../api/types";
  import { fixed, grams, lasting } from "../../units/format";

  // Above a small design: whose it is, and the way back.
  let { design, small, onback }: { design: DesignView; small: DesignView; onback: () => void } =
    $props();

  const cookie = $derived(small.cookie);
</script>

<div class="head">
  <button onclick={onback}>‹ {design.document.name}</button>
  <h2>{small.document.name}</h2>
  <span class="soft">
    {#if cookie}{fixed(cookie.box.widthMm, 0)} × {fixed(cookie.box.heightMm, 0)} mm ·
      <strong>{grams(cookie.gramsEach)} g</strong> icing, {lasting(
        Math.max(1, cookie.handSeconds / 60),
      )} hands on each piece{/if}
  </span>
</div>

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 4px 12px;
    margin-bottom: 6px;
  }
  button {
    border: 1.5px solid var(--cobalt);
    border-radius: var(--pill);
    background: none;
    color: var(--cobalt);
    padding: 2px 14px;
    min-height: 44px;
    cursor: pointer;
  }
</style>
