<script lang="ts">
  import { answered, api } from "../../api/client";
  import { theDesk } from "../../desk/order.svelte";
  import { toast } from "../../desk/toast.svelte";
  import Dialog from "../../parts/Dialog.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import { daysAfter, todayHere } from "../../units/dates";
  import { fixed } from "../../units/format";
  import { bagStanding, bagWord, type InBag } from "./bags";

  // What is left in the bags goes into jars on the shelf, weighed, with the day until which it is good.
  const { bench } = theDesk();
  const LEAST_GRAMS = 3;
  let dialog: Dialog;
  let weights = $state<Record<string, number>>({});
  let kept = $state<string[]>([]);

  export function show() {
    weights = {};
    kept = [];
    dialog.show();
  }

  const goodUntil = $derived(daysAfter(todayHere(), Math.floor(bench.view?.keepsDays ?? 0)));
  // Each kind of bag once, with a step that it belongs to.
  const bags = $derived.by(() => {
    const found: Record<string, { bag: InBag; step: string }> = {};
    for (const step of bench.view?.steps ?? [])
      for (const bag of step.bags)
        if (bag.fullGrams > 0) found[bagWord(bag)] ??= { bag, step: step.key };
    return Object.entries(found).map(([word, one]) => {
      const standing = bench.view && bagStanding(bench.view, bench.pressed, one.bag);
      return { word, ...one, left: Math.round((standing?.left ?? 0) * 10) / 10 };
    });
  });

  async function keep(word: string, bag: InBag, step: string, grams: number) {
    try {
      await answered(
        api.POST("/api/shelf/jars", {
          body: {
            id: null,
            name: bag.name,
            hex: bag.hex,
            grams,
            countSeconds: bag.countSeconds,
            recipe: bench.view?.recipe ?? "",
            goodUntil,
            order: null,
          },
        }),
      );
      bench.press("BAG", step, 0, word);
      kept = [...kept, word];
    } catch (e) {
      toast.say((e as Error).message);
    }
  }
</script>

<Dialog bind:this={dialog} title="End of the day">
  <p>
    Squeeze what is left out of each bag, weigh it, and cover it in its jar. It is good until {goodUntil}.
    Tips go into water.
  </p>
  <ul>
    {#each bags as { word, bag, step, left } (word)}
      {@const grams = weights[word] ?? left}
      <li>
        <span class="swatch" style:background={bag.hex}></span>
        <span class="name">{bag.name}, {fixed(bag.countSeconds, 0)} s</span>
        {#if kept.includes(word)}
          <span class="soft" role="status">in its jar</span>
        {:else}
          <NumberField
            label="left"
            unit="g"
            least={0}
            most={5_000}
            step={0.1}
            value={grams}
            onchange={(g) => (weights = { ...weights, [word]: g ?? 0 })}
          />
          <Press
            plain
            disabled={grams < LEAST_GRAMS}
            label="{bag.name}: into a jar"
            onpress={() => void keep(word, bag, step, grams)}>Into a jar</Press
          >
        {/if}
      </li>
    {:else}
      <li class="soft">No bag is filled yet.</li>
    {/each}
  </ul>
</Dialog>

<style>
  ul {
    list-style: none;
    margin: 8px 0 0;
    padding: 0;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 14px;
    padding: 8px 0;
    border-top: 1px solid var(--line);
  }
  .swatch {
    flex: none;
    width: 28px;
    height: 28px;
    border: 2px solid var(--ink);
    border-radius: 50%;
  }
  .name {
    flex: 1;
    min-width: 120px;
    font-weight: 600;
  }
</style>
