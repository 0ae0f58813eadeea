<script lang="ts">
  import type { OrderView } from "../../api/types";
  import Thumb from "../../marks/Thumb.svelte";
  import { dayOf, plural, timeOf } from "../../units/format";

  // An order as a tray of its own cookies: the more of a design, the more of it on the tray.
  let { order, onremove }: { order: OrderView; onremove: () => void } = $props();

  const PLACES = 8;
  const total = $derived(order.designs.reduce((n, d) => n + d.count, 0));
  const hexes = $derived(Object.fromEntries(order.details.palette.map((c) => [c.key, c.hex])));
  const laid = $derived.by(() => {
    const room = Math.max(PLACES, order.designs.length);
    return order.designs.flatMap((design) => {
      const share = Math.round((design.count / Math.max(1, total)) * room);
      const places = Math.max(1, Math.min(3, design.count, share));
      return Array.from({ length: places }, (_, i) => ({ design, key: `${design.id}-${i}` }));
    });
  });
</script>

<article>
  <a href="/orders/{order.id}">
    <span class="tray">
      {#each laid as place (place.key)}
        <span class="place"><Thumb design={place.design} {hexes} /></span>
      {:else}
        <span class="soft">an empty tray</span>
      {/each}
    </span>
    <span class="name"
      >{order.details.name} · {dayOf(order.details.handOver).slice(0, 3)}
      {timeOf(order.details.handOver)}</span
    >
    <span class="soft"
      >{plural(total, "cookie")}{order.details.client && ` · ${order.details.client}`}</span
    >
  </a>
  <button aria-label="Take {order.details.name} out of the week" title="Take out" onclick={onremove}
    >×</button
  >
</article>

<style>
  article {
    position: relative;
    border: 2px solid var(--cobalt);
    border-radius: 14px;
    background: #f0f3f1;
  }
  a {
    display: flex;
    flex-direction: column;
    padding: 12px;
    color: var(--ink);
    text-decoration: none;
    border-radius: 12px;
  }
  .tray {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    min-height: 56px;
    padding-bottom: 10px;
    margin-bottom: 8px;
    margin-right: 14px;
    border-bottom: 1px solid var(--line);
  }
  .place {
    width: 42px;
    height: 52px;
    display: flex;
    align-items: center;
    justify-content: center;
  }
  .place :global(svg) {
    width: 100%;
    height: 100%;
  }
  .name {
    font-family: var(--heading);
    font-weight: 650;
    font-size: 16px;
    overflow-wrap: anywhere;
  }
  button {
    position: absolute;
    top: 4px;
    right: 4px;
    width: 28px;
    height: 28px;
    border: 0;
    border-radius: 50%;
    background: none;
    color: var(--soft);
    font-size: 18px;
    line-height: 1;
    cursor: pointer;
  }
  button:hover {
    background: var(--wash);
    color: var(--ink);
  }
</style>
