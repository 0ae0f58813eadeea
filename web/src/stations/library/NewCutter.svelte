<script lang="ts">
  import type { SeenOutline } from "../../api/types";
  import { cutters } from "../../desk/cutters.svelte";
  import { type LiesOn, outlineOf, outlineOfDrawing } from "../../desk/drawings";
  import { toast } from "../../desk/toast.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import OneOf from "../../parts/OneOf.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { go } from "../../router";
  import { fixed } from "../../units/format";
  import DropFile from "../drawing/DropFile.svelte";
  import Straighten from "../drawing/Straighten.svelte";
  import ShopFrame from "../ShopFrame.svelte";

  // A cutter of her own: from a drawing, from a photo of it on paper, or from path data.
  const SHEETS: Record<"A4" | "Letter", string> = { A4: "A4", Letter: "Letter" };
  const DRAWN_MM = 80;

  let photo = $state.raw<File | null>(null);
  let on = $state<"A4" | "Letter">("A4");
  let corners = $state<number[]>([]);
  let outline = $state.raw<SeenOutline | null>(null);
  let path = $state("");
  let name = $state("");
  let sizeMm = $state(DRAWN_MM);
  let isMeasured = $state(false);
  let trouble = $state("");
  let isBusy = $state(false);
  let drawn = $state<SVGPathElement>();
  let box = $state({ x: 0, y: 0, width: 1, height: 1 });

  $effect(() => {
    if (!path || !drawn) return;
    const { x, y, width, height } = drawn.getBBox();
    if (width > 0 && height > 0) box = { x, y, width, height };
  });

  async function busy(work: () => Promise<void>) {
    isBusy = true;
    trouble = "";
    try {
      await work();
    } catch (e) {
      trouble = (e as Error).message;
    } finally {
      isBusy = false;
    }
  }

  function seen(found: SeenOutline, truly: boolean) {
    outline = found;
    path = found.path;
    sizeMm = Math.round(found.widthMm * 10) / 10;
    isMeasured = truly;
  }

  const take = (file: File) =>
    busy(async () => {
      outline = null;
      path = "";
      if (!name) name = file.name.replace(/\.[a-z]+$/i, "").slice(0, 60);
      if (/^image\/(png|jpeg|webp)$/.test(file.type)) {
        photo = file;
        corners = [];
      } else {
        photo = null;
        seen(await outlineOfDrawing(await file.text(), DRAWN_MM), false);
      }
    });

  const measure = (picture: File) =>
    busy(async () => seen(await outlineOf(picture, on as LiesOn, corners), true));

  const keep = () =>
    busy(async () => {
      const added = await cutters.add({ name, path, across: "WIDTH", sizeMm, tags: [] });
      toast.say(`${added.name} stands among the cutters now.`);
      go("/library");
    });

  function written(text: string) {
    photo = null;
    outline = null;
    path = text.trim();
    isMeasured = false;
    sizeMm = DRAWN_MM;
  }
</script>

<ShopFrame title="A cutter of your own">
  <main class="both">
    <Sheet label="Where it comes from">
      <h2>Where it comes from</h2>
      <DropFile {trouble} onfile={take}>
        An SVG drawing of its outline; or a photo (PNG, JPEG, WebP) of the cutter, or of a baked
        cookie, on a sheet of A4 or Letter that is seen with all four corners.
      </DropFile>
      {#if photo}
        <p class="soft by">it lies on</p>
        <OneOf
          label="What it lies on"
          ways={SHEETS}
          chosen={on}
          onchoose={(sheet) => {
            on = sheet;
            corners = [];
          }}
        />
        {#key photo}
          <Straighten picture={photo} {on} {corners} onmove={(to) => (corners = to)} />
        {/key}
        <Press disabled={isBusy || corners.length !== 8} onpress={() => photo && measure(photo)}
          >Measure it</Press
        >
      {:else}
        <label class="path">
          <span>or its path data</span>
          <textarea
            rows="3"
            maxlength="20000"
            placeholder="M0 0H60V40L30 70L0 40Z"
            value={outline ? "" : path}
            oninput={(e) => written(e.currentTarget.value)}></textarea>
        </label>
      {/if}
    </Sheet>
    <Sheet label="The cutter">
      <h2>The cutter</h2>
      {#if path}
        <svg
          viewBox="{box.x - box.width * 0.04} {box.y - box.height * 0.04} {box.width *
            1.08} {box.height * 1.08}"
          role="img"
          aria-label="Its outline"
        >
          <path
            bind:this={drawn}
            d={path}
            fill="#DDB98A"
            stroke="#B98D56"
            fill-rule="evenodd"
            vector-effect="non-scaling-stroke"
            stroke-width="2"
          />
        </svg>
        {#if outline && isMeasured}
          <p>
            Measured: {fixed(outline.widthMm, 1)} mm wide, {fixed(outline.heightMm, 1)} mm high{outline.wallMm >
            0
              ? `, along the middle of a wall of ${fixed(outline.wallMm, 1)} mm`
              : ""}.
          </p>
        {/if}
        <div class="form">
          <label>
            <span>called</span>
            <input maxlength="60" autocomplete="off" bind:value={name} />
          </label>
          <NumberField
            label="wide"
            unit="mm"
            step={0.1}
            value={sizeMm}
            least={10}
            most={300}
            onchange={(mm) => mm !== null && (sizeMm = mm)}
          />
          <Press disabled={isBusy || !name.trim()} onpress={keep}>Keep it</Press>
        </div>
      {:else}
        <p class="soft">Its outline is seen here before it is kept.</p>
      {/if}
    </Sheet>
  </main>
</ShopFrame>

<style>
  .both {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(340px, 100%), 1fr));
    gap: 16px;
    align-items: start;
  }
  h2 {
    margin-bottom: 8px;
  }
  svg {
    width: 100%;
    max-height: 360px;
  }
  .form {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 16px;
    align-items: end;
    margin-top: 10px;
  }
  label {
    display: grid;
    gap: 3px;
    font-size: var(--small);
  }
  .path {
    margin-top: 14px;
  }
  input,
  textarea {
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    padding: 5px 8px;
    min-height: 44px;
    font: inherit;
    color: inherit;
    width: 100%;
  }
  .by {
    margin: 12px 0 4px;
  }
  .soft {
    color: var(--soft);
    font-size: var(--small);
  }
</style>
