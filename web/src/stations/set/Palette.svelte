<script lang="ts">
  import type { Flavour } from "../../api/types";
  import { coloursOf } from "../../desk/catalogue.svelte";
  import { theDesk } from "../../desk/order.svelte";
  import { calmly } from "../../parts/calm";
  import Sheet from "../../parts/Sheet.svelte";
  import ColourEdit from "./ColourEdit.svelte";
  import PaletteFile from "./colours/PaletteFile.svelte";
  import PaletteBowl from "./PaletteBowl.svelte";
  import SeeingList from "./colours/SeeingList.svelte";

  const desk = theDesk();

  let open = $state<number | null>(null);
  let seeing = $state(false);
  let more = $state(false);

  const palette = $derived(desk.details?.palette ?? []);
  const opened = $derived(open === null ? undefined : palette[open]);
  const trouble = $derived(desk.paper.troubleIn("/details/palette"));
  // Icing on this order's own cookies, spares with them.
  const gramsOf = $derived.by(() => {
    const own = new Set(
      desk.pour?.designs.filter((d) => d.order === desk.id).map((d) => d.design) ?? [],
    );
    return Object.fromEntries(
      desk.pour?.pour.bowls.map((b) => [
        b.colour,
        b.portions
          .flatMap((p) => p.drinks)
          .filter((drink) => own.has(drink.design))
          .reduce((g, drink) => g + drink.grams, 0),
      ]) ?? [],
    );
  });
  const most = $derived(Math.max(1, ...Object.values(gramsOf)));
  // The area of a bowl goes by its grams.
  const size = (key: string) => 22 + 24 * Math.sqrt((gramsOf[key] ?? 0) / most);
  const used = $derived(new Set(desk.designs.flatMap((d) => coloursOf(d.document.moves))));

  function add() {
    const last = palette.length;
    let n = palette.length + 1;
    while (palette.some((c) => c.name === `Colour ${n}`)) n++;
    desk.editDetails((d) =>
      d.palette.push({
        key: "",
        name: `Colour ${n}`,
        hex: "#BFE9F3",
        apart: null,
        joinedInto: null,
        letDownFrom: null,
        flavour: null,
      }),
    );
    open = last;
  }

  function set(i: number, part: "name" | "hex", text: string) {
    desk.editDetails(
      (d) => {
        const colour = d.palette[i];
        if (colour) colour[part] = text;
      },
      `palette ${i} ${part}`,
      true,
    );
  }

  function letDown(i: number, from: string | null) {
    desk.editDetails((d) => {
      const colour = d.palette[i];
      if (colour) colour.letDownFrom = from;
    });
  }

  function flavour(i: number, now: Flavour | null) {
    desk.editDetails((d) => {
      const colour = d.palette[i];
      if (!colour) return;
      colour.flavour = now;
      // Its bowl is its own then.
      if (now) colour.letDownFrom = null;
    }, `palette ${i} flavour`);
  }

  function remove(i: number) {
    open = null;
    desk.editDetails((d) => d.palette.splice(i, 1));
  }
</script>

<Sheet label="The palette" padding="8px 14px">
  <ul>
    {#each palette as colour, i (i)}
      <li>
        <PaletteBowl
          {colour}
          size={size(colour.key)}
          mass={gramsOf[colour.key] ?? 0}
          open={open === i}
          onopen={() => (open = open === i ? null : i)}
        />
      </li>
    {/each}
    <li class="acts">
      <button class="add" aria-label="Add a colour" title="Add a colour" onclick={add}>+</button>
      <button
        class="add"
        aria-label="More about the palette"
        title="Can it be seen? Palette files"
        aria-expanded={more}
        onclick={() => (more = !more)}>⋯</button
      >
    </li>
  </ul>
  {#if open !== null && opened}
    {@const i = open}
    {@const colour = opened}
    {#key i}
      <ColourEdit
        {colour}
        place="/details/palette/{i}"
        {palette}
        used={used.has(colour?.key ?? "")}
        onset={(part, text) => set(i, part, text)}
        onletdown={(from) => letDown(i, from)}
        onflavour={(now) => flavour(i, now)}
        onremove={() => calmly(() => remove(i))}
      />
    {/key}
  {/if}
  {#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
  {#if more}
    <div class="more">
      <button aria-expanded={seeing} onclick={() => (seeing = !seeing)}>Can it be seen?</button>
      <PaletteFile />
    </div>
    {#if seeing}<SeeingList />{/if}
  {/if}
</Sheet>

<style>
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 2px 2px;
    align-items: center;
  }
  .acts {
    display: flex;
    gap: 4px;
    margin-left: auto;
  }
  .add {
    width: var(--target);
    height: var(--target);
    border: 1.5px dashed var(--cobalt);
    border-radius: 50%;
    background: none;
    color: var(--cobalt);
    font-size: 20px;
    cursor: pointer;
  }
  .add:last-child {
    border-style: solid;
    border-color: var(--line);
  }
  .more {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 18px;
    align-items: center;
    margin: 10px 0 6px;
  }
  .more button {
    border: 1.5px solid var(--line);
    border-radius: var(--pill);
    background: none;
    padding: 4px 14px;
    min-height: var(--target);
    cursor: pointer;
  }
  .more button[aria-expanded="true"] {
    border-color: var(--cobalt);
    background: var(--wash);
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
    margin-top: 8px;
  }
</style>
