<script lang="ts">
  import { example } from "../../desk/example.svelte";

  // What else there is to the week: the example, what was removed, the keys.
  let { onremoved, onchange }: { onremoved: () => void; onchange: () => void } = $props();
</script>

{#if example.order !== null}
  <p class="foot">
    <span class="soft">One order is an example.</span>
    <button onclick={() => void example.takeAway(onchange)}>Take it away</button>
  </p>
{/if}
<p class="foot">
  <button onclick={onremoved}>What was removed</button>
  <span class="soft">keys: <kbd>?</kbd></span>
</p>

<style>
  .foot button {
    min-height: var(--target);
    border: 0;
    background: none;
    color: var(--cobalt);
    cursor: pointer;
  }
  .foot {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }
  .foot button {
    text-decoration: underline;
    font-size: var(--body);
  }
  kbd {
    font: inherit;
    font-weight: 600;
  }
</style>
