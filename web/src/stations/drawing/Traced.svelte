<script lang="ts">
  import { theDesk } from "../../desk/order.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import OneOf from "../../parts/OneOf.svelte";
  import Press from "../../parts/Press.svelte";
  import type { LiesOn } from "../../desk/drawings";
  import type { Drawn } from "./drawn.svelte";
  import Straighten from "./Straighten.svelte";

  // A picture on its way to be a drawing: how far it is, what it lies on, and in how many colours.
  let { drawn }: { drawn: Drawn } = $props();

  const desk = theDesk();
  let isPlacing = $state(false);
  const LIES_ON: Record<LiesOn, string> = {
    "": "straight as it is",
    A4: "on a sheet of A4",
    Letter: "on a sheet of Letter",
    frame: "in the printed frame",
  };
</script>

{#if drawn.share !== null}
  <div class="going" role="status">
    <progress max="1" value={drawn.share}></progress>
    <span>Tracing the picture …</span>
    <Press plain onpress={() => drawn.stop()}>Stop</Press>
  </div>
{:else if drawn.picture}
  <p class="soft by">the picture is</p>
  <OneOf
    label="How the picture was taken"
    ways={LIES_ON}
    chosen={drawn.liesOn}
    onchoose={(on) => {
      if (on === drawn.liesOn) return;
      drawn.liesOn = on;
      drawn.corners = [];
      isPlacing = true;
      if (on === "") void drawn.trace();
    }}
  />
  {#if drawn.liesOn && !isPlacing}
    <button class="word" onclick={() => (isPlacing = true)}>move its corners</button>
  {:else if drawn.liesOn}
    {#key drawn.liesOn}
      <Straighten
        picture={drawn.picture}
        on={drawn.liesOn}
        corners={drawn.corners}
        onmove={(corners) => (drawn.corners = corners)}
      />
    {/key}
    <Press
      disabled={drawn.corners.length !== 8}
      onpress={() => {
        isPlacing = false;
        void drawn.trace();
      }}>Straighten and trace</Press
    >
    {#if drawn.liesOn === "frame"}
      <p class="soft">
        <a href="/api/orders/{desk.id}/print/frame.pdf" target="_blank">Print the frame</a>, draw
        inside it, and photograph all of it.
      </p>
    {/if}
  {/if}
  {#if drawn.preview}
    <div class="form">
      <NumberField
        label="colours of the picture"
        whole
        optional
        value={drawn.wantedColours || null}
        standIn={String(drawn.foundColours || "")}
        least={2}
        most={12}
        onchange={(n) => {
          drawn.wantedColours = n ?? 0;
          void drawn.trace();
        }}
      />
    </div>
  {:else}
    <div class="form"><Press onpress={() => drawn.trace()}>Trace it</Press></div>
  {/if}
{/if}

<style>
  .going {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: center;
    margin: 10px 0;
  }
  progress {
    accent-color: var(--cobalt);
    width: 180px;
  }
  .form {
    margin-top: 8px;
  }
  .word {
    border: 0;
    background: none;
    color: var(--cobalt);
    text-decoration: underline;
    cursor: pointer;
    min-height: var(--target);
  }
  .by {
    margin: 12px 0 4px;
  }
  .soft {
    color: var(--soft);
    font-size: var(--small);
  }
</style>
