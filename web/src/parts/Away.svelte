<script lang="ts">
  import { connection } from "../desk/connection.svelte";
</script>

{#if connection.sentence}
  <div class="away" role="alert">{connection.sentence}</div>
{/if}

<style>
  .away {
    position: sticky;
    top: 0;
    z-index: 8;
    padding: 8px 24px;
    background: var(--enamel);
    border-bottom: 2px solid var(--tomato);
    color: var(--tomato);
    font-weight: 600;
  }
</style>
