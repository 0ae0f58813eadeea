<script lang="ts">
  import { field } from "../../desk/catalogue.svelte";
  import { theDesk } from "../../desk/order.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import ColourPicker from "./colours/ColourPicker.svelte";
  import PaletteFile from "./colours/PaletteFile.svelte";
  import SeeingList from "./colours/SeeingList.svelte";
  import ColourField from "../../parts/ColourField.svelte";
  import { grams } from "../../units/format";

  const desk = theDesk();

  let open = $state<number | null>(null);
  let seeing = $state(false);
  let picker = $state<ColourPicker>();

  const palette = $derived(desk.details?.palette ?? []);
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
  const size = (key: string) => 30 + 34 * Math.sqrt((gramsOf[key] ?? 0) / most);
  const used = $derived(
    new Set(desk.designs.flatMap((d) => d.document.moves.map((m) => field(m, "colour") as string))),
  );

  function add() {
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
      }),
    );
    open = palette.length - 1;
  }

  function set(i: number, part: "name" | "hex", text: string) {
    desk.editDetails((d) => {
      const colour = d.palette[i];
      if (colour) colour[part] = text;
    });
  }

  function letDown(i: number, from: string | null) {
    desk.editDetails((d) => {
      const colour = d.palette[i];
      if (colour) colour.letDownFrom = from;
    });
  }

  function remove(i: number) {
    open = null;
    desk.editDetails((d) => d.palette.splice(i, 1));
  }
</script>

<Sheet label="The palette">
  <ul>
    {#each palette as colour, i (i)}
      <li>
        <button
          class="bowl"
          aria-expanded={open === i}
          title="Change its name or colour"
          onclick={() => (open = open === i ? null : i)}
        >
          <span class="disc"
            ><BowlDisc
              hex={/^#[0-9a-f]{6}$/i.test(colour.hex) ? colour.hex : "#fff"}
              size={size(colour.key)}
            /></span
          >
          <span class="name">{colour.name}</span>
          <span class="soft"
            >{gramsOf[colour.key] ? `${grams(gramsOf[colour.key] ?? 0)} g` : "unused"}</span
          >
        </button>
      </li>
    {/each}
    <li><Press plain onpress={add}>Add a colour</Press></li>
  </ul>
  {#if open !== null && palette[open]}
    {@const i = open}
    {@const colour = palette[i]}
    <div class="edit">
      <label
        >Name <input
          value={colour?.name}
          maxlength="80"
          autocomplete="off"
          oninput={(e) => set(i, "name", e.currentTarget.value)}
        /></label
      >
      <ColourField label="Colour" hex={colour?.hex ?? ""} onchange={(hex) => set(i, "hex", hex)} />
      <Press plain onpress={() => picker?.show()}>Choose…</Press>
      <label
        >Mixed
        <select
          value={colour?.letDownFrom ?? ""}
          onchange={(e) => letDown(i, e.currentTarget.value || null)}
        >
          <option value="">with drops of its own</option>
          {#each palette as other (other.key)}
            {#if other.key && other.key !== colour?.key && !other.letDownFrom}
              <option value={other.key}>out of {other.name} and white</option>
            {/if}
          {/each}
        </select></label
      >
      {#if !used.has(colour?.key ?? "")}
        <Press plain onpress={() => remove(i)}>Take it out</Press>
      {:else}
        <span class="soft">in use, so it stays</span>
      {/if}
    </div>
    <ColourPicker
      bind:this={picker}
      onpick={(hex, name) => {
        set(i, "hex", hex);
        if (name && /^Colour \d+$/.test(colour?.name ?? "")) set(i, "name", name);
      }}
    />
  {/if}
  {#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
  <div class="more">
    <button aria-expanded={seeing} onclick={() => (seeing = !seeing)}>Can it be seen?</button>
    <PaletteFile />
  </div>
  {#if seeing}<SeeingList />{/if}
</Sheet>

<style>
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 6px 10px;
    align-items: center;
  }
  .bowl {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 1px;
    border: 0;
    border-radius: 12px;
    background: none;
    padding: 4px 8px;
    cursor: pointer;
    min-width: 78px;
  }
  .bowl:hover,
  .bowl[aria-expanded="true"] {
    background: var(--wash);
  }
  .disc {
    height: 66px;
    display: flex;
    align-items: center;
  }
  .edit {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 16px;
    align-items: center;
    border-top: 1px solid var(--line);
    margin-top: 10px;
    padding-top: 10px;
  }
  .edit label input {
    border: 1.5px solid var(--line);
    border-radius: 8px;
    background: #fff;
    padding: 5px 8px;
  }
  .edit select {
    border: 1.5px solid var(--line);
    border-radius: 8px;
    background: #fff;
    padding: 5px 8px;
    min-height: 34px;
    max-width: 220px;
  }
  .edit label {
    display: grid;
    gap: 3px;
    font-size: 13px;
    color: var(--soft);
  }
  .edit label input,
  .edit select {
    font-size: 15px;
    color: var(--ink);
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
    border-radius: 999px;
    background: none;
    padding: 4px 14px;
    min-height: 34px;
    cursor: pointer;
  }
  .more button[aria-expanded="true"] {
    border-color: var(--cobalt);
    background: var(--wash);
  }
  .trouble {
    color: var(--tomato);
    font-size: 13px;
    margin-top: 8px;
  }
</style>
