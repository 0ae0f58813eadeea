<script lang="ts">
  import { answered, api } from "../../api/client";
  import { theDesk } from "../../desk/order.svelte";
  import { toast } from "../../desk/toast.svelte";
  import Dialog from "../../parts/Dialog.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import { daysAfter, todayHere } from "../../units/dates";
  import { fixed, plural } from "../../units/format";
  import { type Bag, standingOf } from "../../core/rules";
  import { happened } from "./happened";

  // What is left in the bags goes into jars on the shelf, weighed, with the day until which it is good.
  const { bench } = theDesk();
  const LEAST_GRAMS = 3;
  const IN: Partial<Record<Bag["vessel"], string>> = {
    DIP_BOWL: ", dip bowl",
    SCRAPER: ", for the scraper",
    SPATULA: ", for the spatula",
  };
  let dialog: Dialog;
  let weights = $state<Record<string, number>>({});
  let kept = $state<string[]>([]);

  export function show() {
    weights = {};
    kept = [];
    dialog.show();
  }

  const goodUntil = $derived(daysAfter(todayHere(), Math.floor(bench.view?.keepsDays ?? 0)));
  // The bags that were filled, each kind once, with what is really left.
  const bags = $derived.by(() => {
    const { view, pressed } = bench;
    if (!view) return [];
    const nows = happened(pressed);
    return view.bags
      .filter((bag) => bag.fills.some((fill) => nows[fill.filledAt]?.begunAt))
      .map((bag) => {
        const standing = standingOf(view, pressed, bag);
        const step = view.steps.find((one) => one.bags.some((own) => own.key === bag.key));
        return {
          bag,
          step: step?.key ?? bag.fills[0]?.filledAt ?? "",
          left: Math.round(standing.leftGrams * 10) / 10,
          toGo: standing.toGo,
        };
      })
      .filter((one) => one.left >= LEAST_GRAMS || kept.includes(one.bag.key));
  });

  async function keep(bag: Bag, step: string, grams: number) {
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
            flavour: bag.making?.flavourName || null,
            order: null,
          },
        }),
      );
      bench.press("BAG", step, 0, bag.key);
      kept = [...kept, bag.key];
    } catch (e) {
      toast.say((e as Error).message);
    }
  }
</script>

<Dialog bind:this={dialog} title="End of the day">
  <p>
    Squeeze what is left out of each bag, scrape out each bowl, weigh it, and cover it in its jar.
    It is good until {goodUntil}. Tips go into water.
  </p>
  <ul>
    {#each bags as { bag, step, left, toGo } (bag.key)}
      {@const grams = weights[bag.key] ?? left}
      <li>
        <span class="swatch" style:background={bag.hex}></span>
        <span class="name"
          >{bag.name}, {fixed(bag.countSeconds, 0)} s{bag.tips.length > 0
            ? `, tip ${bag.tips.join(" > ")}`
            : (IN[bag.vessel] ?? "")}</span
        >
        {#if kept.includes(bag.key)}
          <span class="soft" role="status">in its jar</span>
        {:else if toGo > 0}
          <span class="soft"
            >{fixed(left, 0)} g for {plural(Math.round(toGo), "cookie")} to go: close {bag.bags > 1
              ? "them"
              : "it"}, and keep {bag.bags > 1 ? "them" : "it"}</span
          >
        {:else}
          <NumberField
            label="left"
            unit="g"
            least={0}
            most={5_000}
            step={0.1}
            value={grams}
            onchange={(g) => (weights = { ...weights, [bag.key]: g ?? 0 })}
          />
          <Press
            plain
            disabled={grams < LEAST_GRAMS}
            label="{bag.name}: into a jar"
            onpress={() => void keep(bag, step, grams)}>Into a jar</Press
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
