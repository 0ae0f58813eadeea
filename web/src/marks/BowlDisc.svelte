<script lang="ts">
  // A bowl from above: a ringed disc.
  let { hex, size = 40 }: { hex: string; size?: number } = $props();
</script>

<svg viewBox="-20 -20 40 40" width={size} height={size} aria-hidden="true">
  <circle r="18.6" fill="#FBFBF9" stroke="#23407A" stroke-width="2" />
  <circle r="15" fill={hex} stroke="#1B2440" stroke-opacity="0.2" stroke-width="0.6" />
</svg>

<style>
  svg {
    display: block;
    flex: none;
  }
</style>
