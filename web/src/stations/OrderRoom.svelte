<script lang="ts">
  import { notebook } from "../desk/notebook.svelte";
  import { onMount, type Snippet, tick, untrack } from "svelte";
  import { nameOfPlace } from "../desk/names";
  import { type OrderDesk, provideDesk } from "../desk/order.svelte";
  import Conflicts from "../parts/Conflicts.svelte";
  import { providePaper } from "../parts/placed";
  import SavedState from "../parts/SavedState.svelte";
  import Sheet from "../parts/Sheet.svelte";
  import Thread from "../parts/Thread.svelte";
  import UndoRedo from "../parts/UndoRedo.svelte";
  import { route, warm } from "../router";
  import { dayOf, grams, plural, timeOf } from "../units/format";
  import { weekdayOf } from "../units/dates";
  import { happened } from "./bench/happened";
  import { goToPlace, ringPlace } from "./places";
  import { STATIONS } from "./stations";

  // What all stations of an order stand in: its name, the thread, whether it is saved.
  let { desk, children }: { desk: OrderDesk; children: Snippet } = $props();

  untrack(() => {
    provideDesk(desk);
    providePaper(desk.paper);
  });

  onMount(() => {
    const soon = setTimeout(warm, 400);
    return () => clearTimeout(soon);
  });

  const here = $derived.by(() => {
    const part = route.pathname.split("/")[3] ?? "";
    // A drawing is on its way to become a cookie.
    const station = part === "drawing" ? "cookie" : part;
    return STATIONS.find((s) => s.address === (station ? `/${station}` : ""))?.name ?? "Set";
  });

  // Whoever goes along the thread by key stands on the station's knot afterwards.
  let before = untrack(() => here);
  $effect(() => {
    const now = here;
    if (now === before) return;
    before = now;
    const lost = document.activeElement === document.body || !document.activeElement?.isConnected;
    if (lost) {
      void tick().then(() =>
        document
          .querySelector<HTMLElement>("nav a[aria-current=page]")
          ?.focus({ preventScroll: true }),
      );
    }
  });

  const short = $derived(
    desk.mixing.view ? desk.mixing.view.shopping.filter((line) => line.missing > 0).length : null,
  );
  const drawn = $derived(desk.designs.filter((d) => d.document.moves.length > 0).length);
  const started = $derived.by(() => {
    const view = desk.clock.isFresh ? desk.clock.view : null;
    const first = view?.rows
      .flatMap((row) => row.runs)
      .map((run) => run.from)
      .sort()[0];
    if (!view || !first) return "";
    return view.lateMinutes > 0 ? "too late" : `start ${weekdayOf(first)} ${timeOf(first)}`;
  });
  $effect(() => {
    void desk.order?.revision;
    untrack(() => desk.clock.lookSoon());
    return () => desk.clock.forget();
  });
  const benched = $derived.by(() => {
    const steps = desk.bench.view?.steps ?? [];
    if (steps.length === 0) return "";
    const done = new Set(
      Object.entries(happened(desk.bench.pressed)).flatMap(([key, now]) =>
        now.doneAt ? [key] : [],
      ),
    );
    const left = steps.filter((step) => !done.has(step.key)).length;
    return left === 0 ? "all done" : done.size === 0 ? "not begun" : `${left} to do`;
  });
  const noted = $derived.by(() => {
    const notes = notebook.view?.notes;
    if (!notes) return "";
    const aside = notes.filter((note) => note.aside).length;
    return aside > 0 ? `${aside} to look at` : plural(notes.length, "note");
  });
  const states = $derived({
    Set: `${plural(desk.designs.length, "design")} · ${desk.cookies}`,
    Cookie: desk.designs.length ? `${drawn} of ${desk.designs.length} drawn` : "nothing yet",
    Bowls: desk.order?.begun
      ? `begun${desk.order.begun.moreGrams > 0 ? ` · ${grams(desk.order.begun.moreGrams)} g more` : ` · ${grams(desk.order.begun.begunGrams)} g`}`
      : desk.pour?.pour.bowls.length
        ? `${plural(desk.pour.pour.bowls.length, "bowl")} · ${grams(desk.pour.pour.batches.reduce((g, b) => g + b.madeGrams, 0))} g`
        : "nothing to mix",
    Clock: started,
    Bench: benched,
    Notebook: noted,
    Shelf: short === null ? "" : short === 0 ? "nothing short" : `${short} short`,
  });

  // What undo or redo has changed is shown: its design is opened, its field, move or tile is ringed for a while.
  $effect(() => {
    const changed = desk.shown;
    if (!changed) return;
    untrack(() => void ringPlace(changed.path, desk.id, here));
  });
</script>

<svelte:head>
  <title>{desk.details ? `${here}: ${desk.details.name}` : "Kind Thimble"}</title>
</svelte:head>

<div class="frame">
  <header>
    <div class="what">
      <a class="week" href="/">The week</a>
      <h1 title={desk.details?.name}>
        <bdi>{desk.details?.name || (desk.missing ? "Not here" : "…")}</bdi>
      </h1>
    </div>
    <Thread order={desk.id} {here} {states} />
    <div class="when">
      {#if desk.order}
        <strong>{dayOf(desk.order.details.handOver)}, {timeOf(desk.order.details.handOver)}</strong>
        <span class="state">
          <SavedState paper={desk.paper} onlook={(path) => void goToPlace(path, desk.id)} />
          <UndoRedo of={desk} />
        </span>
      {/if}
    </div>
  </header>

  <Conflicts paper={desk.paper} name={(path) => nameOfPlace(path, desk.order)} />

  {#if desk.missing}
    <main class="narrow">
      <Sheet>
        <h2>This order can't be opened</h2>
        <p>{desk.missing} <a href="/">Back to the week</a></p>
      </Sheet>
    </main>
  {:else if desk.order}
    {@render children()}
  {:else}
    <p class="soft" role="status">Fetching the order.</p>
  {/if}
</div>

<style>
  .frame {
    padding: 12px 24px 20px;
    max-width: 1500px;
    margin: 0 auto;
  }
  header {
    display: grid;
    grid-template-columns: minmax(150px, 200px) minmax(0, 1fr) minmax(130px, 170px);
    gap: 16px;
    align-items: start;
    margin-bottom: 10px;
    min-height: 62px;
  }
  .what h1 {
    font-size: 20px;
    overflow-wrap: anywhere;
    display: -webkit-box;
    line-clamp: 2;
    -webkit-line-clamp: 2;
    -webkit-box-orient: vertical;
    overflow: hidden;
  }
  .week {
    font-size: var(--small);
  }
  .when {
    text-align: right;
    display: flex;
    flex-direction: column;
  }
  .when strong {
    font-family: var(--heading);
    font-size: 16px;
  }
  .state {
    display: flex;
    justify-content: flex-end;
    align-items: center;
    gap: 8px;
  }
  .narrow {
    max-width: 640px;
    margin: 0 auto;
  }
  @media (max-width: 900px) {
    .frame {
      padding: 10px 12px 24px;
    }
    header {
      grid-template-columns: 1fr auto;
    }
    header > :global(nav) {
      grid-column: 1 / -1;
      grid-row: 2;
    }
  }
</style>
