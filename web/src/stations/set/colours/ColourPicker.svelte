<script lang="ts">
  import Dialog from "../../../parts/Dialog.svelte";
  import OneOf from "../../../parts/OneOf.svelte";
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
  <div class="ways">
    <OneOf label="Where from" ways={WAYS} chosen={way} onchoose={(key) => (way = key)} />
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
    border-bottom: 1px solid var(--line);
    padding-bottom: 10px;
    margin-bottom: 10px;
  }
</style>
