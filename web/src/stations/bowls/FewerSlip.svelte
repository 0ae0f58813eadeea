<script lang="ts">
  import type { MixingView } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { grams, plural } from "../../units/format";

  const desk = theDesk();
  const { mixing } = desk;

  // Bowls worth joining, bowls that are joined, and jars that fit a bowl.
  let { view }: { view: MixingView } = $props();

  const joined = $derived(desk.palette.filter((colour) => colour.joinedInto));
  const advice = $derived(
    view.advice.filter(
      (a) =>
        desk.palette.some((c) => c.key === a.from) && desk.palette.some((c) => c.key === a.into),
    ),
  );
  const jars = $derived(view.jars);
  const name = (design: string) =>
    view.pour.designs.find((d) => d.design === design)?.name ?? "a design";

  function join(from: string, into: string | null) {
    desk.editDetails((d) => {
      d.palette = d.palette.map((c) =>
        c.key === from ? { ...c, joinedInto: into } : c,
      ) as typeof d.palette;
    });
  }
</script>

{#if advice.length + joined.length + jars.length > 0}
  <Sheet label="One bowl fewer">
    {#if advice.length > 0}
      <h2>One bowl fewer</h2>
      {#each advice.slice(0, 2) as a (a.from)}
        <p>
          <BowlDisc hex={desk.hexes[a.from] ?? "#888888"} size={20} />
          <strong>{desk.colourName(a.from)}</strong>
          {a.deltaE < 5 ? "is a near twin of" : "is a tiny bowl; nearest is"}
          <strong>{desk.colourName(a.into)}</strong>{a.deltaE >= 5 ? ", quite another colour" : ""}.
          Joining saves <strong>{grams(a.gramsSaved)} g</strong>{a.bagsSaved > 0
            ? `, ${plural(a.bagsSaved, "bag")}`
            : ""} and <strong>{Math.round(a.minutesSaved)} min</strong>; it changes {a.designs
            .map(name)
            .join(", ")}.
        </p>
        <Press plain={a.deltaE >= 5} onpress={() => join(a.from, a.into)}>Join them</Press>
      {/each}
    {/if}
    {#each joined as colour (colour.key)}
      <p class="row">
        <span>{colour.name} comes out of {desk.colourName(colour.joinedInto ?? "")}'s bowl.</span>
        <button onclick={() => join(colour.key, null)}>Part them</button>
      </p>
    {/each}
    {#each jars as fitting (fitting.jar.id)}
      <p class="row">
        <span>
          {fitting.taken ? "In it:" : "On the shelf:"} a jar of {fitting.jar.name}, {grams(
            fitting.jar.grams,
          )} g at {fitting.jar.countSeconds} s, for {desk.colourName(fitting.bowl)}.
        </span>
        <button onclick={() => fitting.jar.id && mixing.takeJar(fitting.jar.id, !fitting.taken)}
          >{fitting.taken ? "Leave it" : "Use it up"}</button
        >
      </p>
    {/each}
  </Sheet>
{/if}

<style>
  p {
    margin: 6px 0;
  }
  p :global(svg) {
    display: inline-block;
    vertical-align: -4px;
  }
  .row {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    gap: 10px;
    font-size: 14px;
  }
  .row button {
    flex: none;
    border: 1.5px solid var(--cobalt);
    border-radius: var(--pill);
    background: none;
    color: var(--cobalt);
    padding: 2px 12px;
    cursor: pointer;
    min-height: var(--target);
  }
</style>
