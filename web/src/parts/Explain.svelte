<script lang="ts">
  import { EXPLAINED, type Explained } from "./explained";

  // What a word of the craft means: a press beside the word, and a small drawing.
  let { word }: { word: Explained } = $props();

  const id = $props.id();
  const one = $derived(EXPLAINED[word]);
</script>

<button
  type="button"
  class="ask"
  popovertarget="{id}-what"
  aria-label="What is {one.title}?"
  title="What is {one.title}?">?</button
>
<span popover id="{id}-what" class="what" role="note">
  <svg viewBox="0 0 120 60" aria-hidden="true">
    {#each one.drawing as part, i (i)}
      <path
        d={part.path}
        fill={part.fill ?? "none"}
        stroke={part.stroke ?? "#1B2440"}
        stroke-width="1.6"
      />
    {/each}
  </svg>
  <strong>{one.title}</strong>
  <span>{one.says}</span>
</span>

<style>
  .ask {
    position: relative;
    width: 18px;
    height: 18px;
    padding: 0;
    border: 1.5px solid var(--soft);
    border-radius: 50%;
    background: none;
    color: var(--soft);
    font: 600 12px/1 var(--text);
    cursor: pointer;
  }
  /* A finger hits more than the eye sees. */
  .ask::after {
    content: "";
    position: absolute;
    inset: -13px;
  }
  .what {
    max-width: min(92vw, 360px);
    padding: 16px 20px;
    border: 2px solid var(--cobalt);
    border-radius: var(--round);
    background: var(--enamel);
    color: var(--ink);
    font: 400 15px/1.4 var(--text);
  }
  .what::backdrop {
    background: rgb(27 36 64 / 0.2);
  }
  .what strong {
    display: block;
    margin: 6px 0 2px;
    font-family: var(--heading);
  }
  svg {
    width: 150px;
    height: 75px;
  }
</style>
