<script lang="ts">
  import { theDesk } from "../../desk/order.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, timeOf } from "../../units/format";
  import BenchDevice from "./BenchDevice.svelte";
  import { isElsewhere, type Standing } from "./steps";
  import { lineOf, lineOfOther, local } from "./words";

  // What comes next for the hands: of this order, each to be opened, and of the others.
  const { bench } = theDesk();
  let {
    all,
    second,
    onchoose,
  }: { all: Standing[]; second: number; onchoose: (key: string) => void } = $props();

  const NEXT = 5;
  const OTHERS = 3;

  const others = $derived(bench.view?.others ?? []);
  // What other hands have begun is known first.
  const next = $derived(
    [true, false].flatMap((begun) =>
      all.filter((one) => isElsewhere(one.now, bench.device) === begun),
    ),
  );

  function whenOf(one: Standing): string {
    if (isElsewhere(one.now, bench.device)) return `at ${one.now.device}`;
    if (one.now.cant) return one.now.cant;
    if (one.readyAt !== null && one.readyAt > second) return `from ${timeOf(local(one.readyAt))}`;
    return one.step.from ? `${dayOf(one.step.from)} ${timeOf(one.step.from)}` : "";
  }
</script>

<Sheet label="Next at the bench">
  <h2>Next at the bench</h2>
  <ol>
    {#each next.slice(0, NEXT) as one (one.step.key)}
      <li>
        <button onclick={() => onchoose(one.step.key)}>
          <span>{lineOf(one.step)}</span>
          <span class="soft">{whenOf(one)}</span>
        </button>
      </li>
    {:else}
      <li class="soft">nothing more</li>
    {/each}
  </ol>
  {#if all.length > NEXT}<p class="soft">and {all.length - NEXT} more</p>{/if}
  <BenchDevice />
</Sheet>
{#if others.length > 0}
  <Sheet label="Other orders">
    <h2>Other orders</h2>
    <ol>
      {#each others.slice(0, OTHERS) as other (other.order)}
        <li>
          <a href="/orders/{other.order}/bench">
            <span>{other.orderName}: {lineOfOther(other)}</span>
            <span class="soft">{dayOf(other.from)} {timeOf(other.from)}</span>
          </a>
        </li>
      {/each}
    </ol>
  </Sheet>
{/if}

<style>
  ol {
    margin: 6px 0;
    padding: 0;
    list-style: none;
  }
  li button,
  li a {
    color: inherit;
    text-decoration-color: var(--line);
    display: flex;
    justify-content: space-between;
    gap: 10px;
    width: 100%;
    min-height: 56px;
    padding: 6px 0;
    border: 0;
    border-top: 1px solid var(--line);
    background: none;
    text-align: left;
    cursor: pointer;
  }
  li button .soft,
  li a .soft {
    text-align: right;
    flex: none;
    max-width: 45%;
  }
</style>
