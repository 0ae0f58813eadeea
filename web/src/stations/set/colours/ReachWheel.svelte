<script lang="ts">
  import { onMount } from "svelte";
  import { answered, api } from "../../../api/client";
  import type { ReachPlace } from "../../../api/types";
  import OneOf from "../../../parts/OneOf.svelte";

  // What the gels on this shelf can reach, dried: hue goes round, light is in the middle, dark outside.
  let { onpick }: { onpick: (hex: string) => void } = $props();

  const HUES = 24;
  const RINGS = 6;
  const HOLE = 34;
  const WIDTH = 27;
  const WORDS = { SOFT: "soft", CLEAR: "clear", VIVID: "vivid" };

  let places = $state.raw<ReachPlace[] | null>(null);
  let trouble = $state("");
  let vividness = $state<keyof typeof WORDS>("VIVID");
  let here = $state("");
  const shown = $derived(places?.filter((p) => p.vividness === vividness) ?? []);
  const id = (hue: number, ring: number) => `${hue}/${ring}`;
  const stop = $derived(
    shown.some((p) => id(p.hue, p.ring) === here)
      ? here
      : shown[0]
        ? id(shown[0].hue, shown[0].ring)
        : "",
  );

  onMount(async () => {
    try {
      places = await answered(api.GET("/api/tint/reach"));
    } catch (e) {
      trouble = (e as Error).message;
    }
  });

  function sector(hue: number, ring: number): string {
    const at = (r: number, h: number) => {
      const angle = ((h / HUES) * 360 - 90) * (Math.PI / 180);
      return `${(r * Math.cos(angle)).toFixed(2)} ${(r * Math.sin(angle)).toFixed(2)}`;
    };
    const inner = HOLE + ring * WIDTH + 1;
    const outer = HOLE + (ring + 1) * WIDTH;
    return (
      `M${at(inner, hue + 0.04)}A${inner} ${inner} 0 0 1 ${at(inner, hue + 0.96)}` +
      `L${at(outer, hue + 0.96)}A${outer} ${outer} 0 0 0 ${at(outer, hue + 0.04)}Z`
    );
  }

  /** Arrows go round and out; places that the shelf does not reach are passed over. */
  function keyed(event: KeyboardEvent, place: ReachPlace) {
    if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      onpick(place.hex);
      return;
    }
    const step = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] }[
      event.key
    ];
    if (!step) return;
    event.preventDefault();
    let { hue, ring } = place;
    for (let i = 0; i < HUES; i++) {
      hue = (hue + (step[0] ?? 0) + HUES) % HUES;
      ring += step[1] ?? 0;
      if (ring < 0 || ring >= RINGS) return;
      if (shown.some((p) => p.hue === hue && p.ring === ring)) {
        here = id(hue, ring);
        document.getElementById(`reach-${hue}-${ring}`)?.focus();
        return;
      }
    }
  }
</script>

<div class="ways">
  <OneOf label="How vivid" ways={WORDS} chosen={vividness} onchoose={(key) => (vividness = key)} />
</div>
{#if places}
  <svg
    viewBox="-200 -200 400 400"
    role="group"
    aria-label="What the gels on this shelf reach, dried"
  >
    {#each shown as place (id(place.hue, place.ring))}
      <path
        id="reach-{place.hue}-{place.ring}"
        d={sector(place.hue, place.ring)}
        fill={place.hex}
        role="button"
        tabindex={id(place.hue, place.ring) === stop ? 0 : -1}
        aria-label={place.hex}
        onclick={() => onpick(place.hex)}
        onkeydown={(event) => keyed(event, place)}
      />
    {/each}
  </svg>
  <p class="soft">
    Light in the middle, dark outside; where there is a gap, no gel on the shelf gets there.
  </p>
{:else}
  <p class="soft" role="status">{trouble || "Trying the gels."}</p>
{/if}

<style>
  svg {
    display: block;
    width: min(100%, 380px);
    margin: 8px auto 0;
  }
  path {
    cursor: pointer;
    stroke: #1b2440;
    stroke-opacity: 0.15;
    stroke-width: 0.6;
  }
  path:hover,
  path:focus-visible {
    outline: none;
    stroke: var(--cobalt);
    stroke-opacity: 1;
    stroke-width: 3;
  }
  p {
    text-align: center;
  }
  .ways {
    display: flex;
    justify-content: center;
  }
</style>
