<script lang="ts">
  import type { Explained } from "./explained";
  import Field from "./Field.svelte";
  import { locale } from "../units/locale.svelte";
  import { thePaper } from "./placed";

  // A number with its unit. What is typed stays as it is typed; only what reads as a number in its range is passed on, and what does
  // not is kept beside its sentence.
  let {
    label,
    value,
    place,
    unit = "",
    step = 1,
    least = -Infinity,
    most = Infinity,
    standIn = "",
    optional = false,
    whole = false,
    trouble = "",
    wide = false,
    explain,
    onchange,
  }: {
    label: string;
    value: number | string | null | undefined;
    place?: string;
    unit?: string;
    step?: number;
    least?: number;
    most?: number;
    standIn?: string;
    optional?: boolean;
    whole?: boolean;
    trouble?: string;
    wide?: boolean;
    explain?: Explained;
    onchange: (value: number | null) => void;
  } = $props();

  const TYPING_MS = 700;
  const id = $props.id();
  const troubleId = `${id}-trouble`;
  const paper = thePaper();
  const written = (n: number | string | null | undefined) =>
    n == null ? "" : typeof n === "number" ? String(n).replace(".", locale.point) : n;
  let typed = $state<string | null>(null);
  // While the hand types, half a number is no mistake.
  let isTyping = $state(false);
  let resting: ReturnType<typeof setTimeout> | undefined;
  const shown = $derived(typed ?? written(value));

  /** null: not a number. */
  function read(text: string): number | null {
    const plain = text.trim().replace(/\s/g, "").replace(",", ".");
    return /^[-+]?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null;
  }

  const plain = (n: number) => locale.short(n);
  const bounds = $derived(
    Number.isFinite(least) && Number.isFinite(most)
      ? `Write a number from ${plain(least)} to ${plain(most)}${unit ? ` ${unit}` : ""}.`
      : "",
  );

  function sentence(text: string): string {
    if (text.trim() === "") return optional ? "" : "Write a number here.";
    const number = read(text);
    if (number === null) return `Write a number here, such as 12${locale.point}5.`;
    if (whole && !Number.isInteger(number)) return "Write a whole number here.";
    return bounds && (number < least || number > most) ? bounds : "";
  }

  const unreadable = $derived(typed === null ? "" : sentence(typed));
  const wrong = $derived(unreadable || trouble || (place && paper?.trouble(place)) || "");

  function change(text: string) {
    typed = text;
    isTyping = true;
    clearTimeout(resting);
    resting = setTimeout(() => (isTyping = false), TYPING_MS);
    const why = sentence(text);
    if (why) {
      if (place) paper?.hold(place, text, why);
    } else {
      onchange(text.trim() === "" ? null : read(text));
    }
  }

  function keyed(event: KeyboardEvent) {
    if (event.key !== "ArrowUp" && event.key !== "ArrowDown") return;
    event.preventDefault();
    const from = read(shown) ?? read(standIn) ?? Math.max(0, least);
    const by = (event.key === "ArrowUp" ? 1 : -1) * (event.shiftKey ? 10 : 1) * step;
    const next = Math.min(most, Math.max(least, Number((from + by).toFixed(6))));
    change(String(next));
  }

  function left() {
    isTyping = false;
    // Once the number is passed on, show it as it is stored; what can't be read stays to be mended.
    if (!wrong || place) typed = null;
  }
</script>

<Field {label} {place} trouble={wrong} {troubleId} quiet={isTyping} {explain}>
  <span class="with-unit" class:wide>
    <input
      type="text"
      inputmode="decimal"
      autocomplete="off"
      maxlength="20"
      placeholder={/^-?\d+\.\d+$/.test(standIn) ? standIn.replace(".", locale.point) : standIn}
      value={shown}
      aria-invalid={Boolean(wrong) && !isTyping}
      aria-describedby={wrong && !isTyping ? troubleId : undefined}
      oninput={(event) => change(event.currentTarget.value)}
      onkeydown={keyed}
      onfocus={(event) => event.currentTarget.select()}
      onblur={left}
    />
    {#if unit}<span class="unit">{unit}</span>{/if}
  </span>
</Field>

<style>
  .with-unit {
    display: flex;
    align-items: center;
    gap: 5px;
  }
  input {
    width: 76px;
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
  .wide input {
    width: 142px;
  }
  input::placeholder {
    color: var(--soft);
    opacity: 1;
    font-style: italic;
  }
  .unit {
    color: var(--soft);
    font-size: var(--small);
  }
</style>
