<script lang="ts">
  import type { Snippet } from "svelte";

  let {
    children,
    label,
    padding = "16px 20px",
  }: { children: Snippet; label?: string; padding?: string } = $props();
</script>

<section class="sheet" aria-label={label} style:padding>{@render children()}</section>

<style>
  .sheet {
    background: var(--enamel);
    border: 2px solid var(--cobalt);
    border-radius: var(--round);
    min-width: 0;
  }
</style>
