<script lang="ts">
  // A ruler in mm, numbered from the cookie's edge.
  let {
    from,
    lengthMm,
    along,
    unit,
  }: { from: { x: number; y: number }; lengthMm: number; along: "x" | "y"; unit: number } =
    $props();

  const fine = $derived(lengthMm <= 160 ? 2 : 5);
  const ticks = $derived(
    Array.from({ length: Math.floor(lengthMm / fine) + 1 }, (_, i) => i * fine),
  );
  const long = (mm: number) => (mm % 10 === 0 ? 2.4 : 1.2) * unit;
  const numbered = $derived(lengthMm <= 120 ? 10 : 20);
</script>

<g stroke="#515C79" stroke-width={0.22 * unit} aria-hidden="true">
  {#each ticks as mm (mm)}
    {#if along === "x"}
      <line x1={from.x + mm} x2={from.x + mm} y1={from.y} y2={from.y + long(mm)} />
    {:else}
      <line x1={from.x} x2={from.x - long(mm)} y1={from.y + mm} y2={from.y + mm} />
    {/if}
  {/each}
</g>
<g font-size={2.9 * unit} fill="#515C79" aria-hidden="true">
  {#each ticks.filter((mm) => mm % numbered === 0) as mm (mm)}
    {#if along === "x"}
      <text x={from.x + mm} y={from.y + 6.2 * unit} text-anchor="middle">{mm}</text>
    {:else}
      <text x={from.x - 3.4 * unit} y={from.y + mm + unit} text-anchor="end">{mm}</text>
    {/if}
  {/each}
</g>
