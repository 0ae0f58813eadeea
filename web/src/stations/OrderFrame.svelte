<script lang="ts">
  import type { Snippet } from "svelte";
  import { desks } from "../desk/desks.svelte";
  import { addressed } from "../router";
  import OrderRoom from "./OrderRoom.svelte";

  let { children }: { children: Snippet } = $props();

  const desk = $derived(desks.of(Number(addressed().order)));
  $effect(() => {
    desks.open = desk;
    return () => {
      desk.paper.flush();
      desks.open = null;
    };
  });
</script>

{#key desk}
  <OrderRoom {desk} {children} />
{/key}
