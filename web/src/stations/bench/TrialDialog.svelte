<script lang="ts">
  import type { BenchStep } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import Dialog from "../../parts/Dialog.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import { fixed, plural } from "../../units/format";
  import { fullness } from "./arithmetic";
  import { bagStanding } from "./bags";
  import type { StepNow } from "./happened";
  import OnScale from "./OnScale.svelte";

  // One cookie weighed bare and iced says how full the hand ices today; the plan can follow it.
  const desk = theDesk();
  const { bench } = desk;
  let { step, now }: { step: BenchStep; now: StepNow } = $props();

  let dialog: Dialog;
  export function show() {
    dialog.show();
  }

  const bare = $derived(now.weights.bare ?? null);
  const iced = $derived(now.weights.iced ?? null);
  const times = $derived(
    bare !== null && iced !== null ? fullness(bare, iced, step.icedGrams, step.coatGrams) : null,
  );
  const NEAR = 0.02;
  const isAsPlanned = $derived(times !== null && Math.abs(times - 1) < NEAR);
  const planned = $derived(desk.details?.fullness ?? 1);
  const g = (grams: number) => fixed(grams, 1);

  function weighed(word: "bare" | "iced", grams: number | null) {
    if (grams !== null) bench.press("WEIGHED", step.key, grams, word);
  }

  function follow() {
    if (times === null) return;
    const to = Math.round(planned * times * 100) / 100;
    desk.editDetails((details) => (details.fullness = to), "fullness");
  }

  // What is mixed already stays as it is: where it would not reach with such a hand, it is said.
  const short = $derived(
    times === null || !bench.view
      ? []
      : step.bags
          .map((bag) => bench.view && bagStanding(bench.view, bench.pressed, bag))
          .filter((one) => one !== null)
          .map(({ bag, left, toGo }) => ({
            name: bag.name,
            grams:
              toGo * bag.eachGrams * (times ?? 1) -
              (left + (bag.bags - 1) * bag.fullGrams - bag.keepsGrams),
          }))
          .filter((one) => one.grams > 1),
  );
</script>

<Dialog bind:this={dialog} title="A trial cookie">
  <p>
    Weigh one cookie before this pass and after it. By the plan the pass puts {g(step.icedGrams)} g on
    it, {g(step.coatGrams)} g of them coat.
  </p>
  {#if bench.view?.hasScale}
    <OnScale
      name={bare === null ? "bare" : iced === null ? "the same one, iced" : "both are weighed"}
      wanted={0}
      isTaken={iced !== null}
      ontake={(grams) => weighed(bare === null ? "bare" : "iced", grams)}
    />
    {#if bench.view.seed !== null}
      <div class="row">
        <Press
          plain
          onpress={() => bench.play.act({ what: "BARE", step: step.key, name: "trial", nth: 1 })}
          >Put it on bare</Press
        >
        <Press
          plain
          disabled={bare === null}
          onpress={() =>
            bench.play.act({
              what: "ICED",
              step: step.key,
              name: "trial",
              nth: 1,
              wanted: step.icedGrams,
            })}>Put it on iced</Press
        >
      </div>
    {/if}
  {/if}
  <div class="row">
    <NumberField
      label="bare"
      unit="g"
      least={0}
      most={2_000}
      step={0.1}
      optional
      value={bare}
      onchange={(grams) => weighed("bare", grams)}
    />
    <NumberField
      label="iced"
      unit="g"
      least={0}
      most={2_000}
      step={0.1}
      optional
      value={iced}
      onchange={(grams) => weighed("iced", grams)}
    />
  </div>
  {#if bare !== null && iced !== null}
    <div role="status">
      {#if times === null}
        <p class="short">
          That makes {g(iced - bare)} g of icing where {g(step.icedGrams)} g are planned: weigh both once
          more.
        </p>
      {:else}
        <p class="big">
          {fixed(times, 2)} <small>times as full as planned</small>
        </p>
        <p class="soft">
          ({g(iced)} - {g(bare)} - {g(step.icedGrams - step.coatGrams)} g of lines and dots) / {g(
            step.coatGrams,
          )} g
        </p>
        {#if isAsPlanned}
          <p>The plan has it so.</p>
        {:else}
          <p>
            <Press onpress={follow}>Plan all coats {fixed(planned * times, 2)} times as full</Press>
          </p>
          <p class="soft">
            It changes what is not mixed yet; Bowls says what to top up of what is. Undo takes it
            back.
          </p>
        {/if}
        {#each short as one (one.name)}
          <p class="short">
            What is mixed of {one.name} would be {g(one.grams)} g short for the cookies to go.
          </p>
        {:else}
          <p class="soft">
            What is mixed reaches for the {plural(step.cookies, "cookie")} of this tray and those after
            it.
          </p>
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
