<script lang="ts">
  import { Router } from "sv-router";
  import { desks } from "./desk/desks.svelte";
  import { drafts } from "./desk/drafts";
  import { live } from "./desk/live";
  import { shop } from "./desk/shop.svelte";
  import Away from "./parts/Away.svelte";
  import Keys from "./parts/Keys.svelte";
  import Toast from "./parts/Toast.svelte";
  import "./router";

  live.start();
  void desks.sendDrafts();

  /** A field is left: what was typed goes off. */
  function flush() {
    desks.flush();
    shop.paper.flush();
  }

  function leave() {
    flush();
    drafts.flush();
  }
</script>

<svelte:window onfocusout={flush} onpagehide={leave} />

<Away />
<Router />
<Toast />
<Keys />
