<script lang="ts">
  // Drops of gel in groups of five, to count by; dabs as toothpicks.
  let { hex, drops, dabs }: { hex: string; drops: number; dabs: number } = $props();

  const MOST = 60;
  const shown = $derived(Math.min(MOST, drops));
</script>

<span class="drops" aria-hidden="true">
  {#each { length: Math.ceil(shown / 5) }, group (group)}
    {@const inGroup = Math.min(5, shown - group * 5)}
    <svg viewBox="0 0 {inGroup * 10} 14" width={inGroup * 8.6} height="12">
      {#each { length: inGroup }, i (i)}
        <path
          d="M{i * 10 + 5} 0.8C{i * 10 + 6.4} 4.2 {i * 10 + 9} 6.4 {i * 10 + 9} 9.2A4 4 0 0 1 {i *
            10 +
            1} 9.2C{i * 10 + 1} 6.4 {i * 10 + 3.6} 4.2 {i * 10 + 5} 0.8Z"
          fill={hex}
          stroke="#1B2440"
          stroke-width="1"
        />
      {/each}
    </svg>
  {/each}
  {#if drops > MOST}<span class="more">and {drops - MOST} more</span>{/if}
  {#each { length: dabs }, i (i)}
    <svg viewBox="0 0 9 14" width="8" height="12">
      <path d="M8 0.5L2.6 9.4" stroke="#B98D56" stroke-width="1.6" stroke-linecap="round" />
      <circle cx="2.6" cy="10.8" r="2.1" fill={hex} stroke="#1B2440" stroke-width="0.9" />
    </svg>
  {/each}
</span>

<style>
  .drops {
    display: inline-flex;
    flex-wrap: wrap;
    gap: 3px 5px;
    align-items: center;
  }
  .more {
    font-size: var(--least);
    color: var(--soft);
  }
</style>
