<script lang="ts">
  // Words of her own that something is found by: press one to take it off, write one to add it.
  let { of, tags, onchange }: { of: string; tags: string[]; onchange: (tags: string[]) => void } =
    $props();

  const LONGEST = 30;
  const MOST = 12;
  let isAdding = $state(false);

  function add(written: string) {
    isAdding = false;
    const tag = written.trim();
    const has = tags.some((one) => one.toLowerCase() === tag.toLowerCase());
    if (tag && !has) onchange([...tags, tag]);
  }
</script>

<span class="tags">
  {#each tags as tag (tag)}
    <button
      aria-label="Take the tag {tag} off {of}"
      title="Take it off"
      onclick={() => onchange(tags.filter((one) => one !== tag))}><bdi>{tag}</bdi> ×</button
    >
  {/each}
  {#if isAdding}
    <!-- svelte-ignore a11y_autofocus -->
    <input
      autofocus
      maxlength={LONGEST}
      autocomplete="off"
      aria-label="A tag for {of}"
      onchange={(e) => add(e.currentTarget.value)}
      onblur={(e) => add(e.currentTarget.value)}
      onkeydown={(e) => e.key === "Escape" && (isAdding = false)}
    />
  {:else if tags.length < MOST}
    <button class="more" aria-label="Add a tag to {of}" onclick={() => (isAdding = true)}
      >+ tag</button
    >
  {/if}
</span>

<style>
  .tags {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
  }
  button {
    border: 1.5px solid var(--brass-line);
    border-radius: var(--pill);
    background: none;
    color: var(--ink);
    font-size: var(--least);
    padding: 2px 14px;
    min-height: var(--target);
    cursor: pointer;
  }
  .more {
    border-style: dashed;
  }
  input {
    width: 110px;
    min-height: var(--target);
    border: 1.5px solid var(--cobalt);
    border-radius: var(--round-field);
    background: var(--paper);
    padding: 2px 8px;
  }
</style>
