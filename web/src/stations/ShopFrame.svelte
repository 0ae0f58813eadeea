<script lang="ts">
  import { type Snippet, tick } from "svelte";
  import { parts } from "../desk/places";
  import { shop } from "../desk/shop.svelte";
  import Conflicts from "../parts/Conflicts.svelte";
  import { providePaper } from "../parts/placed";
  import SavedState from "../parts/SavedState.svelte";
  import UndoRedo from "../parts/UndoRedo.svelte";
  import { route } from "../router";

  // What stands beside the week and belongs to the shop: its shelf, its library, its numbers.
  let {
    title,
    onlook,
    children,
  }: { title: string; onlook?: (path: string) => void; children: Snippet } = $props();

  providePaper(shop.paper);

  const PAGES = [
    { address: "/", word: "The week" },
    { address: "/orders", word: "All orders" },
    { address: "/shelf", word: "Shelf" },
    { address: "/library", word: "Library" },
    { address: "/notebook", word: "Notebook" },
    { address: "/shop", word: "The shop's numbers" },
    { address: "/devices", word: "Devices" },
  ];

  // One stop of the tab key; arrows go along it.
  function keyed(event: KeyboardEvent) {
    const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    const links = [...(event.currentTarget as HTMLElement).querySelectorAll<HTMLElement>("a")];
    const from = links.indexOf(event.target as HTMLElement);
    if (by === undefined || from < 0 || event.altKey) return;
    event.preventDefault();
    links[Math.max(0, Math.min(links.length - 1, from + by))]?.focus();
  }

  async function look(path: string) {
    onlook?.(path);
    await tick();
    const field = document.querySelector(`[data-place="${CSS.escape(path)}"]`);
    field?.scrollIntoView({ block: "center" });
    (field?.querySelector("input, select, textarea") as HTMLElement | null)?.focus();
  }
</script>

<svelte:head><title>{title}: Kind Thimble</title></svelte:head>

<div class="page">
  <header>
    <div>
      <!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
      <nav aria-label="The shop" onkeydown={keyed}>
        {#each PAGES as page (page.address)}
          <a
            href={page.address}
            tabindex={route.pathname === page.address ? 0 : -1}
            aria-current={route.pathname === page.address ? "page" : undefined}>{page.word}</a
          >
        {/each}
      </nav>
      <h1>{title}</h1>
    </div>
    <span class="state">
      <SavedState paper={shop.paper} onlook={look} />
      <UndoRedo of={shop} />
    </span>
  </header>
  <Conflicts paper={shop.paper} name={(path) => parts(path).slice(1).join(", ")} />
  {@render children()}
</div>

<style>
  .page {
    padding: 14px 24px 20px;
    max-width: 1400px;
    margin: 0 auto;
  }
  header {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: end;
    gap: 4px 16px;
    margin-bottom: 12px;
  }
  nav {
    display: flex;
    flex-wrap: wrap;
    gap: 0 18px;
  }
  nav a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
  }
  nav a[aria-current] {
    color: var(--ink);
    font-weight: 600;
    text-decoration: none;
  }
  h1 {
    font-size: 28px;
  }
  .state {
    display: flex;
    align-items: center;
    gap: 8px;
  }
  @media (max-width: 560px) {
    .page {
      padding: 10px 12px 24px;
    }
  }
</style>
