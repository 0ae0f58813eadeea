<script lang="ts">
  import type { CookieView } from "../../api/types";
  import { momentsOf, type Moment } from "../../marks/moments";
  import Slider from "../../parts/Slider.svelte";
  import { gateWord } from "../../units/format";

  // The cookie moment by moment: a slider from the first wet coat to the finished cookie, which is where it rests.
  let {
    cookie,
    at = $bindable(),
  }: {
    cookie: CookieView;
    at: Moment | null;
  } = $props();

  const moments = $derived(momentsOf(cookie.passes));
  const last = $derived(moments.length);
  const shown = $derived(
    at === null
      ? last
      : Math.max(
          0,
          moments.findIndex((one) => one.pass === at?.pass && one.shine === at.shine),
        ),
  );
  const said = $derived.by(() => {
    const now = moments[shown];
    if (!now) return "finished";
    const next = cookie.passes.find((pass) => pass.number === now.pass + 1);
    const state = now.shine === "wet" ? "wet" : next ? gateWord(next.gate) : "dry";
    return `pass ${now.pass}, ${state}`;
  });
</script>

{#if moments.length > 1}
  <div>
    <span class="soft">as it dries</span>
    <Slider
      label="As it dries"
      {said}
      value={shown}
      {last}
      onslide={(step) => (at = moments[step] ?? null)}
    />
    <strong>{said}</strong>
  </div>
{/if}

<style>
  div {
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 44px;
    font-size: var(--small);
  }
</style>
