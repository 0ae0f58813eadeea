<script lang="ts">
  import { untrack } from "svelte";
  import { answered, api, Refusal } from "../../api/client";
  import type { OrderDetails, Problem } from "../../api/types";
  import DayField from "../../parts/DayField.svelte";
  import Press from "../../parts/Press.svelte";
  import TextField from "../../parts/TextField.svelte";
  import TimeField from "../../parts/TimeField.svelte";
  import { go } from "../../router";
  import { aboutHandOver } from "../../units/format";

  // Three answers make an order: its name, for whom, when. With another one to go by, it has that one's designs and colours.
  let {
    free,
    like,
    onclose,
  }: {
    free: string;
    like?: { id: number; name: string; client: string };
    onclose: () => void;
  } = $props();

  let name = $state(untrack(() => (like ? `${like.name} again`.slice(0, 80) : "")));
  let client = $state(untrack(() => like?.client ?? ""));
  let day = $state(untrack(() => free));
  let time = $state("10:00");
  let problem = $state<Problem | null>(null);
  let busy = $state(false);
  // A day that is over, or far off, is asked about once.
  let asked = $state("");
  const mind = $derived(day ? aboutHandOver(day) : "");

  async function take(event: SubmitEvent) {
    event.preventDefault();
    if (busy) return;
    if (mind && asked !== day) {
      asked = day;
      return;
    }
    busy = true;
    const handOver = `${day}T${time}`;
    try {
      // The rest is filled in by the house: its palette, its risk.
      const details = { name, client, handOver } as OrderDetails;
      const order = await answered(
        like
          ? api.POST("/api/orders/{order}/copy", {
              params: { path: { order: like.id } },
              body: { name, handOver },
            })
          : api.POST("/api/orders", { body: details }),
      );
      onclose();
      go(`/orders/${order.id}`);
    } catch (e) {
      problem =
        e instanceof Refusal ? e.problem : { status: 0, field: "", detail: (e as Error).message };
    }
    busy = false;
  }

  // A sentence goes as soon as its answer is another one.
  function changed(field: string) {
    if (problem?.field === field) problem = null;
  }
  const trouble = (field: string) => (problem?.field === field ? problem.detail : "");
</script>

<form onsubmit={take} novalidate>
  <TextField
    label="What is it called?"
    longest={200}
    value={name}
    trouble={trouble("name")}
    onchange={(text) => {
      name = text;
      changed("name");
    }}
  />
  {#if !like}
    <TextField
      label="For whom?"
      value={client}
      trouble={trouble("client")}
      onchange={(text) => {
        client = text;
        changed("client");
      }}
    />
  {/if}
  <div class="when">
    <DayField
      label="Handed over on"
      {day}
      trouble={trouble("handOver")}
      onchange={(picked) => {
        day = picked;
        changed("handOver");
      }}
    />
    <TimeField label="at" {time} onchange={(t) => (time = t)} />
  </div>
  {#if mind}<p class="mind" role="status">
      {mind}
      {#if asked === day}Press once more if it is meant so.{/if}
    </p>{/if}
  {#if problem && !["name", "client", "handOver"].includes(problem.field)}
    <p class="trouble" role="alert">{problem.detail}</p>
  {/if}
  <div class="row">
    <Press type="submit" disabled={busy}>{like ? "Copy it" : "Take it"}</Press>
    <Press plain onpress={onclose}>Not now</Press>
  </div>
</form>

<style>
  form {
    display: grid;
    gap: 12px;
    min-height: 420px;
    align-content: start;
  }
  .when {
    display: grid;
    grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr);
    gap: 8px;
  }
  .row {
    display: flex;
    gap: 8px;
  }
  .mind {
    color: var(--brass);
    font-size: var(--small);
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
  }
</style>
