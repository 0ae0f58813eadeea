<script lang="ts">
  import { answered, api } from "../../api/client";
  import type { OneMoreAnswer } from "../../api/types";
  import DayField from "../../parts/DayField.svelte";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import TimeField from "../../parts/TimeField.svelte";

  // Can I take one more? Solved beside all that is promised; nothing is stored.
  let { free, orders }: { free: string; orders: { id: number; name: string }[] } = $props();

  const HARD = { PLAIN: "plain", USUAL: "as usual", FINE: "fine" } as const;
  let cookies = $state<number | null>(24);
  let like = $state<string>("USUAL");
  let day = $state("");
  let time = $state("12:00");
  let answer = $state.raw<OneMoreAnswer | null>(null);
  let trouble = $state("");
  let isAsking = $state(false);
  const by = $derived(day || free);

  async function ask() {
    isAsking = true;
    trouble = "";
    answer = null;
    const isHard = like in HARD;
    try {
      answer = await answered(
        api.POST("/api/week/one-more", {
          body: {
            cookies: cookies ?? 0,
            hard: isHard ? (like as keyof typeof HARD) : null,
            like: isHard ? null : Number(like),
            by: `${by}T${time}:00`,
          },
        }),
      );
    } catch (e) {
      trouble = (e as Error).message;
    }
    isAsking = false;
  }
</script>

<Sheet label="Can I take one more?">
  <h2>Can I take one more?</h2>
  <form
    onsubmit={(e) => {
      e.preventDefault();
      void ask();
    }}
  >
    <NumberField
      label="how many"
      whole
      least={1}
      most={9999}
      value={cookies}
      onchange={(n) => (cookies = n)}
    />
    <Field label="how hard">
      <select bind:value={like}>
        {#each Object.entries(HARD) as [key, word] (key)}<option value={key}>{word}</option>{/each}
        {#each orders as order (order.id)}
          <option value={String(order.id)}>like {order.name}</option>
        {/each}
      </select>
    </Field>
    <DayField label="by" day={by} onchange={(to) => (day = to)} />
    <TimeField label="at" {time} onchange={(to) => (time = to)} />
    <Press plain disabled={isAsking || !cookies} onpress={() => void ask()}
      >{isAsking ? "Solving …" : "Ask the clock"}</Press
    >
  </form>
  {#if answer}<p class="answer" class:no={!answer.can} role="status">{answer.sentence}</p>{/if}
  {#if trouble}<p class="no" role="alert">{trouble}</p>{/if}
</Sheet>

<style>
  form {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px;
    margin: 8px 0;
    align-items: end;
  }
  form > :global(button) {
    grid-column: 1 / -1;
  }
  .answer {
    font-weight: 600;
  }
  .no {
    color: var(--tomato);
  }
</style>
