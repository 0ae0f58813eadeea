<script lang="ts">
  import Dialog from "../../../parts/Dialog.svelte";
  import ByName from "./ByName.svelte";
  import FromPicture from "./FromPicture.svelte";
  import PastColours from "./PastColours.svelte";
  import ReachWheel from "./ReachWheel.svelte";

  // Four ways to a colour.
  let { onpick }: { onpick: (hex: string, name?: string) => void } = $props();

  const WAYS = {
    wheel: "What I can mix",
    name: "By name",
    picture: "From a picture",
    past: "A past bowl",
  };
  let way = $state<keyof typeof WAYS>("wheel");
  let dialog: Dialog;

  export function show() {
    dialog.show();
  }

  function pick(hex: string, name?: string) {
    dialog.close();
    onpick(hex, name);
  }
</script>

<Dialog bind:this={dialog} title="Choose a colour">
  <div class="ways" role="group" aria-label="Where from">
    {#each Object.entries(WAYS) as [key, word] (key)}
      <button aria-pressed={way === key} onclick={() => (way = key as typeof way)}>{word}</button>
    {/each}
  </div>
  {#if way === "wheel"}
    <ReachWheel onpick={pick} />
  {:else if way === "name"}
    <ByName onpick={pick} />
  {:else if way === "picture"}
    <FromPicture onpick={pick} />
  {:else}
    <PastColours onpick={pick} />
  {/if}
</Dialog>

<style>
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 6px;
    border-bottom: 1px solid var(--line);
    padding-bottom: 10px;
    margin-bottom: 10px;
  }
  .ways button {
    border: 0;
    border-radius: 8px;
    background: none;
    padding: 5px 10px;
    cursor: pointer;
  }
  .ways button[aria-pressed="true"] {
    background: var(--wash);
    font-weight: 600;
  }
</style>
