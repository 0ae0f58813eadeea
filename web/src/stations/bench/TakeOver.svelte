<script lang="ts">
  import type { BenchStep } from "../../api/types";
  import { theDesk } from "../../desk/order.svelte";
  import { plural, timeOf } from "../../units/format";
  import BigPress from "./BigPress.svelte";
  import { OVER, type StepNow } from "./happened";
  import { local } from "./words";

  // A step that another device has begun: nothing is ended or iced in it here before she says so.
  const { bench } = theDesk();
  let { step, now }: { step: BenchStep; now: StepNow } = $props();

  const since = $derived(now.begunAt ? timeOf(local(Date.parse(now.begunAt))) : "");
</script>

<p class="who">
  <strong>{now.device}</strong> has begun this at {since}{now.iced.length > 0
    ? `; ${plural(now.iced.length, "cookie is iced", "cookies are iced")}`
    : ""}. Other hands may be at it.
</p>
<BigPress
  label="Go on with it here"
  sub="{now.device} is told"
  onpress={() => bench.press("BEGUN", step.key, 0, OVER)}
/>

<style>
  .who {
    font-size: 18px;
    max-width: 44ch;
    margin: 12px 0 16px;
  }
</style>
