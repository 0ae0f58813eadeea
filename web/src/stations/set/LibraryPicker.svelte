<script lang="ts">
  import { answered, api } from "../../api/client";
  import type { LibraryDesign } from "../../api/types";
  import { removeFromLibrary, takeFromLibrary } from "../../desk/library";
  import { theDesk } from "../../desk/order.svelte";
  import Thumb from "../../marks/Thumb.svelte";
  import { MANY_COOKIES } from "../../marks/light";
  import CastList from "../../parts/CastList.svelte";
  import Press from "../../parts/Press.svelte";
  import { plural } from "../../units/format";

  const desk = theDesk();

  // The shop's own designs: pick one, say which colours play its parts, put it on the tray.
  let { ontaken }: { ontaken: (design: number) => void } = $props();

  let designs = $state.raw<LibraryDesign[] | null>(null);
  let trouble = $state("");
  let chosen = $state.raw<LibraryDesign | null>(null);
  let cast = $state.raw<Record<string, string>>({});
  let count = $state("12");
  const badCount = $derived(
    /^\d{1,4}$/.test(count.trim()) && Number(count) > 0 ? "" : "Write how many, from 1 to 9,999.",
  );

  async function look() {
    try {
      designs = await answered(api.GET("/api/library", { params: { query: { order: desk.id } } }));
    } catch (e) {
      trouble = (e as Error).message;
    }
  }
  void look();

  /** How a design would look: each role in the colour that plays it. */
  function hexes(design: LibraryDesign, parts: Record<string, string>): Record<string, string> {
    return Object.fromEntries(
      design.roles.map((r) => [r.role, desk.hexes[parts[r.role] ?? ""] ?? r.hex]),
    );
  }

  const pictured = (design: LibraryDesign) => ({
    id: design.id,
    count: 0,
    document: design.document,
    cookie: design.cookie,
    trouble: null,
  });

  function choose(design: LibraryDesign) {
    chosen = design;
    cast = { ...design.cast };
  }

  async function take() {
    if (!chosen || badCount) return;
    const id = await takeFromLibrary(desk, chosen.id, Number(count), cast);
    if (id !== null) ontaken(id);
  }

  async function remove(design: LibraryDesign) {
    chosen = null;
    await removeFromLibrary(design.id, design.document.name, look);
    await look();
  }
</script>

{#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
{#if chosen}
  <div class="chosen">
    <Thumb design={pictured(chosen)} hexes={hexes(chosen, cast)} label={chosen.document.name} />
    <div>
      <h3>{chosen.document.name}</h3>
      <CastList
        roles={chosen.roles.map((r) => ({ ...r, key: cast[r.role] ?? "" }))}
        palette={desk.palette}
        bring
        onpick={(part, key) => (cast = { ...cast, [part.role]: key })}
      />
      <label>
        how many
        <input bind:value={count} inputmode="numeric" maxlength="9" autocomplete="off" />
      </label>
      {#if badCount}<p class="trouble" role="alert">{badCount}</p>{/if}
      <p class="acts">
        <Press onpress={take}>Put it on the tray</Press>
        <Press plain onpress={() => (chosen = null)}>Back</Press>
        <button class="off" onclick={() => chosen && remove(chosen)}
          >take it out of the library</button
        >
      </p>
    </div>
  </div>
{:else if designs?.length === 0}
  <p class="soft">
    Nothing is kept yet. Open a design and press <em>keep in the library</em>: it is then here for
    every order, in any colours.
  </p>
{:else if designs}
  <p class="soft">{plural(designs.length, "design")}, each in the colours of this order.</p>
  <ul>
    {#each designs as design (design.id)}
      <li>
        <button class="one" onclick={() => choose(design)}>
          <Thumb
            design={pictured(design)}
            hexes={hexes(design, design.cast)}
            flat={designs.length > MANY_COOKIES}
          />
          <span>{design.document.name}</span>
        </button>
      </li>
    {/each}
  </ul>
{/if}

<style>
  ul {
    list-style: none;
    margin: 8px 0 0;
    padding: 0;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
    gap: 8px;
  }
  .one {
    display: grid;
    justify-items: center;
    gap: 6px;
    width: 100%;
    border: 2px solid var(--line);
    border-radius: 12px;
    background: none;
    padding: 10px;
    cursor: pointer;
    overflow-wrap: anywhere;
  }
  .one:hover {
    border-color: var(--cobalt);
  }
  .one :global(svg) {
    height: 110px;
    width: 100%;
  }
  .chosen {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
    gap: 20px;
  }
  .chosen > :global(svg) {
    width: 100%;
    max-height: 320px;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 12px;
  }
  input {
    width: 80px;
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    padding: 5px 8px;
    margin-left: 8px;
  }
  .off {
    border: 0;
    background: none;
    color: var(--cobalt);
    text-decoration: underline;
    font-size: var(--small);
    cursor: pointer;
    min-height: var(--target);
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
  }
</style>
