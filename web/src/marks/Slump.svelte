<script lang="ts">
  import type { State } from "../api/types";

  // A bead's cross-section on a line: the stiffer, the higher it stands.
  let { state }: { state: State } = $props();

  const shapes: Record<State, string> = {
    STIFF: "M9 14 Q11 9 12 2 Q13 9 15 14 Z",
    PIPING: "M8 14 A4 5.4 0 0 1 16 14 Z",
    MEDIUM: "M6.5 14 Q7 9 12 9 T17.5 14 Z",
    FLOOD: "M3 14 Q5 11.2 12 11.2 T21 14 Z",
    GLAZE: "M1.5 14 Q4 12.8 12 12.8 T22.5 14 Z",
  };
</script>

<svg viewBox="0 0 24 17" width="24" height="17" aria-hidden="true">
  <path d={shapes[state]} fill="#1B2440" />
  <line x1="0" x2="24" y1="14.6" y2="14.6" stroke="#1B2440" stroke-width="1.2" />
</svg>

<style>
  svg {
    flex: none;
    display: inline-block;
    vertical-align: middle;
  }
</style>
