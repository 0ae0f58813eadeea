<script lang="ts">
  import type { ShopCutter } from "../../api/types";
  import { cutters as drawer } from "../../desk/cutters.svelte";
  import Menu from "../../parts/Menu.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import Tags from "../../parts/Tags.svelte";
  import { fixed } from "../../units/format";
  import CutterPicture from "../cookie/CutterPicture.svelte";
  import UsedIn from "./UsedIn.svelte";

  // Cutters of her own, beside those that every shop has.
  let { cutters }: { cutters: ShopCutter[] } = $props();

  const size = (cutter: ShopCutter) =>
    `${fixed(cutter.sizeMm, 0)} mm ${cutter.across === "WIDTH" ? "wide" : "high"}`;
</script>

<Sheet label="Cutters of your own">
  <div class="head">
    <h2>Cutters of your own</h2>
    <a class="out" href="/library/cutter">A new cutter</a>
  </div>
  {#if drawer.all.length === 0}
    <p>
      None yet. A cutter comes from a drawing, from its photo on a sheet of paper, or from path
      data; it stands among the others wherever a cutter is chosen.
    </p>
  {:else if cutters.length === 0}
    <p class="soft">No cutter of yours is called that.</p>
  {/if}
  <ul>
    {#each cutters as cutter (cutter.id)}
      <li>
        <CutterPicture path={cutter.drawn ?? cutter.path} size={72} />
        <span class="words">
          <input
            class="name"
            maxlength="60"
            value={cutter.name}
            aria-label="Name of the cutter"
            autocomplete="off"
            onchange={(e) => {
              const field = e.currentTarget;
              const name = field.value.trim();
              if (name) void drawer.change(cutter, { name });
              else field.value = cutter.name;
            }}
          />
          <span class="soft">{size(cutter)}</span>
          <UsedIn uses={cutter.usedIn} />
          <Tags
            of={cutter.name}
            tags={cutter.tags}
            onchange={(tags) => void drawer.change(cutter, { tags })}
          />
        </span>
        <Menu
          label="What to do with {cutter.name}"
          acts={[{ word: "Take it away", run: () => void drawer.remove(cutter) }]}
        />
      </li>
    {/each}
  </ul>
</Sheet>

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 16px;
    justify-content: space-between;
    align-items: center;
    margin-bottom: 8px;
  }
  .out {
    display: inline-flex;
    align-items: center;
    border: 2px solid var(--cobalt);
    border-radius: var(--pill);
    padding: 7px 16px;
    font-weight: 600;
    color: var(--cobalt);
    min-height: var(--target);
    text-decoration: none;
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
  .words {
    flex: 1;
    min-width: 0;
    display: grid;
    gap: 2px;
    justify-items: start;
  }
  .name {
    width: 100%;
    font-weight: 600;
    border: 1.5px solid transparent;
    border-radius: var(--round-field);
    background: none;
    padding: 2px 4px;
    min-height: var(--target);
  }
  .name:hover,
  .name:focus {
    border-color: var(--line);
    background: var(--paper);
  }
  .soft {
    color: var(--soft);
    font-size: var(--small);
  }
</style>
