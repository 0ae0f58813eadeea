<script lang="ts">
  import { tick } from "svelte";
  import { theDesk } from "../../desk/order.svelte";
  import Thumb from "../../marks/Thumb.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { addressed, go } from "../../router";
  import CutterForm from "./CutterForm.svelte";
  import DesignActs from "./DesignActs.svelte";
  import DesignHead from "./DesignHead.svelte";
  import Drawing from "./Drawing.svelte";
  import { Hand } from "./hand.svelte";
  import type { DesignView } from "../../api/types";
  import MoveList from "./MoveList.svelte";
  import { newDesign } from "./newDesign";
  import { smallView } from "./small";
  import SmallHead from "./SmallHead.svelte";

  const desk = theDesk();

  const order = $derived(Number(addressed().order));
  const chosen = $derived(Number(addressed().design));
  const design = $derived(desk.design(chosen) ?? (chosen ? undefined : desk.designs[0]));
  const shownId = $derived(design?.id);
  /** The design that has just been added. */
  let fresh = $state<number | null>(null);
  // The move whose small design is looked at, and of which design: another one is looked at as a whole.
  let entered = $state<{ design: number; at: number } | null>(null);
  const within = $derived(entered && entered.design === shownId ? entered.at : null);
  const shown = $derived(design && within !== null ? smallView(design, within) : design);
  // Nothing of one design is in hand at another.
  const hand = $derived.by(() => {
    const id = shownId;
    const at = within;
    if (id === undefined) return null;
    const whole = () => desk.design(id) as DesignView;
    return at === null
      ? new Hand(desk, whole, null, (inner) => (entered = { design: id, at: inner }))
      : new Hand(desk, () => smallView(whole(), at), at);
  });

  /** From the small design to its move. */
  function back() {
    const at = within;
    entered = null;
    void tick().then(() => at !== null && hand?.take(at));
  }

  function shifted(event: KeyboardEvent, id: number) {
    const by = { ArrowUp: -1, ArrowLeft: -1, ArrowDown: 1, ArrowRight: 1 }[event.key];
    if (!event.altKey || by === undefined) return;
    event.preventDefault();
    void desk
      .shiftDesign(id, by)
      .then(() => document.querySelector<HTMLElement>(`[data-design="${id}"]`)?.focus());
  }

  async function add() {
    const id = await desk.addDesign(
      newDesign(
        desk.palette,
        desk.designs.map((d) => d.document),
      ),
      12,
    );
    fresh = id;
    if (id !== null) go(`/orders/${order}/cookie/${id}`);
  }
</script>

{#if design && shown && hand}
  <div class="cookie">
    <nav aria-label="Designs">
      {#each desk.designs as other (other.id)}
        <a
          href="/orders/{order}/cookie/{other.id}"
          data-design={other.id}
          aria-current={other.id === design.id ? "true" : undefined}
          aria-label={other.document.name}
          title="{other.document.name} (alt and the arrows move it)"
          onkeydown={(event) => shifted(event, other.id)}
        >
          <Thumb design={other} hexes={desk.hexes} />
        </a>
      {/each}
      <button aria-label="Add a design" title="Add a design" onclick={add}>+</button>
      <a
        class="drawn"
        href="/orders/{order}/drawing"
        title="A design of a drawing or a picture of yours">from a drawing</a
      >
    </nav>
    {#key hand}
      <main>
        <Sheet label={shown.document.name}>
          {#if within === null}
            <DesignHead {design} />
          {:else}
            <SmallHead {design} small={shown} onback={back} />
          {/if}
          <Drawing
            design={shown}
            {hand}
            isNew={within === null && fresh === design.id && design.document.moves.length <= 2}
          />
          {#if within === null}
            <CutterForm {design} />
            <DesignActs {design} />
          {/if}
        </Sheet>
      </main>
      <aside>
        <Sheet label="Moves"><MoveList design={shown} {hand} /></Sheet>
      </aside>
    {/key}
  </div>
{:else}
  <main class="none">
    <Sheet>
      {#if desk.designs.length === 0}
        <h2>No design yet</h2>
        <p>Start with a plain round; its cutter, colours and moves are all yours to change.</p>
        <Press onpress={add}>Add a design</Press>
      {:else}
        <h2>This design is not on the tray</h2>
        <p>It may have been taken off. <a href="/orders/{order}/cookie">Open the first one</a></p>
      {/if}
    </Sheet>
  </main>
{/if}

<style>
  .cookie {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr) 410px;
    gap: 16px;
    align-items: start;
  }
  nav {
    display: flex;
    flex-direction: column;
    gap: 10px;
  }
  nav a,
  nav button {
    display: flex;
    align-items: center;
    justify-content: center;
    height: 84px;
    padding: 10px;
    border: 2px solid var(--cobalt);
    border-radius: var(--round);
    background: var(--enamel);
  }
  nav a :global(svg) {
    width: 100%;
    height: 100%;
  }
  nav a[aria-current] {
    border: 3px solid var(--brass-line);
  }
  nav .drawn {
    height: auto;
    min-height: 44px;
    padding: 4px;
    border: 0;
    background: none;
    font-size: var(--least);
    text-align: center;
  }
  nav button {
    height: 44px;
    font-size: 22px;
    color: var(--cobalt);
    cursor: pointer;
    background: none;
    border-style: dashed;
  }
  main {
    position: sticky;
    top: 8px;
  }
  .none {
    position: static;
    max-width: 560px;
    margin: 0 auto;
  }
  .none p {
    margin: 10px 0 14px;
  }
  @media (max-width: 1120px) {
    .cookie {
      grid-template-columns: minmax(0, 1fr);
    }
    main {
      position: static;
    }
    nav {
      flex-direction: row;
      overflow-x: auto;
      padding: 3px;
    }
    nav a,
    nav button {
      flex: 0 0 76px;
      height: 76px;
    }
  }
</style>
