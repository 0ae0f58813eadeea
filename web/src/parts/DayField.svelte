<script lang="ts">
  import { dayOf, readDate, todayHere } from "../units/dates";
  import Field from "./Field.svelte";
  import Months from "./Months.svelte";
  import { thePaper } from "./placed";

  // A day, written as the headers write it: typed in any usual way, or picked from the month.
  let {
    label,
    day,
    place,
    trouble = "",
    counts = {},
    onhold,
    onchange,
  }: {
    label: string;
    day: string;
    place?: string;
    trouble?: string;
    counts?: Record<string, number>;
    /** Keeps what can't be read, where that takes more than its place. */
    onhold?: (text: string, sentence: string) => void;
    onchange: (day: string) => void;
  } = $props();

  const HOW = "Write a day such as 5 Dec, or 5 Dec 2027.";
  const paper = thePaper();
  const today = todayHere();
  let typed = $state<string | null>(null);
  let open = $state(false);
  let month = $state("");
  let box: HTMLElement;
  const isDay = $derived(/^\d{4}-\d\d-\d\d$/.test(day));
  const shown = $derived(typed ?? (isDay ? dayOf(day, true) : day));
  let isTyping = $state(false);
  const unreadable = $derived(
    typed === null ? day !== "" && !isDay : readDate(typed, today) === undefined,
  );

  function type(text: string) {
    typed = text;
    isTyping = true;
    if (readDate(text, today) === undefined) hold(text);
  }

  function hold(text: string) {
    if (onhold) onhold(text, HOW);
    else if (place) paper?.hold(place, text, HOW);
  }

  function left() {
    isTyping = false;
    if (typed === null) return;
    const read = readDate(typed, today);
    if (read && read !== day) onchange(read);
    if (read || onhold || place) typed = null;
  }

  function show() {
    month = (isDay ? day : today).slice(0, 7);
    open = !open;
  }

  function pick(picked: string) {
    typed = null;
    open = false;
    onchange(picked);
    box.querySelector("input")?.focus();
  }

  function keyed(event: KeyboardEvent) {
    if (event.key === "Escape" && open) {
      open = false;
      event.stopPropagation();
      event.preventDefault();
    }
  }
</script>

<span
  class="day-field"
  role="presentation"
  bind:this={box}
  onkeydown={keyed}
  onfocusout={(e) => {
    if (e.relatedTarget && !box.contains(e.relatedTarget as Node)) open = false;
  }}
>
  <Field
    {label}
    {place}
    trouble={unreadable ? HOW : trouble}
    quiet={isTyping || (typed !== null && open)}
  >
    <input
      value={shown}
      maxlength="40"
      autocomplete="off"
      oninput={(e) => type(e.currentTarget.value)}
      onfocus={(e) => e.currentTarget.select()}
      onkeydown={(e) => e.key === "Enter" && left()}
      onblur={left}
    />
  </Field>
  <button
    type="button"
    aria-label="Pick the day"
    title="Pick the day"
    aria-expanded={open}
    onclick={show}>▾</button
  >
  {#if open}
    <span class="pop">
      <Months {month} {today} chosen={day} {counts} onpick={pick} onmonth={(m) => (month = m)} />
    </span>
  {/if}
</span>

<style>
  .day-field {
    position: relative;
    display: block;
  }
  .day-field :global(input) {
    width: 100%;
    padding-right: 40px;
  }
  button {
    position: absolute;
    right: 0;
    top: 17px;
    width: 40px;
    height: var(--target);
    border: 0;
    background: none;
    color: var(--cobalt);
    cursor: pointer;
  }
  .pop {
    position: absolute;
    z-index: 6;
    top: 100%;
    left: 0;
    width: 290px;
    padding: 6px;
    border: 2px solid var(--cobalt);
    border-radius: 12px;
    background: var(--enamel);
  }
</style>
