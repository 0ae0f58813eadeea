<script lang="ts">
  import { example } from "../../desk/example.svelte";
  import Press from "../../parts/Press.svelte";

  // An empty shop has one thing to do. The example shows what comes of it, and goes with one press.
  let { ontake, ontaken }: { ontake: () => void; ontaken: () => void } = $props();

  let busy = $state(false);

  async function show() {
    busy = true;
    await example.show(ontaken);
    busy = false;
  }
</script>

<div class="empty">
  <h2>Nothing promised yet</h2>
  <p>Take an order: a name, for whom, a day. The cookies come after that.</p>
  <Press key="n" onpress={ontake}>Take the first order</Press>
  <p class="soft">
    Or look at one first:
    <button disabled={busy} onclick={show}>show me an example order</button>
  </p>
</div>

<style>
  .empty {
    display: grid;
    gap: 14px;
    justify-items: start;
    align-content: center;
    padding: 40px 20px;
    min-height: 420px;
  }
  button {
    border: 0;
    background: none;
    color: var(--cobalt);
    text-decoration: underline;
    min-height: 44px;
    cursor: pointer;
  }
</style>
