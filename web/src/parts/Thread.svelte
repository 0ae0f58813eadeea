<script lang="ts">
  import { STATIONS } from "../stations/stations";

  // The thread: a knot a station, in the order of the work, each with its own state in a line.
  let { order, here, states }: { order: number; here: string; states: Record<string, string> } =
    $props();

  const at = $derived(STATIONS.findIndex((station) => station.name === here));

  // The thread is one stop of the tab key; arrows go along it.
  function keyed(event: KeyboardEvent) {
    const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    const knots = [...(event.currentTarget as HTMLElement).querySelectorAll<HTMLElement>("a")];
    const from = knots.indexOf(event.target as HTMLElement);
    if (by === undefined || from < 0 || event.altKey) return;
    event.preventDefault();
    knots[Math.max(0, Math.min(knots.length - 1, from + by))]?.focus();
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<nav aria-label="Stations" onkeydown={keyed}>
  <svg viewBox="0 0 700 20" preserveAspectRatio="none" aria-hidden="true">
    <path
      d="M2 12 C30 4 60 10 100 10 S170 4 200 10 S270 15 300 10 S370 5 400 10 S470 15 500 10 S570 5 600 10 S660 14 698 9"
      fill="none"
      stroke="#23407A"
      stroke-width="2"
      vector-effect="non-scaling-stroke"
    />
  </svg>
  <ol>
    {#each STATIONS as station, i (station.name)}
      <li>
        <a
          href="/orders/{order}{station.address}"
          aria-current={station.name === here ? "page" : undefined}
          class:past={i < at}
          tabindex={station.name === here ? 0 : -1}
        >
          <svg class="knot" viewBox="-14 -14 28 28" aria-hidden="true">
            {#if station.name === here}
              <circle r="12" fill="#23407A" />
              {#each [[0, 0], [4.4, 0], [-4.4, 0], [2.2, 3.8], [-2.2, 3.8], [2.2, -3.8], [-2.2, -3.8]] as [x, y] (`${x} ${y}`)}
                <circle cx={x} cy={y} r="1.3" fill="#fff" />
              {/each}
            {:else}
              <circle
                r="6"
                fill={i < at ? "#23407A" : "#E3E6E4"}
                stroke="#23407A"
                stroke-width="2"
              />
            {/if}
          </svg>
          <span class="name">{station.name}</span>
          <span class="state">{states[station.name] ?? ""}</span>
        </a>
      </li>
    {/each}
  </ol>
</nav>

<style>
  nav {
    position: relative;
    min-width: 0;
  }
  nav > svg {
    position: absolute;
    inset: 3px 0 auto 0;
    width: 100%;
    height: 20px;
  }
  ol {
    position: relative;
    display: grid;
    grid-template-columns: repeat(7, minmax(0, 1fr));
    margin: 0;
    padding: 0;
    list-style: none;
  }
  a {
    display: flex;
    flex-direction: column;
    align-items: center;
    text-decoration: none;
    color: var(--ink);
    text-align: center;
    border-radius: var(--round-field);
  }
  .knot {
    width: 26px;
    height: 26px;
  }
  .name {
    font-size: var(--body);
    line-height: 1.2;
  }
  a[aria-current] .name {
    font-weight: 700;
  }
  .state {
    font-size: var(--least);
    color: var(--soft);
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    max-width: 100%;
    min-height: 16px;
  }
  @media (max-width: 560px) {
    .state {
      display: none;
    }
    .name {
      font-size: var(--least);
    }
    a {
      min-height: 44px;
    }
  }
</style>
