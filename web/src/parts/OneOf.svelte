<script lang="ts" generics="Key extends string">
  // A few ways, one of which holds.
  let {
    label,
    ways,
    chosen,
    onchoose,
  }: {
    label: string;
    ways: Record<Key, string>;
    chosen: Key;
    onchoose: (key: Key) => void;
  } = $props();

  const entries = $derived(Object.entries(ways) as [Key, string][]);
</script>

<span class="ways" role="group" aria-label={label}>
  {#each entries as [key, word] (key)}
    <button aria-pressed={chosen === key} onclick={() => onchoose(key)}>{word}</button>
  {/each}
</span>

<style>
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 6px;
  }
  button {
    border: 1.5px solid var(--line);
    border-radius: var(--pill);
    background: none;
    padding: 3px 13px;
    min-height: var(--target);
    cursor: pointer;
  }
  button[aria-pressed="true"] {
    border-color: var(--cobalt);
    background: var(--wash);
    font-weight: 600;
  }
</style>
