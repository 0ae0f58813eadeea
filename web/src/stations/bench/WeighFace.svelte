<script lang="ts">
  import type { BenchStep } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import { fixed, grams } from "../../units/format";
  import { inProportion, weightBand } from "../../core/rules";
  import BigPress from "./BigPress.svelte";
  import type { StepNow } from "./happened";
  import { amountOf } from "./steps";
  import HoldPress from "./HoldPress.svelte";
  import OnScale from "./OnScale.svelte";

  // What goes on the scale, one after the other; what comes out over takes the rest with it.
  const { bench } = theDesk();
  let { step, now, ondone }: { step: BenchStep; now: StepNow; ondone: () => void } = $props();

  const mixed = $derived(step.mixed);
  type Line = Pick<BenchStep["weighed"][number], "name" | "grams">;
  const isMixing = $derived(step.weighed.length > 0 && mixed?.doing !== "FLAVOUR");
  const recipe = $derived.by<Line[]>(() => {
    if (step.weighed.length > 0 || !mixed) return step.weighed;
    if (mixed.mother)
      return [
        { name: mixed.mother, grams: mixed.motherGrams },
        { name: "white base", grams: mixed.whiteGrams },
      ];
    if (mixed.doing === "THIN" && mixed.sugarGrams > 0.05)
      return [
        { name: "taken out of the bowl", grams: mixed.grams - mixed.sugarGrams },
        { name: "icing sugar, sifted in", grams: mixed.sugarGrams },
      ];
    return [{ name: mixed.doing === "ADD_JAR" ? "out of the jar" : "base", grams: mixed.grams }];
  });
  // The rest follows what came out most over its band.
  const follows = $derived.by(() => {
    let most = -1;
    let over = 0;
    recipe.forEach((line, i) => {
      const is = now.weights[line.name];
      if (is === undefined) return;
      const by = is - line.grams;
      if (by > weightBand(line.grams) && by / line.grams > over) {
        over = by / line.grams;
        most = i;
      }
    });
    return most;
  });
  const wanted = $derived(
    follows < 0
      ? recipe.map((line) => line.grams)
      : inProportion(
          recipe.map((line) => line.grams),
          follows,
          now.weights[recipe[follows]?.name ?? ""] ?? 0,
        ),
  );
  const shown = (g: number) => (g < 20 ? fixed(g, 1) : grams(g));
  const next = $derived(recipe.findIndex((line) => now.weights[line.name] === undefined));

  const upNext = $derived(recipe[next] ?? null);
  const upGrams = $derived(upNext ? (wanted[next] ?? upNext.grams) : 0);
  const isWeighing = $derived(now.begunAt !== null || !isMixing);

  function is(line: Line, i: number): string {
    const on = now.weights[line.name];
    if (on === undefined) return "";
    const target = wanted[i] ?? line.grams;
    const off = on - target;
    if (Math.abs(off) <= weightBand(target)) return "right";
    return off > 0 ? `${shown(off)} g over` : `${shown(-off)} g to go`;
  }
</script>

{#if bench.view?.hasScale && isWeighing}
  <OnScale
    name={upNext?.name ?? "all of it is weighed"}
    wanted={upGrams}
    isTaken={!upNext}
    ontake={(g) => upNext && bench.press("WEIGHED", step.key, g, upNext.name)}
  />
  {#if bench.view.seed !== null}
    <div class="played">
      <HoldPress
        label={upNext ? `Pour ${upNext.name}` : "All of it is in"}
        sub="hold it down, let go near the mark; tap for a little"
        disabled={!upNext}
        onhold={(fromMs, toMs, isLast) =>
          upNext &&
          bench.play.act({
            what: "POUR",
            step: step.key,
            name: upNext.name,
            wanted: upGrams,
            fromMs,
            toMs,
            isLast,
          })}
      />
      <Press
        plain
        disabled={!upNext}
        onpress={() =>
          upNext &&
          bench.play.act({ what: "SPOON", step: step.key, name: upNext.name, wanted: upGrams })}
        >Spoon some off</Press
      >
    </div>
  {/if}
{/if}
<ul>
  {#each recipe as line, i (line.name)}
    <li class:next={i === next}>
      <span class="name">{line.name}</span>
      <span class="target">{shown(wanted[i] ?? line.grams)} <small>g</small></span>
      <NumberField
        label="on the scale"
        unit="g"
        least={0}
        most={20_000}
        step={0.1}
        optional
        value={now.weights[line.name] ?? null}
        onchange={(g) => g !== null && bench.press("WEIGHED", step.key, g, line.name)}
      />
      <span class="is" class:over={is(line, i).endsWith("over")}>{is(line, i)}</span>
    </li>
  {/each}
</ul>
<p class="soft follows">
  {#if follows >= 0}
    There is more {recipe[follows]?.name} than planned: the rest follows it, and the recipe stays the
    same.
  {:else}
    {upNext
      ? `Within ${fixed(weightBand(upGrams), upGrams < 1 ? 2 : 1)} g of ${shown(upGrams)} g ${upNext.name} is right. `
      : ""}What is a little over takes the rest with it.
  {/if}
</p>
{#if now.begunAt === null && isMixing}
  <BigPress
    label="Begin to mix"
    sub={step.doing === "DOUGH"
      ? "takes it off the shelf"
      : "takes it off the shelf, and keeps the plan as it is"}
    onpress={() => bench.press("BEGUN", step.key, amountOf(step))}
  />
{:else}
  <BigPress
    label={step.doing === "DOUGH"
      ? "Rolled, and in the cold"
      : isMixing
        ? "Mixed"
        : "It's in the bowl"}
    onpress={ondone}
  />
{/if}

<style>
  ul {
    list-style: none;
    margin: 8px 0 0;
    padding: 0;
  }
  li {
    display: grid;
    grid-template-columns: minmax(120px, 1.4fr) minmax(110px, 1fr) auto minmax(90px, 1fr);
    align-items: end;
    gap: 4px 16px;
    padding: 8px 0;
    border-top: 1px solid var(--line);
  }
  .played {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
  }
  .name,
  .is {
    min-height: var(--target);
    display: flex;
    align-items: center;
  }
  .next .name {
    font-weight: 700;
  }
  .target {
    font: 700 30px/44px var(--heading);
    text-align: right;
  }
  .target small {
    font-size: 16px;
  }
  .over {
    color: var(--tomato);
  }
  .follows {
    min-height: 40px;
    margin: 8px 0 14px;
  }
  @media (max-width: 600px) {
    li {
      grid-template-columns: 1fr auto;
    }
  }
</style>
