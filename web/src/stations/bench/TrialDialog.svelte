<script lang="ts">
  import type { BenchStep } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import Dialog from "../../parts/Dialog.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import { fixed, plural } from "../../units/format";
  import { standingOf, trial } from "../../core/rules";
  import type { StepNow } from "./happened";
  import OnScale from "./OnScale.svelte";

  // One cookie weighed bare and iced says how full the hand ices today; the plan can follow it.
  const desk = theDesk();
  const { bench } = desk;
  let { step, now }: { step: BenchStep; now: StepNow } = $props();

  const MOST_COOKIES = 6;
  let dialog: Dialog;
  export function show() {
    dialog.show();
  }

  // Cookies one after the other, each bare and iced; the first has the words of its own.
  const word = (of: "bare" | "iced", n: number) => (n === 1 ? of : `${of} ${n}`);
  const cookies = $derived.by(() => {
    const all: { n: number; bare: number | null; iced: number | null }[] = [];
    for (let n = 1; n <= MOST_COOKIES; n++) {
      const bare = now.weights[word("bare", n)] ?? null;
      const iced = now.weights[word("iced", n)] ?? null;
      all.push({ n, bare, iced });
      if (bare === null || iced === null) break;
    }
    return all;
  });
  const weighed = $derived(
    cookies.flatMap(({ bare, iced }) => (bare !== null && iced !== null ? [{ bare, iced }] : [])),
  );
  const last = $derived(cookies.at(-1) ?? { n: 1, bare: null, iced: null });
  const found = $derived(
    trial(
      weighed,
      step.icedGrams,
      step.coatGrams,
      bench.view?.cookieVariation ?? 1,
      bench.view?.handVariation ?? 0,
    ),
  );
  const planned = $derived(bench.view?.fullness ?? 1);
  const g = (grams: number) => fixed(grams, 1);

  function weigh(of: "bare" | "iced", n: number, grams: number | null) {
    if (grams !== null) bench.press("WEIGHED", step.key, grams, word(of, n));
  }

  function follow() {
    const to = Math.round(planned * found.moved * 100) / 100;
    desk.editDetails((details) => (details.fullness = to), "fullness");
  }

  // What is mixed already stays as it is: where it would not reach with such a hand, it is said.
  const short = $derived.by(() => {
    const { view, pressed } = bench;
    if (!view || found.cookies === 0) return [];
    return step.bags
      .flatMap((own) => view.bags.filter((bag) => bag.key === own.key))
      .map((bag) => ({
        key: bag.key,
        name: bag.name,
        grams: standingOf(view, pressed, bag, found.moved).shortIfFuller,
      }))
      .filter((one) => one.grams > 1);
  });
</script>

<Dialog bind:this={dialog} title="A trial cookie">
  <p>
    Weigh one cookie before this pass and after it; three are better. By the plan the pass puts {g(
      step.icedGrams,
    )} g on it, {g(step.coatGrams)} g of them coat.
  </p>
  {#if bench.view?.hasScale && last.n <= MOST_COOKIES}
    <OnScale
      name={last.iced !== null
        ? "all are weighed"
        : last.bare === null
          ? `cookie ${last.n}, bare`
          : `cookie ${last.n}, iced`}
      wanted={0}
      isTaken={last.iced !== null}
      ontake={(grams) => weigh(last.bare === null ? "bare" : "iced", last.n, grams)}
    />
    {#if bench.view.seed !== null}
      <div class="row">
        <Press
          plain
          onpress={() =>
            bench.play.act({ what: "BARE", step: step.key, name: "trial", nth: last.n })}
          >Put it on bare</Press
        >
        <Press
          plain
          disabled={last.bare === null}
          onpress={() =>
            bench.play.act({
              what: "ICED",
              step: step.key,
              name: "trial",
              nth: last.n,
              wanted: step.icedGrams,
            })}>Put it on iced</Press
        >
      </div>
    {/if}
  {/if}
  {#each cookies as { n, bare, iced } (n)}
    <div class="row" role="group" aria-label="cookie {n}">
      <NumberField
        label={n === 1 ? "bare" : `cookie ${n} bare`}
        unit="g"
        least={0}
        most={2_000}
        step={0.1}
        optional
        value={bare}
        onchange={(grams) => weigh("bare", n, grams)}
      />
      <NumberField
        label={n === 1 ? "iced" : `cookie ${n} iced`}
        unit="g"
        least={0}
        most={2_000}
        step={0.1}
        optional
        value={iced}
        onchange={(grams) => weigh("iced", n, grams)}
      />
    </div>
  {/each}
  {#if weighed.length > 0}
    <div role="status">
      {#if found.cookies === 0}
        <p class="short">
          That makes {g((weighed[0]?.iced ?? 0) - (weighed[0]?.bare ?? 0))} g of icing where {g(
            step.icedGrams,
          )} g are planned: weigh both once more.
        </p>
      {:else}
        <p class="big">
          {fixed(found.found, 2)}
          <small>times as full as planned, of {plural(found.cookies, "cookie")}</small>
        </p>
        {#if found.isAsPlanned}
          <p>The plan may stay as it is.</p>
        {:else}
          <p>
            <Press onpress={follow}
              >Plan all coats {fixed(planned * found.moved, 2)} times as full</Press
            >
          </p>
          <p class="soft">
            A cookie differs from the next, so {found.cookies === 1
              ? "one moves"
              : `${found.cookies} move`} the plan by {fixed(
              Math.abs((found.moved - 1) / (found.found - 1)) * 100,
              0,
            )} % of what was found{found.cookies < found.better
              ? `; ${found.better} cookies are better`
              : ""}. Coats only: lines and dots stay as they are. It changes what is not mixed yet;
            Bowls says what to top up of what is. Undo takes it back.
          </p>
        {/if}
        {#each short as one (one.key)}
          <p class="short">
            What is mixed of {one.name} would be {g(one.grams)} g short for the cookies to go.
          </p>
        {:else}
          <p class="soft">What is mixed reaches for all cookies to go.</p>
        {/each}
      {/if}
    </div>
  {/if}
</Dialog>

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 18px;
    margin: 10px 0;
  }
  .big {
    font: 700 46px/1.2 var(--heading);
  }
  small {
    font: 400 var(--body) var(--text);
  }
  .short {
    color: var(--tomato);
    font-weight: 600;
  }
</style>
