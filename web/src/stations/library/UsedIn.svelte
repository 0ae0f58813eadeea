<script lang="ts">
  import type { UsedIn } from "../../api/types";

  // On which trays it is.
  let { uses }: { uses: UsedIn[] } = $props();
</script>

{#if uses.length > 0}
  <details>
    <summary>used in {uses.length === 1 ? "1 design" : `${uses.length} designs`}</summary>
    <ul>
      {#each uses as use (use.design)}
        <li>
          <a href="/orders/{use.order}/cookie/{use.design}"
            ><bdi>{use.name}</bdi>, <bdi>{use.orderName}</bdi></a
          >
        </li>
      {/each}
    </ul>
  </details>
{:else}
  <span class="soft">not used yet</span>
{/if}

<style>
  summary {
    cursor: pointer;
    min-height: var(--target);
    display: inline-flex;
    align-items: center;
    font-size: var(--small);
    color: var(--cobalt);
    text-decoration: underline;
  }
  ul {
    margin: 0;
    padding-left: 16px;
    font-size: var(--small);
  }
  .soft {
    display: block;
    color: var(--soft);
    font-size: var(--small);
  }
</style>
