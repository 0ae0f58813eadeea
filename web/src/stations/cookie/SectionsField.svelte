<script lang="ts">
  import Field from "../../parts/Field.svelte";
  import { groups, meant, sectionWords, toggled } from "./sections";

  // Which sections a move lies on: pressed here, or on the drawing.
  let {
    label,
    value,
    standIn,
    sections,
    place,
    onchange,
  }: {
    label: string;
    value: string;
    standIn: string;
    sections: string[];
    place: string;
    onchange: (words: string) => void;
  } = $props();

  const MOST = 24;
  const named = $derived(sections.map((name) => ({ name })));
  const words = $derived(value.split(/[\s,]+/).filter(Boolean));
  const lit = $derived(meant(value, named));
  const offered = $derived(groups(named));
  // Words that no section of this cookie has any more.
  const lost = $derived(words.filter((word) => meant(word, named).length === 0));
</script>

<div class="sections">
  <Field {label} {place}>
    <output>{value ? sectionWords(value, named) : standIn}</output>
  </Field>
  {#if sections.length > 1 || value}
    <div class="chips" role="group" aria-label="Sections">
      <button aria-pressed={value === ""} onclick={() => onchange("")}>{standIn}</button>
      {#each lost as word (word)}
        <button aria-pressed="true" onclick={() => onchange(toggled(value, word))}>{word}</button>
      {/each}
      {#each offered as group (group.words)}
        <button
          aria-pressed={words.includes(group.words)}
          onclick={() => onchange(words.includes(group.words) ? "" : group.words)}
          >{group.label}</button
        >
      {/each}
      {#each sections.length > 1 ? sections.slice(0, MOST) : [] as name (name)}
        <button
          aria-pressed={lit.includes(name)}
          onclick={() =>
            onchange(
              toggled(lit.includes(name) && !words.includes(name) ? lit.join(" ") : value, name),
            )}>{name}</button
        >
      {/each}
    </div>
  {/if}
</div>

<style>
  .sections {
    flex-basis: 100%;
  }
  output {
    font-weight: 600;
  }
  .chips {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
    margin-top: 5px;
  }
  button {
    border: 1.5px solid var(--line);
    border-radius: var(--pill);
    background: var(--paper);
    font-size: var(--least);
    padding: 2px 9px;
    min-height: var(--target);
    min-width: 36px;
    cursor: pointer;
  }
  button[aria-pressed="true"] {
    border-color: var(--cobalt);
    background: var(--cobalt);
    color: var(--paper);
  }
</style>
