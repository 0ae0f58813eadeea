<script lang="ts">
  import { onMount } from "svelte";
  import { answered, api } from "../../api/client";
  import type { LibraryDesign } from "../../api/types";
  import { connection } from "../../desk/connection.svelte";
  import { removeFromLibrary } from "../../desk/library";
  import Thumb from "../../marks/Thumb.svelte";
  import Menu from "../../parts/Menu.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { grams } from "../../units/format";
  import ShopFrame from "../ShopFrame.svelte";

  // The designs that the shop keeps, in the colours that they were kept with.
  let designs = $state.raw<LibraryDesign[] | null>(null);
  let wanted = $state("");
  let trouble = $state("");

  async function look() {
    try {
      designs = await connection.persist(() =>
        answered(api.GET("/api/library", { params: { query: {} } })),
      );
      trouble = "";
    } catch (e) {
      trouble = (e as Error).message;
    }
  }
  onMount(() => void look());

  const found = $derived(
    (designs ?? []).filter((design) =>
      design.document.name.toLowerCase().includes(wanted.trim().toLowerCase()),
    ),
  );
  const pictured = (design: LibraryDesign) => ({ ...design, count: 0, trouble: null });
  const hexes = (design: LibraryDesign) =>
    Object.fromEntries(design.roles.map((role) => [role.role, role.hex]));
</script>

<ShopFrame title="The library">
  <main>
    <Sheet label="The library">
      <label class="find">
        <span class="soft">find a design</span>
        <input type="search" maxlength="80" autocomplete="off" bind:value={wanted} />
      </label>
      {#if trouble}<p role="alert">{trouble}</p>{/if}
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
            <span class="picture"><Thumb design={pictured(design)} hexes={hexes(design)} /></span>
            <span class="words">
              <strong><bdi>{design.document.name}</bdi></strong>
              <span class="soft">
                {design.cookie
                  ? `${grams(design.cookie.gramsEach)} g icing each`
                  : "can't be measured"}
              </span>
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
  </main>
</ShopFrame>

<style>
  .find {
    display: grid;
    gap: 3px;
    max-width: 320px;
    margin-bottom: 12px;
  }
  input {
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    padding: 5px 8px;
    min-height: 44px;
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
    gap: 10px 16px;
  }
  li {
    display: flex;
    align-items: center;
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
