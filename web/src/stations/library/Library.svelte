<script lang="ts">
  import { onMount } from "svelte";
  import { answered, api } from "../../api/client";
  import type { LibraryDesign } from "../../api/types";
  import { cutters } from "../../desk/cutters.svelte";
  import { removeFromLibrary, tagInLibrary } from "../../desk/library";
  import Thumb from "../../marks/Thumb.svelte";
  import { MANY_COOKIES } from "../../marks/light";
  import Menu from "../../parts/Menu.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import Tags from "../../parts/Tags.svelte";
  import { grams } from "../../units/format";
  import ShopFrame from "../ShopFrame.svelte";
  import CutterDrawer from "./CutterDrawer.svelte";
  import UsedIn from "./UsedIn.svelte";

  // What the shop keeps for other orders: designs, in the colours that they were kept with, and cutters of its own.
  let designs = $state.raw<LibraryDesign[] | null>(null);
  let wanted = $state("");
  let trouble = $state("");

  async function look() {
    try {
      designs = await answered(api.GET("/api/library", { params: { query: {} } }));
      await cutters.load();
      trouble = "";
    } catch (e) {
      trouble = (e as Error).message;
    }
  }
  onMount(() => void look());

  const is = (text: string) => text.toLowerCase().includes(wanted.trim().toLowerCase());
  const found = $derived(
    (designs ?? []).filter((design) => is([design.document.name, ...design.tags].join(" "))),
  );
  const foundCutters = $derived(
    cutters.all.filter((cutter) => is([cutter.name, ...cutter.tags].join(" "))),
  );
  const tags = $derived(
    [...new Set([...(designs ?? []), ...cutters.all].flatMap((one) => one.tags))].sort((a, b) =>
      a.localeCompare(b),
    ),
  );
  const pictured = (design: LibraryDesign) => ({ ...design, count: 0, trouble: null });
  const hexes = (design: LibraryDesign) =>
    Object.fromEntries(design.roles.map((role) => [role.role, role.hex]));
</script>

<ShopFrame title="The library">
  <main>
    <div class="search">
      <label class="find">
        <span class="soft">find a design or a cutter, by name or tag</span>
        <input type="search" maxlength="80" autocomplete="off" bind:value={wanted} />
      </label>
      {#if tags.length > 0}
        <span class="tags" role="group" aria-label="Tags">
          {#each tags as tag (tag)}
            <button
              aria-pressed={wanted === tag}
              onclick={() => (wanted = wanted === tag ? "" : tag)}><bdi>{tag}</bdi></button
            >
          {/each}
        </span>
      {/if}
    </div>
    {#if trouble}<p role="alert">{trouble}</p>{/if}
    <Sheet label="Designs">
      <h2>Designs</h2>
      {#if designs?.length === 0}
        <p>
          Nothing is kept yet. On Cookie, <em>keep in the library</em> keeps a design for other orders;
          on Set it is put on a tray again, in that order's colours.
        </p>
      {:else if designs && found.length === 0}
        <p class="soft">No design is called that.</p>
      {/if}
      <ul>
        {#each found as design (design.id)}
          <li>
            <span class="picture"
              ><Thumb
                design={pictured(design)}
                hexes={hexes(design)}
                flat={found.length > MANY_COOKIES}
              /></span
            >
            <span class="words">
              <strong><bdi>{design.document.name}</bdi></strong>
              <span class="soft">
                {design.cookie
                  ? `${grams(design.cookie.gramsEach)} g icing each`
                  : "can't be measured"}
              </span>
              <UsedIn uses={design.usedIn} />
              <Tags
                of={design.document.name}
                tags={design.tags}
                onchange={(tags) => void tagInLibrary(design.id, tags, () => void look())}
              />
            </span>
            <Menu
              label="What to do with {design.document.name}"
              acts={[
                {
                  word: "Take out of the library",
                  run: () =>
                    void removeFromLibrary(design.id, design.document.name, () => void look()),
                },
              ]}
            />
          </li>
        {/each}
      </ul>
    </Sheet>
    <CutterDrawer cutters={foundCutters} />
  </main>
</ShopFrame>

<style>
  main {
    display: grid;
    gap: 14px;
  }
  .search {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: end;
  }
  .find {
    display: grid;
    gap: 3px;
    width: 320px;
    max-width: 100%;
  }
  .tags {
    display: flex;
    flex-wrap: wrap;
    gap: 5px;
  }
  .tags button {
    border: 1.5px solid var(--brass-line);
    border-radius: var(--pill);
    background: none;
    color: var(--ink);
    padding: 3px 13px;
    min-height: 44px;
    cursor: pointer;
  }
  .tags button[aria-pressed="true"] {
    background: var(--brass-wash);
    font-weight: 600;
  }
  input {
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    padding: 5px 8px;
    min-height: 44px;
  }
  h2 {
    margin-bottom: 8px;
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
    gap: 10px 16px;
  }
  li {
    display: flex;
    align-items: start;
    gap: 12px;
  }
  .picture {
    width: 84px;
    height: 84px;
    display: flex;
  }
  .picture :global(svg) {
    width: 100%;
    height: 100%;
  }
  .words {
    flex: 1;
    min-width: 0;
    overflow-wrap: anywhere;
  }
  .words .soft {
    display: block;
  }
</style>
