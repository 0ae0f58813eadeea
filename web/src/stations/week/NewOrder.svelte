<script lang="ts">
  import { untrack } from "svelte";
  import { answered, api, Refusal } from "../../api/client";
  import type { OrderDetails, Problem } from "../../api/types";
  import Field from "../../parts/Field.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { go } from "../../router";
  import { daysAfter } from "../../units/format";

  let { today, onclose }: { today: string; onclose: () => void } = $props();

  let name = $state("");
  let client = $state("");
  let day = $state(untrack(() => (today ? daysAfter(today, 7) : "")));
  let time = $state("10:00");
  let problem = $state<Problem | null>(null);
  let busy = $state(false);

  async function take(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    try {
      // The rest is filled in by the house: its palette, its risk.
      const details = { name, client, handOver: `${day}T${time}` } as OrderDetails;
      const order = await answered(api.POST("/api/orders", { body: details }));
      go(`/orders/${order.id}`);
    } catch (e) {
      problem =
        e instanceof Refusal ? e.problem : { status: 0, field: "", detail: (e as Error).message };
    }
    busy = false;
  }

  const trouble = (field: string) => (problem?.field === field ? problem.detail : "");
</script>

<Sheet label="Take an order">
  <form onsubmit={take} novalidate>
    <h2>Take an order</h2>
    <Field label="What is it called?" trouble={trouble("name")}>
      <!-- svelte-ignore a11y_autofocus -->
      <input bind:value={name} maxlength="200" autocomplete="off" autofocus />
    </Field>
    <Field label="For whom?" trouble={trouble("client")}>
      <input bind:value={client} maxlength="300" autocomplete="off" />
    </Field>
    <div class="when">
      <Field label="Hand-over">
        <input type="date" bind:value={day} />
      </Field>
      <Field label="at">
        <input type="time" bind:value={time} />
      </Field>
    </div>
    {#if problem && !["name", "client"].includes(problem.field)}
      <p class="trouble" role="alert">
        {problem.field === "handOver" && (!day || !time)
          ? "Say on which day and at what time it is handed over."
          : problem.detail}
      </p>
    {/if}
    <div class="row">
      <Press type="submit" disabled={busy}>Take it</Press>
      <Press plain onpress={onclose}>Not now</Press>
    </div>
  </form>
</Sheet>

<style>
  form {
    display: grid;
    gap: 12px;
  }
  .when {
    display: grid;
    grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
    gap: 8px;
  }
  .row {
    display: flex;
    gap: 8px;
  }
  .trouble {
    color: var(--tomato);
    font-size: 13px;
  }
</style>
