<script lang="ts">
  import { answered, api } from "../../../api/client";
  import type { SeeingView } from "../../../api/types";
  import { theDesk } from "../../../desk/order.svelte";
  import { fixed } from "../../../units/format";

  const desk = theDesk();

  // Whether the designs can be seen by eyes that see colours less well, and whether writing stands out.
  let list = $state.raw<SeeingView[] | null>(null);
  let trouble = $state("");

  const EYES = {
    PROTAN: "protanopia (weak in red)",
    DEUTAN: "deuteranopia (weak in green)",
    TRITAN: "tritanopia (weak in blue)",
  };
  const rows = $derived(list?.filter((d) => d.alike.length > 0 || d.writing.length > 0) ?? []);

  $effect(() => {
    // Whenever the order is stored anew, its designs are looked at again.
    const order = desk.order;
    if (order) void look(order.id);
  });

  async function look(order: number) {
    try {
      list = await answered(
        api.GET("/api/orders/{order}/colours/seeing", { params: { path: { order } } }),
      );
      trouble = "";
    } catch (e) {
      trouble = (e as Error).message;
    }
  }
</script>

{#if list && rows.length === 0}
  <p>Every eye tells neighbouring sections apart, and no writing is faint.</p>
{:else if list}
  <ul>
    {#each rows as design (design.design)}
      {#each design.alike as pair (pair.one + pair.other)}
        {#each pair.seen as seen (seen.eyes)}
          <li>
            <span class="pair" aria-hidden="true">
              <span style:background={desk.hexes[pair.one]}></span><span
                style:background={desk.hexes[pair.other]}
              ></span>
            </span>
            <span class="arrow" aria-hidden="true">→</span>
            <span class="pair" aria-hidden="true">
              <span style:background={seen.oneHex}></span><span style:background={seen.otherHex}
              ></span>
            </span>
            <span>
              <strong>{design.name}</strong>: {desk.colourName(pair.one)} beside {desk.colourName(
                pair.other,
              )} is hard to tell apart with {EYES[seen.eyes]}. Outline one of them, or make one
              lighter.
            </span>
          </li>
        {/each}
      {/each}
      {#each design.writing as writing (writing.move)}
        <li>
          <span
            class="letters"
            style:background={desk.hexes[writing.ground]}
            style:color={desk.hexes[writing.colour]}
            aria-hidden="true">Aa</span
          >
          <span>
            <strong>{design.name}</strong>: writing in {desk.colourName(writing.colour)} on {desk.colourName(
              writing.ground,
            )} has a contrast of {fixed(writing.ratio, 1)} to 1{writing.faint
              ? ": too faint to read from a step away, 3 to 1 is the least. Take a darker or a lighter one."
              : ", enough to read."}
          </span>
        </li>
      {/each}
    {/each}
  </ul>
{:else}
  <p class="soft" role="status">{trouble || "Looking through other eyes."}</p>
{/if}

<style>
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: 8px;
  }
  li {
    display: flex;
    align-items: center;
    gap: 8px;
  }
  .pair {
    display: grid;
    grid-template-columns: 20px 20px;
    height: var(--target);
    flex: none;
    border-radius: 6px;
    overflow: hidden;
    border: 1px solid var(--line);
  }
  .letters {
    width: 42px;
    height: var(--target);
    display: grid;
    place-items: center;
    font-weight: 700;
    border-radius: 6px;
    border: 1px solid var(--line);
    flex: none;
  }
</style>
