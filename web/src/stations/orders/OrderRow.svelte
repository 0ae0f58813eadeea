<script lang="ts">
  import type { Listed } from "../../api/types";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import Menu from "../../parts/Menu.svelte";
  import { dayOf } from "../../units/dates";
  import { plural } from "../../units/format";

  // An order in a line; on a narrow screen its parts stand below each other.
  type Act = { word: string; run: () => void };
  let { order, acts }: { order: Listed; acts: Act[] } = $props();
</script>

<li>
  <a href="/orders/{order.id}"><bdi>{order.name}</bdi></a>
  <span class="soft for"><bdi>{order.client}</bdi></span>
  <span class="when">{dayOf(order.handOver)}</span>
  <span class="cookies">{plural(order.cookies, "cookie")}</span>
  <span class="soft designs" title={order.designs.join(", ")}>{order.designs.join(", ")}</span>
  <span class="discs" aria-hidden="true">
    {#each order.hexes.slice(0, 8) as hex, i (i)}<BowlDisc {hex} size={18} />{/each}
  </span>
  <Menu label="What to do with {order.name}" {acts} />
</li>

<style>
  li {
    display: grid;
    grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr) 120px 100px minmax(0, 1.4fr) 130px 44px;
    gap: 4px 14px;
    align-items: center;
    border-top: 1px solid var(--line);
    min-height: 48px;
  }
  li a {
    font-weight: 600;
    overflow-wrap: anywhere;
    padding: 10px 0;
  }
  .for,
  .designs {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .discs {
    display: flex;
  }
  @media (max-width: 900px) {
    li {
      grid-template-columns: minmax(0, 1fr) auto 44px;
      padding: 4px 0;
    }
    li a {
      grid-column: 1 / 3;
    }
    li > :global(.menu) {
      grid-column: 3;
      grid-row: 1;
    }
    .for,
    .designs {
      grid-column: 1 / -1;
      white-space: normal;
    }
    .discs {
      display: none;
    }
  }
</style>
