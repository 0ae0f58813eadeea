<script lang="ts">
  import { theDesk } from "../../desk/order.svelte";
  import { isShortcut } from "../../parts/keys";
  import Dialog from "../../parts/Dialog.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { addressed, go } from "../../router";
  import { newDesign } from "../cookie/newDesign";
  import Bundles from "./Bundles.svelte";
  import DoughSlip from "./DoughSlip.svelte";
  import DesignTile from "./DesignTile.svelte";
  import LibraryPicker from "./LibraryPicker.svelte";
  import OrderSlip from "./OrderSlip.svelte";
  import Palette from "./Palette.svelte";

  const desk = theDesk();

  const order = $derived(Number(addressed().order));
  let adding = $state(false);
  let library: Dialog;

  // All cookies at one scale: as large as lets the widest and the tallest fit its place.
  const TILE = { width: 250, height: 150, most: 1.6 };
  const pxPerMm = $derived(
    Math.min(
      TILE.most,
      ...desk.designs.flatMap((d) =>
        d.cookie ? [TILE.width / d.cookie.box.widthMm, TILE.height / d.cookie.box.heightMm] : [],
      ),
    ),
  );

  async function add() {
    if (adding) return;
    adding = true;
    const id = await desk.addDesign(
      newDesign(
        desk.palette,
        desk.designs.map((d) => d.document),
      ),
      12,
    );
    adding = false;
    if (id !== null) go(`/orders/${order}/cookie/${id}`);
  }

  function pressed(event: KeyboardEvent) {
    if (isShortcut(event, "n")) {
      event.preventDefault();
      void add();
    }
  }

  function move(event: KeyboardEvent) {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    const tiles = [...document.querySelectorAll<HTMLElement>("[data-tile]")];
    const at = tiles.indexOf(event.target as HTMLElement);
    if (by === undefined || at < 0) return;
    event.preventDefault();
    tiles[Math.max(0, Math.min(tiles.length - 1, at + by))]?.focus();
  }
</script>

<svelte:window onkeydown={pressed} />

<Dialog bind:this={library} title="From the library" wide>
  <LibraryPicker
    ontaken={(id) => {
      library.close();
      go(`/orders/${order}/cookie/${id}`);
    }}
  />
</Dialog>

<div class="set">
  <main>
    <Palette />
    <Sheet label="The tray">
      {#if desk.designs.length === 0}
        <div class="empty">
          <h2>An empty tray</h2>
          <p>Add a design: pick its cutter, say what goes on it, and how many you need.</p>
          <Press key="n" onpress={add}>Add the first design</Press>
          <Press plain onpress={() => library.show()}>Take one from the library</Press>
          <Press plain onpress={() => go(`/orders/${order}/drawing`)}>Read a drawing</Press>
        </div>
      {:else}
        <!-- Arrow keys go from design to design; each tile is a link of its own. -->
        <!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
        <ul class="tray" onkeydown={move}>
          {#each desk.designs as design, i (design.id)}
            <DesignTile
              {design}
              {order}
              {pxPerMm}
              first={i === 0}
              last={i === desk.designs.length - 1}
            />
          {/each}
        </ul>
        <p class="soft scale">
          <span>all at one scale · arrows move, + and − change the count, enter opens</span>
          <span class="ruler" style:width="{50 * pxPerMm}px">50 mm</span>
        </p>
      {/if}
    </Sheet>
    <Bundles />
  </main>
  <aside>
    <OrderSlip onadd={add} onlibrary={() => library.show()} />
    <DoughSlip />
  </aside>
</div>

<style>
  .set {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 312px;
    gap: 16px;
    align-items: start;
  }
  main,
  aside {
    display: grid;
    gap: 16px;
    min-width: 0;
  }
  .tray {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
    gap: 8px;
    min-height: 400px;
    align-content: start;
  }
  .scale {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 24px;
    justify-content: space-between;
    align-items: end;
    margin-top: 8px;
  }
  .ruler {
    border: 1.5px solid var(--soft);
    border-top: 0;
    height: 18px;
    text-align: center;
    font-size: var(--least);
    line-height: 14px;
  }
  .empty {
    display: grid;
    gap: 12px;
    justify-items: start;
    align-content: center;
    min-height: 360px;
    padding: 24px;
  }
  @media (max-width: 1000px) {
    .set {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
