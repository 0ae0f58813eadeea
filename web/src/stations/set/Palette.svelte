<script lang="ts">
  import { desk } from "../../desk/order.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { grams } from "../../units/format";

  let open = $state<number | null>(null);

  const palette = $derived(desk.details?.palette ?? []);
  const problem = $derived(desk.problem("order"));
  const trouble = $derived(problem?.field.startsWith("palette") ? problem.detail : "");
  const gramsOf = $derived(
    Object.fromEntries(desk.pour?.pour.bowls.map((b) => [b.colour, b.baseGrams]) ?? []),
  );
  const most = $derived(Math.max(1, ...Object.values(gramsOf)));
  // The area of a bowl goes by its grams.
  const size = (key: string) => 30 + 34 * Math.sqrt((gramsOf[key] ?? 0) / most);
  const used = $derived(
    new Set(desk.designs.flatMap((d) => d.document.moves.map((m) => m["colour"] as string))),
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
    open = palette.length;
  }

  function set(i: number, part: "name" | "hex", text: string) {
    desk.editDetails((d) => {
      const colour = d.palette[i];
      if (colour) colour[part] = text;
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
      <label
        >Colour <input
          class="hex"
          value={colour?.hex}
          maxlength="20"
          autocomplete="off"
          spellcheck="false"
          oninput={(e) => set(i, "hex", e.currentTarget.value)}
        /></label
      >
      <input
        type="color"
        aria-label="Pick the colour"
        value={colour?.hex.toLowerCase()}
        oninput={(e) => set(i, "hex", e.currentTarget.value)}
      />
      {#if !used.has(colour?.key ?? "")}
        <Press plain onpress={() => remove(i)}>Take it out</Press>
      {:else}
        <span class="soft">in use, so it stays</span>
      {/if}
    </div>
  {/if}
  {#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
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
  .edit input {
    border: 1.5px solid var(--line);
    border-radius: 8px;
    background: #fff;
    padding: 5px 8px;
  }
  .edit .hex {
    width: 100px;
  }
  .edit input[type="color"] {
    width: 52px;
    height: 34px;
    padding: 2px;
  }
  .trouble {
    color: var(--tomato);
    font-size: 13px;
    margin-top: 8px;
  }
</style>
