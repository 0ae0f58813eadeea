<script lang="ts">
  import { onMount } from "svelte";
  import { answered, api } from "../../../api/client";
  import type { PastColour } from "../../../api/types";
  import { theDesk } from "../../../desk/order.svelte";
  import BowlDisc from "../../../marks/BowlDisc.svelte";

  const desk = theDesk();

  // Bowls of earlier orders, and of those to come.
  let { onpick }: { onpick: (hex: string, name: string) => void } = $props();

  let past = $state.raw<PastColour[] | null>(null);
  let trouble = $state("");
  const others = $derived(past?.filter((c) => c.order !== desk.id) ?? []);

  onMount(async () => {
    try {
      past = await answered(api.GET("/api/colours/past"));
    } catch (e) {
      trouble = (e as Error).message;
    }
  });
</script>

{#if past && others.length === 0}
  <p class="soft">There is no other order yet. Its bowls will stand here.</p>
{:else if past}
  <ul>
    {#each others as colour (`${colour.order} ${colour.name} ${colour.hex}`)}
      <li>
        <button onclick={() => onpick(colour.hex, colour.name)}>
          <BowlDisc hex={colour.hex} size={34} />
          <span
            ><strong>{colour.name}</strong>
            <span class="soft">{colour.orderName}</span></span
          >
        </button>
      </li>
    {/each}
  </ul>
{:else}
  <p class="soft" role="status">{trouble || "Looking."}</p>
{/if}

<style>
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
    gap: 4px;
    max-height: 380px;
    overflow-y: auto;
  }
  button {
    display: flex;
    align-items: center;
    gap: 10px;
    width: 100%;
    text-align: left;
    border: 0;
    border-radius: 10px;
    background: none;
    padding: 6px;
    cursor: pointer;
  }
  button:hover {
    background: var(--wash);
  }
  .soft {
    display: block;
  }
</style>
