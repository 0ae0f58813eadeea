<script lang="ts">
  import { untrack } from "svelte";
  import { answered, api } from "../../api/client";
  import type { ClockView, WhatIfAnswer } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, lasting, plural, timeOf } from "../../units/format";

  // What the plan would be if something were otherwise, side by side; each is solved when it is asked for.
  let { view }: { view: ClockView } = $props();

  const desk = theDesk();
  type Otherwise = WhatIfAnswer["otherwise"];
  const ALL: Otherwise[] = [
    "FAN",
    "OTHER_SCHOOL",
    "DRIER_ROOM",
    "DEHYDRATOR",
    "HELPER",
    "EASIER",
    "FEWER",
    "LATER",
  ];

  type Card = { otherwise: Otherwise; answer: WhatIfAnswer | null; trouble: string };
  let cards = $state.raw<Card[]>([]);
  let of = $state(-1);
  let isAsking = $state(false);
  let asked = 0;

  const isLate = $derived(view.lateMinutes > 0);
  const mending = $derived(cards.filter((card) => card.answer?.mends));
  const isStale = $derived(cards.length > 0 && of !== desk.order?.revision);

  // What is late asks by itself, once for each state of the order.
  $effect(() => {
    const revision = desk.order?.revision ?? -1;
    if (isLate && !view.search?.isSearching && untrack(() => !isAsking && of !== revision))
      untrack(() => void ask());
  });

  async function ask() {
    const mine = ++asked;
    isAsking = true;
    of = desk.order?.revision ?? -1;
    cards = ALL.map((otherwise) => ({ otherwise, answer: null, trouble: "" }));
    await desk.paper.settled();
    for (const otherwise of ALL) {
      let answer: WhatIfAnswer | null = null;
      let trouble = "";
      try {
        answer = await answered(
          api.GET("/api/orders/{order}/clock/what-if/{otherwise}", {
            params: { path: { order: desk.id, otherwise } },
          }),
        );
      } catch (e) {
        trouble = (e as Error).message;
      }
      if (mine !== asked) return;
      cards = cards.map((card) =>
        card.otherwise === otherwise ? { otherwise, answer, trouble } : card,
      );
    }
    isAsking = false;
  }

  function stop() {
    asked++;
    isAsking = false;
    cards = cards.filter((card) => card.answer || card.trouble);
  }
</script>

<Sheet label="What if">
  <div class="head">
    <h2>What if</h2>
    <span class="soft">each is solved; nothing is changed by asking</span>
    {#if isAsking}
      <Press plain onpress={stop}>Stop</Press>
    {:else}
      <Press plain onpress={() => void ask()}>{cards.length ? "Ask again" : "Solve them"}</Press>
    {/if}
  </div>
  {#if isLate && cards.length > 0 && !isAsking}
    <p>
      {mending.length > 0
        ? `In time with any of these: ${mending.map((card) => card.answer?.words).join("; ")}.`
        : "None of these alone brings it in time. Two together may."}
    </p>
  {/if}
  {#if isStale}<p class="soft">The order has changed since these were solved.</p>{/if}
  {#if cards.length > 0}
    <ul>
      {#each cards as card (card.otherwise)}
        <li class:mends={card.answer?.mends}>
          {#if card.answer}
            <span class="soft">{card.answer.words}</span>
            <strong>
              {card.answer.lateMinutes > 0
                ? `${lasting(card.answer.lateMinutes)} late`
                : card.answer.starts
                  ? `start ${dayOf(card.answer.starts)} ${timeOf(card.answer.starts)}`
                  : "finds no time"}
            </strong>
            <span class="soft">
              {card.answer.betterBy || "nothing gained"}{card.answer.ends
                ? `; packed ${dayOf(card.answer.ends)} ${timeOf(card.answer.ends)}`
                : ""}{card.answer.lateOrders > 0 && card.answer.lateMinutes === 0
                ? `; ${plural(card.answer.lateOrders, "other order")} late`
                : ""}
            </span>
          {:else if card.trouble}
            <span class="soft">{card.trouble}</span>
          {:else}
            <span class="soft">solving …</span>
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
</Sheet>

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    align-items: center;
  }
  .head span {
    flex: 1;
  }
  .soft {
    color: var(--soft);
    font-size: var(--small);
  }
  ul {
    list-style: none;
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(210px, 100%), 1fr));
    gap: 12px;
    margin: 12px 0 0;
    padding: 0;
  }
  li {
    display: grid;
    gap: 3px;
    align-content: start;
    min-height: 92px;
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    padding: 10px 12px;
  }
  li.mends {
    border-color: var(--cobalt);
  }
  strong {
    font-family: var(--heading);
    font-size: var(--h3);
  }
</style>
