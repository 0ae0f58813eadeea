<script lang="ts">
  import { Router } from "sv-router";
  import { desks } from "./desk/desks.svelte";
  import { drafts } from "./desk/drafts";
  import { live } from "./desk/live";
  import { reach } from "./desk/reach.svelte";
  import { shop } from "./desk/shop.svelte";
  import Away from "./parts/Away.svelte";
  import IcingLight from "./marks/IcingLight.svelte";
  import Keys from "./parts/Keys.svelte";
  import Toast from "./parts/Toast.svelte";
  import LetIn from "./stations/devices/LetIn.svelte";
  import "./router";

  // Over the home network a device has to be let in first.
  const isShared = location.protocol === "https:";
  if (isShared) void reach.look();
  let hasBegun = false;
  $effect(() => {
    if (hasBegun || (isShared && !reach.view?.isIn)) return;
    hasBegun = true;
    live.start();
    void desks.sendDrafts();
  });

  /** A field is left: what was typed goes off. */
  function flush() {
    desks.flush();
    shop.paper.flush();
  }

  /** The first heading or control of the page itself. */
  function skip(event: MouseEvent) {
    event.preventDefault();
    const main = document.querySelector<HTMLElement>("main");
    if (!main) return;
    main.tabIndex = -1;
    main.focus();
    main.scrollIntoView();
  }

  function leave() {
    flush();
    drafts.leave();
  }
</script>

<svelte:window onfocusout={flush} onpagehide={leave} />

<a class="skip" href="#content" onclick={skip}>To what this page is about</a>
<Away />
<IcingLight />
<div id="content">
  {#if reach.isOut}
    <LetIn />
  {:else if !isShared || reach.view}
    <Router />
  {/if}
</div>
<Toast />
<Keys />

<style>
  .skip {
    position: absolute;
    left: 8px;
    top: -60px;
    z-index: 20;
    padding: 12px 18px;
    border-radius: var(--round);
    background: var(--cobalt);
    color: var(--paper);
  }
  .skip:focus {
    top: 8px;
  }
</style>
