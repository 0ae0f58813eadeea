<script lang="ts">
  import { theDesk } from "../../desk/order.svelte";
  import Press from "../../parts/Press.svelte";

  // Whether the order is played in the practice kitchen; and the way in and out of it.
  const { bench } = theDesk();
  let isLeaving = $state(false);
  const isPlayed = $derived(bench.view?.seed != null);
</script>

<section class:played={isPlayed} aria-label="Practice kitchen">
  {#if isPlayed}
    <p>
      <strong>Practice kitchen.</strong> Scale, icing and hands are played: hold the dashed presses down.
      Nothing of it teaches the shop's figures.
    </p>
    <div class="presses">
      <Press plain onpress={() => bench.play.later()}>An hour later</Press>
      {#if isLeaving}
        <Press
          onpress={() => {
            isLeaving = false;
            void bench.play.end();
          }}>End, and take back what was pressed in it</Press
        >
        <Press plain onpress={() => (isLeaving = false)}>Go on</Press>
      {:else}
        <Press plain onpress={() => (isLeaving = true)}>End the practice</Press>
      {/if}
    </div>
  {:else}
    <p class="soft">New at the bench? Play this order first, without a kitchen.</p>
    <div class="presses">
      <Press plain onpress={() => bench.play.begin()}>Practise</Press>
    </div>
  {/if}
</section>

<style>
  section {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 8px 16px;
    padding: 4px 6px;
    font-size: var(--small);
  }
  .played {
    border: 2px dashed var(--brass-line);
    border-radius: var(--round);
    padding: 6px 16px;
  }
  p {
    flex: 1 1 240px;
  }
  .presses {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
</style>
