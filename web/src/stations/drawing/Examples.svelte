<script lang="ts">
  // Small drawings that come with the house, to try it with.
  let { onfile }: { onfile: (file: File) => void } = $props();

  const NAMES = [
    "bee",
    "boat",
    "cloud",
    "fish",
    "house",
    "kite",
    "lantern",
    "mug",
    "spool",
    "sun",
    "tree",
    "windsock",
  ];

  async function take(name: string) {
    const answer = await fetch(`/drawings/${name}.svg`);
    onfile(new File([await answer.blob()], `${name}.svg`, { type: "image/svg+xml" }));
  }
</script>

<h3>Or try one of these</h3>
<div class="examples" role="group" aria-label="Drawings to try">
  {#each NAMES as name (name)}
    <button onclick={() => take(name)}>
      <img src="/drawings/{name}.svg" alt="" width="76" height="76" />
      {name}
    </button>
  {/each}
</div>

<style>
  h3 {
    margin: 18px 0 8px;
  }
  .examples {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(92px, 1fr));
    gap: 8px;
  }
  button {
    display: grid;
    justify-items: center;
    gap: 2px;
    border: 1.5px solid transparent;
    border-radius: var(--round-field);
    background: none;
    padding: 6px;
    cursor: pointer;
  }
  button:hover {
    background: var(--wash);
  }
  img {
    object-fit: contain;
  }
</style>
