<script lang="ts">
  import { answered, api } from "../../api/client";
  import type { Removed } from "../../api/types";
  import { restoreOrder } from "../../desk/orders";
  import { toast } from "../../desk/toast.svelte";
  import Press from "../../parts/Press.svelte";
  import { dayOf } from "../../units/dates";

  // What was removed lately, to be brought back.
  let { onchange }: { onchange: () => void } = $props();

  let removed = $state.raw<Removed[] | null>(null);
  let trouble = $state("");

  async function look() {
    try {
      removed = await answered(api.GET("/api/removed"));
      trouble = "";
    } catch (e) {
      trouble = (e as Error).message;
    }
  }
  void look();

  function done() {
    void look();
    onchange();
  }

  async function bringBack(one: Removed) {
    if (one.design === 0) {
      await restoreOrder(one.order, done);
      return;
    }
    const params = { path: { order: one.order, design: one.design } };
    try {
      await answered(api.POST("/api/orders/{order}/designs/{design}/restore", { params }));
      done();
    } catch (e) {
      toast.say((e as Error).message);
    }
  }
</script>

{#if trouble}<p role="alert">{trouble}</p>{/if}
{#if removed?.length === 0}<p class="soft">Nothing was removed in the last thirty days.</p>{/if}
<ul>
  {#each removed ?? [] as one (`${one.order} ${one.design}`)}
    <li>
      <span>
        <strong><bdi>{one.name}</bdi></strong>
        <span class="soft">
          {one.design === 0 ? "an order" : `a design of ${one.orderName}`}, removed {dayOf(one.at)}
        </span>
      </span>
      <Press plain label="Bring {one.name} back" onpress={() => void bringBack(one)}
        >Bring it back</Press
      >
    </li>
  {/each}
</ul>

<style>
  ul {
    list-style: none;
    margin: 10px 0;
    padding: 0;
    display: grid;
    gap: 8px;
  }
  li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 12px;
  }
  li > span {
    min-width: 0;
    overflow-wrap: anywhere;
  }
  li .soft {
    display: block;
  }
</style>
