<script lang="ts">
  import Field from "./Field.svelte";

  // A number with its unit. What is typed stays as it is typed; only what reads as a number is passed on.
  let {
    label,
    value,
    unit = "",
    step = 1,
    least = -Infinity,
    most = Infinity,
    standIn = "",
    optional = false,
    whole = false,
    trouble = "",
    wide = false,
    onchange,
  }: {
    label: string;
    value: number | null | undefined;
    unit?: string;
    step?: number;
    least?: number;
    most?: number;
    standIn?: string;
    optional?: boolean;
    whole?: boolean;
    trouble?: string;
    wide?: boolean;
    onchange: (value: number | null) => void;
  } = $props();

  const id = $props.id();
  const troubleId = `${id}-trouble`;
  const written = (n: number | null | undefined) => (n == null ? "" : String(n));
  let typed = $state<string | null>(null);
  const shown = $derived(typed ?? written(value));

  /** null: not a number. */
  function read(text: string): number | null {
    const plain = text.trim().replace(/\s/g, "").replace(",", ".");
    return /^[-+]?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null;
  }

  const unreadable = $derived.by(() => {
    if (typed === null) return "";
    if (typed.trim() === "") return optional ? "" : "Write a number here.";
    const number = read(typed);
    if (number === null) return "Write a number here, such as 12.5.";
    return whole && !Number.isInteger(number) ? "Write a whole number here." : "";
  });

  function change(text: string) {
    typed = text;
    if (text.trim() === "") {
      if (optional) onchange(null);
      return;
    }
    const number = read(text);
    if (number !== null && !(whole && !Number.isInteger(number))) onchange(number);
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
    // Once the number is passed on, show it as it is stored; what can't be read stays to be mended.
    if (!unreadable && !trouble) typed = null;
  }
</script>

<Field {label} trouble={unreadable || trouble} {troubleId}>
  <span class="with-unit" class:wide>
    <input
      type="text"
      inputmode="decimal"
      autocomplete="off"
      maxlength="20"
      placeholder={standIn}
      value={shown}
      aria-invalid={Boolean(unreadable || trouble)}
      aria-describedby={unreadable || trouble ? troubleId : undefined}
      oninput={(event) => change(event.currentTarget.value)}
      onkeydown={keyed}
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
    font-size: 13px;
  }
</style>
