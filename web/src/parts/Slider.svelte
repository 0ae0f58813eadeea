<script lang="ts">
  // A choice of steps from 0 on, with a dimpled thumb; what it says stands beside it.
  let {
    label,
    said,
    title = "",
    value,
    last,
    onslide,
  }: {
    label: string;
    said: string;
    title?: string;
    value: number;
    last: number;
    onslide: (step: number) => void;
  } = $props();
</script>

<input
  class="slider"
  type="range"
  min="0"
  max={last}
  step="1"
  {value}
  aria-label={label}
  aria-valuetext={said}
  {title}
  oninput={(event) => onslide(Number(event.currentTarget.value))}
/>

<style>
  .slider {
    flex: 1 1 160px;
    max-width: 260px;
    height: var(--target);
    margin: 2px 0 0;
    accent-color: var(--cobalt);
    appearance: none;
    background: none;
  }
  .slider::-webkit-slider-runnable-track {
    height: 6px;
    border-radius: 3px;
    background: var(--line);
  }
  .slider::-moz-range-track {
    height: 6px;
    border-radius: 3px;
    background: var(--line);
  }
  .slider::-webkit-slider-thumb {
    appearance: none;
    width: 26px;
    height: 26px;
    margin-top: -10px;
    border-radius: 50%;
    border: 2px solid var(--cobalt);
    background:
      radial-gradient(circle at 50% 50%, var(--cobalt) 1.5px, transparent 2px),
      radial-gradient(circle at 30% 50%, var(--cobalt) 1.5px, transparent 2px),
      radial-gradient(circle at 70% 50%, var(--cobalt) 1.5px, transparent 2px),
      radial-gradient(circle at 40% 32%, var(--cobalt) 1.5px, transparent 2px),
      radial-gradient(circle at 60% 32%, var(--cobalt) 1.5px, transparent 2px),
      radial-gradient(circle at 40% 68%, var(--cobalt) 1.5px, transparent 2px),
      radial-gradient(circle at 60% 68%, var(--cobalt) 1.5px, transparent 2px), var(--enamel);
  }
</style>
