<script lang="ts">
  import Field from "../../parts/Field.svelte";

  // Which sections a move lies on: typed, or picked from those there are.
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

  const words = $derived(value.split(/[\s,]+/).filter(Boolean));
  const offered = $derived.by(() => {
    if (sections.length < 2) return [];
    const divisions = [...new Set(sections.map((name) => name.charAt(0)))];
    const whole = divisions.flatMap((key) =>
      sections.filter((name) => name.startsWith(key)).length > 2
        ? [key, `${key}-odd`, `${key}-even`]
        : [key],
    );
    return [...whole, ...sections.slice(0, 24)];
  });

  function toggle(word: string) {
    onchange((words.includes(word) ? words.filter((w) => w !== word) : [...words, word]).join(" "));
  }
</script>

<div class="sections">
  <Field {label} {place}>
    <input
      {value}
      placeholder={standIn}
      maxlength="400"
      size="18"
      autocomplete="off"
      spellcheck="false"
      oninput={(e) => onchange(e.currentTarget.value)}
    />
  </Field>
  {#if offered.length > 0}
    <div class="chips" role="group" aria-label="Sections">
      {#each offered as word (word)}
        <button aria-pressed={words.includes(word)} onclick={() => toggle(word)}>{word}</button>
      {/each}
    </div>
  {/if}
</div>

<style>
  .sections {
    flex-basis: 100%;
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
    cursor: pointer;
  }
  button[aria-pressed="true"] {
    border-color: var(--cobalt);
    background: var(--cobalt);
    color: var(--paper);
  }
</style>
