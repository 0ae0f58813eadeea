<script lang="ts">
  import type { CookieView } from "../api/types";

  // A flag for each section: its name, and the pass in which it is coated. They stand in two columns beside the cookie, so that they cover nothing;
  // a line to its section shows under the pointer only. Where there are too many for that, only numbers stand inside.
  let { cookie, unit }: { cookie: CookieView; unit: number } = $props();

  const MOST_BESIDE = 16;
  const beside = $derived(cookie.sections.length <= MOST_BESIDE);
  const r = $derived((cookie.sections.length > 40 ? 1.7 : beside ? 3 : 2.3) * unit);
  const flags = $derived.by(() => {
    const middle = cookie.box.x + cookie.box.widthMm / 2;
    const sorted = [...cookie.sections].sort((a, b) => a.at.x - b.at.x);
    // As many to the left as to the right when most lie in the middle.
    const left = sorted.filter((s, i) =>
      Math.abs(s.at.x - middle) < 1 ? i < sorted.length / 2 : s.at.x < middle,
    );
    const right = sorted.filter((s) => !left.includes(s));
    return [
      ...column(left, cookie.box.x - 7 * unit),
      ...column(right, cookie.box.x + cookie.box.widthMm + 7 * unit),
    ];
  });

  /** Flags of one side, each near the height of its section and none on another. */
  function column(sections: CookieView["sections"], x: number) {
    const apart = 2.7 * r;
    const byHeight = [...sections].sort((a, b) => a.at.y - b.at.y);
    const ys = byHeight.map((s) => s.at.y);
    for (let i = 1; i < ys.length; i++) ys[i] = Math.max(ys[i] ?? 0, (ys[i - 1] ?? 0) + apart);
    const below = (ys.at(-1) ?? 0) - (cookie.box.y + cookie.box.heightMm - r);
    const shift = Math.max(0, below);
    return byHeight.map((section, i) => ({ section, x, y: (ys[i] ?? 0) - shift }));
  }
</script>

{#if beside}
  {#each flags as { section, x, y } (section.name)}
    <g class="flag" aria-hidden="true">
      <line
        class="leader"
        x1={section.at.x}
        y1={section.at.y}
        x2={x}
        y2={y}
        stroke="#1B2440"
        stroke-width={0.3 * unit}
      />
      <circle class="leader" cx={section.at.x} cy={section.at.y} r={0.7 * unit} fill="#1B2440" />
      <circle cx={x} cy={y} {r} fill="#FBFBF9" stroke="#23407A" stroke-width={0.4 * unit} />
      <text {x} y={y + r * 0.36} font-size={r}>{section.pass > 0 ? section.pass : "–"}</text>
      <text
        class="name"
        x={x + (x < section.at.x ? -1.5 : 1.5) * r}
        y={y + r * 0.3}
        font-size={r * 0.85}
        text-anchor={x < section.at.x ? "end" : "start"}>{section.name}</text
      >
    </g>
  {/each}
{:else}
  {#each cookie.sections as section (section.name)}
    <g aria-hidden="true">
      <circle
        cx={section.at.x}
        cy={section.at.y}
        {r}
        fill="#FBFBF9"
        stroke="#23407A"
        stroke-width={0.3 * unit}
      />
      <text x={section.at.x} y={section.at.y + r * 0.36} font-size={r}
        >{section.pass > 0 ? section.pass : "–"}</text
      >
    </g>
  {/each}
{/if}

<style>
  g {
    pointer-events: none;
  }
  .flag {
    pointer-events: auto;
  }
  .leader {
    opacity: 0;
    pointer-events: none;
  }
  .flag:hover .leader {
    opacity: 1;
  }
  text {
    font-weight: 700;
    fill: #1b2440;
  }
  text:not(.name) {
    text-anchor: middle;
  }
  .name {
    font-weight: 600;
  }
</style>
