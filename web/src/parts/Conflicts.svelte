<script lang="ts" generics="T extends object">
  import type { Paper } from "../desk/paper.svelte";
  import type { Pending } from "../desk/pending";
  import Press from "./Press.svelte";

  // The same place was changed here and on another device: both stand side by side, and one press takes either.
  let { paper, name }: { paper: Paper<T>; name: (path: string) => string } = $props();

  function said(value: unknown): string {
    if (value === null || value === undefined || value === "") return "nothing";
    if (Array.isArray(value)) {
      const words = value.map((one) => String(one?.move ?? one?.name ?? one));
      return words.length ? words.join(", ") : "none";
    }
    if (typeof value === "object") return "another one";
    return String(value).replace("T", ", ");
  }
  const theirs = (edit: Pending) => said(edit.theirs?.value);
</script>

{#each paper.conflicts as edit (edit.path)}
  <div class="banner" role="alert">
    <p>
      <strong>{name(edit.path)}</strong> was changed here and on another device.
    </p>
    <span class="two">
      <span><span class="soft">here</span> <bdi>{said(edit.now)}</bdi></span>
      <Press onpress={() => paper.keepMine(edit)}>Keep this one</Press>
    </span>
    <span class="two">
      <span><span class="soft">there</span> <bdi>{theirs(edit)}</bdi></span>
      <Press plain onpress={() => paper.drop(edit)}>Take that one</Press>
    </span>
  </div>
{/each}

<style>
  .banner {
    position: sticky;
    top: 8px;
    z-index: 6;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 20px;
    border: 2px solid var(--tomato);
    border-radius: var(--round);
    background: var(--enamel);
    padding: 8px 16px;
    margin-bottom: 12px;
  }
  p {
    flex: 1 1 220px;
  }
  .two {
    display: flex;
    align-items: center;
    gap: 10px;
  }
  .two > span {
    max-width: 320px;
    overflow-wrap: anywhere;
  }
</style>
