<script lang="ts">
  // A colour as six digits, and the same to be picked.
  let { label, hex, onchange }: { label: string; hex: string; onchange: (hex: string) => void } =
    $props();

  const readable = $derived(/^#[0-9a-f]{6}$/i.test(hex));
</script>

<div class="colour">
  <label>
    <span class="label">{label}</span>
    <input
      class="hex"
      value={hex}
      maxlength="20"
      autocomplete="off"
      spellcheck="false"
      oninput={(e) => onchange(e.currentTarget.value)}
    />
  </label>
  <input
    type="color"
    aria-label="Pick: {label}"
    value={readable ? hex.toLowerCase() : "#ffffff"}
    oninput={(e) => onchange(e.currentTarget.value.toUpperCase())}
  />
</div>

<style>
  .colour {
    display: flex;
    align-items: end;
    gap: 6px;
  }
  label {
    display: grid;
    gap: 3px;
  }
  .label {
    font-size: var(--small);
    color: var(--soft);
  }
  input {
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    padding: 5px 8px;
    min-height: var(--target);
  }
  .hex {
    width: 100px;
  }
  input[type="color"] {
    width: 52px;
    height: var(--target);
    padding: 2px;
  }
</style>
