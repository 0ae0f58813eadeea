<script lang="ts">
  import type { DrawnShape } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { addressed, go } from "../../router";
  import { fixed, plural } from "../../units/format";
  import CutWith from "./CutWith.svelte";
  import DrawnPicture from "./DrawnPicture.svelte";
  import { drawnFor, savedDesign } from "./drawn.svelte";
  import DropFile from "./DropFile.svelte";
  import Examples from "./Examples.svelte";
  import ShapeRow from "./ShapeRow.svelte";
  import Traced from "./Traced.svelte";

  // A drawing of hers becomes a design: what was read of it, and what each shape becomes.
  const desk = theDesk();
  const drawn = $derived(drawnFor(desk.id));
  const again = $derived(Number(addressed().design) || null);
  let chosen = $state<string[]>([]);
  let isPointing = $state(false);
  let points = $state<{ x: number; y: number }[]>([]);
  let isMaking = $state(false);

  const preview = $derived(drawn.preview);
  const notes = $derived([...drawn.notes, ...(preview?.notes ?? [])]);
  const fresh = $derived(
    preview?.colours.filter((one) => drawn.match(one.colour).key === null) ?? [],
  );
  const known = $derived([
    ...new Set(
      (preview?.colours ?? []).flatMap((one) => {
        const key = drawn.match(one.colour).key;
        return key === null ? [] : [desk.colourName(key)];
      }),
    ),
  ]);

  async function take(file: File) {
    chosen = [];
    if (file.name.endsWith(".json")) {
      const design = await savedDesign(file);
      const id = design && (await desk.addDesignFile(design));
      if (id) go(`/orders/${desk.id}/cookie/${id}`);
      else if (!design) drawn.trouble = "This file is no design that was saved here.";
      return;
    }
    await drawn.open(file);
  }

  function choose(shape: DrawnShape) {
    chosen = chosen.length === 1 && chosen[0] === shape.id ? [] : [shape.id];
  }

  async function make() {
    if (isMaking || !drawn.file) return;
    isMaking = true;
    const name = drawn.file.name.replace(/\.[a-z]+$/i, "").slice(0, 80) || "Drawing";
    const called = name.charAt(0).toUpperCase() + name.slice(1);
    const id = again
      ? await desk.drawAgain(again, drawn.wanted(called, 1))
      : await desk.addDrawn(drawn.wanted(called, 12));
    isMaking = false;
    if (id !== null) go(`/orders/${desk.id}/cookie/${id}`);
  }
</script>

{#if !preview}
  <main class="start">
    <Sheet label="A drawing of yours">
      <h2>A drawing of yours</h2>
      <DropFile trouble={drawn.trouble} onfile={take} />
      <Examples onfile={take} />
      <Traced {drawn} />
      {#if drawn.isReading}<p class="soft" role="status">Reading it …</p>{/if}
    </Sheet>
  </main>
{:else}
  <div class="both">
    <main>
      <Sheet label="A drawing of yours">
        <div class="head">
          <h2>A drawing of yours</h2>
          <span class="soft">{drawn.file?.name}, {fixed((drawn.file?.size ?? 0) / 1000, 0)} kB</span
          >
        </div>
        <DrawnPicture
          {drawn}
          {chosen}
          {points}
          onchoose={choose}
          onpoint={isPointing
            ? (point) => (points = points.length === 2 ? [point] : [...points, point])
            : undefined}
        />
        <Traced {drawn} />
        <CutWith
          {drawn}
          {points}
          {isPointing}
          onpointing={() => {
            isPointing = !isPointing;
            points = [];
          }}
          ondone={() => {
            isPointing = false;
            points = [];
          }}
        />
      </Sheet>
    </main>
    <section>
      <Sheet label="What each shape becomes">
        <div class="head">
          <h2>What each shape becomes</h2>
          <span class="soft"
            >{plural(preview.regions.length, "shape")}, {plural(
              preview.colours.length,
              "colour",
            )}</span
          >
        </div>
        <ul>
          {#each drawn.groups as group (group.colour + group.becomes + group.own)}
            <ShapeRow {drawn} {group} {chosen} onchoose={(ids) => (chosen = ids)} />
          {/each}
        </ul>
        {#if notes.length > 0}
          <ul class="notes">
            {#each notes as note (note)}<li>{note}</li>{/each}
          </ul>
        {/if}
        {#if drawn.trouble}<p class="trouble" role="alert">{drawn.trouble}</p>{/if}
        <p>
          {#if known.length > 0}In the palette: <strong>{known.join(", ")}</strong>.{/if}
          {#if fresh.length > 0}New: <strong
              >{fresh.map((one) => drawn.match(one.colour).name).join(", ")}</strong
            >.{/if}
        </p>
        <div class="acts">
          <Press onpress={make} disabled={isMaking}
            >{again ? "Put it into the design" : "Make the design"}</Press
          >
          <DropFile compact trouble="" onfile={take} />
        </div>
      </Sheet>
    </section>
  </div>
{/if}

<style>
  .both {
    display: grid;
    grid-template-columns: minmax(0, 5fr) minmax(0, 7fr);
    gap: 16px;
    align-items: start;
  }
  .start {
    max-width: 640px;
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 4px 12px;
    align-items: baseline;
    margin-bottom: 8px;
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  .soft {
    color: var(--soft);
    font-size: var(--small);
  }
  .notes {
    border-left: 3px solid var(--brass-line);
    padding-left: 12px;
    margin: 10px 0;
  }
  .trouble {
    color: var(--tomato);
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
    position: sticky;
    bottom: 0;
    background: var(--enamel);
    padding: 8px 0;
  }
  @media (max-width: 900px) {
    .both {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
