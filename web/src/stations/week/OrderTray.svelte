<script lang="ts">
  import type { WeekView } from "../../api/types";
  import Thumb from "../../marks/Thumb.svelte";
  import Menu from "../../parts/Menu.svelte";
  import { dayOf, lasting, plural, timeOf } from "../../units/format";

  // An order as a tray of its own cookies: the more of a design, the more of it on the tray.
  type Tray = WeekView["orders"][number];
  let {
    order,
    begins = null,
    lateMinutes = 0,
    oncopy,
    onarchive,
    onremove,
  }: {
    order: Tray;
    begins?: string | null;
    lateMinutes?: number;
    oncopy: () => void;
    onarchive: () => void;
    onremove: () => void;
  } = $props();

  const PLACES = 6;
  const total = $derived(order.designs.reduce((n, d) => n + d.count, 0));
  const hexes = $derived(Object.fromEntries(order.details.palette.map((c) => [c.key, c.hex])));
  const laid = $derived.by(() => {
    const room = Math.max(PLACES, Math.min(9, order.designs.length));
    return order.designs
      .flatMap((design) => {
        const share = Math.round((design.count / Math.max(1, total)) * room);
        const places = Math.max(1, Math.min(3, design.count, share));
        return Array.from({ length: places }, (_, i) => ({ design, key: `${design.id}-${i}` }));
      })
      .slice(0, 9);
  });
</script>

<article>
  <a href="/orders/{order.id}">
    <span class="tray">
      {#each laid as place (place.key)}
        <span class="place"><Thumb design={place.design} {hexes} flat /></span>
      {:else}
        <span class="soft">an empty tray</span>
      {/each}
    </span>
    <span class="name" title={order.details.name}><bdi>{order.details.name}</bdi></span>
    <span class="soft">
      {timeOf(order.details.handOver)}, {plural(total, "cookie")}
      {#if order.details.client && order.details.client !== order.details.name}
        <bdi class="for">{order.details.client}</bdi>
      {/if}
    </span>
    <span class="soft begins" class:late={lateMinutes > 0}>
      {#if lateMinutes > 0}
        {lasting(lateMinutes)} late by the clock
      {:else if begins}
        start {dayOf(begins)} {timeOf(begins)}
      {/if}
    </span>
  </a>
  <span class="acts">
    <Menu
      label="What to do with {order.details.name}"
      acts={[
        { word: "Copy as a new order", run: oncopy },
        { word: "Put away (archive)", run: onarchive },
        { word: "Remove", run: onremove },
      ]}
    />
  </span>
</article>

<style>
  /* As high before the clock has answered as after it. */
  .begins {
    min-height: 2.6em;
  }
  .begins.late {
    color: var(--tomato);
  }
  article {
    position: relative;
    border: 2px solid var(--cobalt);
    border-radius: var(--round);
    background: var(--tray);
    min-width: 0;
  }
  a {
    display: flex;
    flex-direction: column;
    padding: 8px 10px 10px;
    color: var(--ink);
    text-decoration: none;
    border-radius: 12px;
  }
  .tray {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 6px;
    align-items: center;
    min-height: 48px;
    padding: 30px 0 8px;
    margin-bottom: 6px;
    border-bottom: 1px solid var(--line);
  }
  .tray > .soft {
    grid-column: 1 / -1;
  }
  .place {
    height: 40px;
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
    display: -webkit-box;
    line-clamp: 3;
    -webkit-line-clamp: 3;
    -webkit-box-orient: vertical;
    overflow: hidden;
  }
  .soft {
    overflow-wrap: anywhere;
  }
  .acts {
    position: absolute;
    top: 0;
    right: 0;
  }
</style>
