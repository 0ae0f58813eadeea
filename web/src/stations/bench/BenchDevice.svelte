<script lang="ts">
  import { theDesk } from "../../desk/order.svelte";
  import { reach } from "../../desk/reach.svelte";
  import Press from "../../parts/Press.svelte";
  import { plural } from "../../units/format";
  import { alarm } from "./alarm.svelte";
  import EndOfDay from "./EndOfDay.svelte";
  import { pedal } from "./pedal.svelte";

  // This device at the bench: what it is called, what it has not sent yet, its pedal and its sound; and the end of the day.
  const { bench } = theDesk();
  let evening: EndOfDay;
</script>

<div class="soft device">
  {#if reach.view?.name}
    <p>This is {bench.device}.</p>
  {:else}
    <label>
      This device is called
      <input
        value={bench.device}
        maxlength="40"
        onchange={(event) => bench.call(event.currentTarget.value)}
      />
    </label>
  {/if}
  <p>
    {bench.pending.length > 0
      ? `${plural(bench.pending.length, "press", "presses")} not sent yet; kept here.`
      : ""}
  </p>
</div>
<p class="row">
  <Press plain onpress={() => (pedal.isListening = true)}
    >{pedal.isListening
      ? "Step on the pedal now"
      : pedal.key
        ? `Pedal: ${pedal.key === " " ? "space" : pedal.key}`
        : "Set a foot pedal"}</Press
  >
  <Press plain onpress={() => alarm.turn(!alarm.isOn)}
    >{alarm.isOn ? "Sound is on" : "Sound is off"}</Press
  >
  <Press plain onpress={() => evening.show()}>End of the day</Press>
</p>
<EndOfDay bind:this={evening} />

<style>
  .device label {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 10px;
  }
  .device input {
    min-height: 44px;
    padding: 4px 10px;
    border: 2px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    color: var(--ink);
    font: inherit;
    min-width: 0;
    width: 160px;
  }
  .device {
    margin-top: 8px;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    margin-top: 14px;
  }
</style>
