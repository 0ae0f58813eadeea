<script lang="ts">
  import type { CookieView } from "../api/types";

  // A flag in each section: its name, and the pass in which it is coated.
  let { cookie, unit }: { cookie: CookieView; unit: number } = $props();

  const r = $derived(cookie.sections.length > 24 ? 2.1 * unit : 3.2 * unit);
</script>

{#each cookie.sections as section (section.name)}
  <g aria-hidden="true">
    <circle
      cx={section.at.x}
      cy={section.at.y}
      {r}
      fill="#FBFBF9"
      stroke="#23407A"
      stroke-width={0.4 * unit}
    />
    <text
      x={section.at.x}
      y={section.at.y + r * 0.36}
      font-size={r}
      text-anchor="middle"
      fill="#1B2440"
    >
      {section.pass > 0 ? section.pass : "–"}
    </text>
    {#if cookie.sections.length <= 24}
      <text
        class="name"
        x={section.at.x}
        y={section.at.y + r * 2}
        font-size={r * 0.85}
        text-anchor="middle"
        fill="#1B2440">{section.name}</text
      >
    {/if}
  </g>
{/each}

<style>
  text {
    font-weight: 700;
  }
  .name {
    paint-order: stroke;
    stroke: #fbfbf9;
    stroke-width: 0.9px;
    font-weight: 600;
  }
</style>
