<script lang="ts">
  import type { MixingView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import Press from "../../parts/Press.svelte";
  import { consistency, fixed, grams, outOf, plural, stirred } from "../../units/format";
  import { locale } from "../../units/locale.svelte";
  import { doses } from "../../units/tint";
  import { sorts } from "./batches";

  // What has come about since mixing began: what was begun, what it would be now, what is mixed more for that, and what is too much.
  const desk = theDesk();
  const { mixing } = desk;
  type Since = NonNullable<MixingView["since"]>;
  type Addition = MixingView["additions"][number];
  let { since, additions }: { since: Since; additions: Addition[] } = $props();

  const spoons = $derived(locale.isUs);
  type Amounts = Since["begun"];
  const g = (grams: number) => `${fixed(grams, grams < 20 ? 1 : 0)} g`;
  const rows = $derived.by(() => {
    const row = (what: string, of: (one: Amounts) => number, shown: (n: number) => string) => ({
      what,
      begun: shown(of(since.begun)),
      now: shown(of(since.now)),
      more: of(since.more) > 0 ? shown(of(since.more)) : "",
    });
    const count = (n: number) => String(n);
    return [
      row("base", (one) => one.baseGrams, g),
      row("batches", (one) => one.batches, count),
      row("gel", (one) => one.gelGrams, g),
      row("bowls", (one) => one.bowls, count),
      row("bags", (one) => one.bags, count),
      // Dough that nobody has begun is not behind.
      ...(since.begun.doughGrams > 0 ? [row("dough", (one) => one.doughGrams, g)] : []),
      row("boxes", (one) => one.boxes, count),
    ];
  });
  const tooMuch = $derived([
    ...since.colours
      .filter((one) => one.tooMuchGrams >= 0.5)
      .map((one) => `${grams(one.tooMuchGrams)} g ${desk.colourName(one.colour)}`),
    ...(since.tooMuch.doughGrams >= 1 ? [`${grams(since.tooMuch.doughGrams)} g of dough`] : []),
    ...(since.tooMuch.boxes > 0 ? [plural(since.tooMuch.boxes, "box", "boxes")] : []),
  ]);
  const isSame = $derived(
    since.toppedUp.length === 0 &&
      tooMuch.length === 0 &&
      additions.length === 0 &&
      rows.every((one) => one.more === ""),
  );
  const isMore = (addition: Addition) => addition.pour.pour.bowls.length > 0;
  const last = $derived(additions.at(-1)?.number ?? 0);
</script>

{#if isSame}
  <p class="soft">Nothing has changed since.</p>
{:else}
  <div class="since">
    <table>
      <caption class="soft">Since mixing began</caption>
      <thead>
        <tr><th scope="col"></th><th>begun</th><th>now</th><th>still to add</th></tr>
      </thead>
      <tbody>
        {#each rows as row (row.what)}
          <tr class:more={row.more !== ""}>
            <th scope="row">{row.what}</th>
            <td>{row.begun}</td><td>{row.now}</td><td>{row.more}</td>
          </tr>
        {/each}
      </tbody>
    </table>
    {#if since.toppedUp.length > 0}
      <p>
        Topped up at the bench: {since.toppedUp
          .map((one) => `${grams(one.grams)} g ${desk.colourName(one.colour)}`)
          .join(", ")}.
      </p>
    {/if}
    {#if tooMuch.length > 0}
      <p class="too-much" role="status">
        Too much: {tooMuch.join(", ")}. Icing keeps in its jar, dough in the cold.
      </p>
    {/if}
  </div>
  {#each additions.filter(isMore) as addition (addition.number)}
    {@const batches = addition.pour.pour.batches}
    <section aria-label="Mix more, {addition.number}">
      <h3>{addition.isKept ? "Added" : "Mix more"}</h3>
      <p>
        {batches.length > 0
          ? `Mix ${grams(batches.reduce((sum, b) => sum + b.madeGrams, 0))} g of base: ${sorts(
              batches,
            )
              .map(
                ({ times, batch }) =>
                  `${times > 1 ? `${times} times ` : ""}${batch.weighed
                    .map((w) => `${grams(w.grams)} g ${w.ingredient}`)
                    .join(", ")}`,
              )
              .join("; ")}.`
          : "The base that was left over is enough."}
        {addition.pour.pour.batchCaution}
      </p>
      <ul>
        {#each addition.pour.pour.bowls as bowl (bowl.colour)}
          {@const tint = addition.tints[bowl.colour]?.recipe}
          <li>
            <BowlDisc hex={desk.hexes[bowl.colour] ?? "#888888"} size={24} />
            <span
              ><strong>{desk.colourName(bowl.colour)}</strong>
              {grams(bowl.dividedGrams)} g base{tint ? `, ${doses(tint)}` : ""}:
              {(addition.ladders[bowl.colour] ?? [])
                .map((rung) => {
                  const own = bowl.portions[rung.portion];
                  const taken = grams(rung.takenGrams + rung.sugarGrams);
                  return `${stirred(rung, spoons)}, take ${taken} g at ${consistency(rung.state, rung.countSeconds)}${own ? ` (${outOf(own)})` : ""}`;
                })
                .join("; ")}.
            </span>
          </li>
        {/each}
      </ul>
      {#if !addition.isKept}
        <p class="row">
          <Press onpress={() => mixing.mixMore()}>Keep this addition</Press>
          <span class="soft"
            >It stays as it is from then on, and from when it is begun at the bench.</span
          >
        </p>
      {:else if addition.number === last || additions[addition.number]?.isKept === false}
        <p class="row">
          <Press plain onpress={() => mixing.mixNoMore()}>Don't keep it</Press>
          <span class="soft">It follows the order again.</span>
        </p>
      {/if}
    </section>
  {/each}
{/if}

<style>
  .since {
    margin-top: 8px;
    padding-top: 8px;
    border-top: 1px solid var(--line);
  }
  table {
    border-collapse: collapse;
  }
  caption {
    text-align: left;
    padding-bottom: 4px;
  }
  th,
  td {
    padding: 2px 18px 2px 0;
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
  th {
    font-weight: 400;
    color: var(--soft);
  }
  th[scope="row"] {
    text-align: left;
  }
  .more td:last-child,
  .too-much {
    color: var(--brass);
    font-weight: 600;
  }
  .too-much {
    margin-top: 6px;
  }
  h3 {
    font-size: 14px;
    color: var(--cobalt);
    margin-top: 10px;
  }
  ul {
    list-style: none;
    margin: 4px 0 0;
    padding: 0;
  }
  li {
    display: flex;
    align-items: center;
    gap: 10px;
    padding: 3px 0;
  }
  li :global(svg) {
    flex: none;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 14px;
    margin-top: 6px;
  }
  .soft {
    color: var(--soft);
    font-size: var(--small);
  }
</style>
