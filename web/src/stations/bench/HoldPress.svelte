<script lang="ts">
  import { onDestroy } from "svelte";
  import { isBusy } from "../../parts/keys";
  import { pedal } from "./pedal.svelte";

  // Held down, something flows; let go, it stops: by finger, mouse, space bar or return.
  let {
    label,
    sub = "",
    big = false,
    space = false,
    share = null,
    disabled = false,
    onhold,
  }: {
    label: string;
    sub?: string;
    big?: boolean;
    /** Whether the space bar holds it down wherever the focus is. */
    space?: boolean;
    /** How far it has come, 0 to 1; null where that is not known. */
    share?: number | null;
    disabled?: boolean;
    /** What was held from one moment to another, in ms since it was first held; and whether the hand stops with that. */
    onhold: (fromMs: number, toMs: number, isLast: boolean) => void;
  } = $props();

  const EVERY_MS = 150;
  let since = $state<number | null>(null);
  let told = 0;
  let timer: ReturnType<typeof setInterval> | undefined;

  function begin() {
    if (disabled || since !== null) return;
    since = performance.now();
    told = 0;
    timer = setInterval(() => tell(false), EVERY_MS);
  }

  function tell(isLast: boolean) {
    if (since === null) return;
    const now = performance.now() - since;
    onhold(told, now, isLast);
    told = now;
  }

  function end() {
    if (since === null) return;
    clearInterval(timer);
    tell(true);
    since = null;
  }

  const isKey = (event: KeyboardEvent) => event.key === " " || event.key === "Enter";

  let button: HTMLButtonElement;
  function anywhere(event: KeyboardEvent): boolean {
    const other = event.target instanceof HTMLButtonElement && event.target !== button;
    return space && (event.key === pedal.key || (event.key === " " && !other));
  }

  onDestroy(end);
</script>

<svelte:window
  onblur={end}
  onkeydown={(event) => {
    if (!anywhere(event) || isBusy(event)) return;
    event.preventDefault();
    if (!event.repeat) begin();
  }}
  onkeyup={(event) => anywhere(event) && end()}
/>
<button
  bind:this={button}
  aria-keyshortcuts={space ? "Space" : undefined}
  class:big
  class:held={since !== null}
  {disabled}
  onpointerdown={(event) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    begin();
  }}
  onpointerup={end}
  onpointercancel={end}
  oncontextmenu={(event) => event.preventDefault()}
  onkeydown={(event) => {
    if (!isKey(event)) return;
    event.preventDefault();
    if (!event.repeat) begin();
  }}
  onkeyup={(event) => isKey(event) && end()}
  onblur={end}
>
  {#if share !== null}<span class="bar" style:width="{Math.min(1, share) * 100}%" aria-hidden="true"
    ></span>{/if}
  <span class="label">{label}</span>
  {#if sub}<span class="sub">{sub}</span>{/if}
</button>

<style>
  button {
    position: relative;
    overflow: hidden;
    display: inline-grid;
    align-content: center;
    min-height: 56px;
    padding: 7px 18px;
    border: 2px dashed var(--brass-line);
    border-radius: var(--round);
    background: var(--enamel);
    color: var(--ink);
    font-weight: 600;
    text-align: left;
    cursor: pointer;
    touch-action: none;
    user-select: none;
    -webkit-user-select: none;
  }
  button.big {
    display: grid;
    width: 100%;
    min-height: 108px;
    padding: 14px 24px;
  }
  .big .label {
    font: 700 30px/1.1 var(--heading);
  }
  .sub {
    font-weight: 400;
  }
  .label,
  .sub {
    position: relative;
  }
  .held {
    border-style: solid;
    background: var(--wash);
  }
  .bar {
    position: absolute;
    inset: 0 auto 0 0;
    background: #8fb4e0;
    opacity: 0.6;
  }
  button:disabled {
    opacity: 0.45;
    cursor: default;
  }
</style>
