<script lang="ts">
  import { ended } from "./ended";
  import Field from "./Field.svelte";

  // Words that are written to a place of the paper. They are stored when the hand rests or leaves.
  let {
    label,
    place,
    value,
    longest = 300,
    lines = 1,
    type = "text",
    trouble = "",
    onchange,
  }: {
    label: string;
    place?: string;
    value: string;
    longest?: number;
    lines?: number;
    type?: "text" | "date" | "time";
    trouble?: string;
    onchange: (text: string) => void;
  } = $props();
</script>

<Field {label} {place} {trouble}>
  {#if lines > 1}
    <textarea
      rows={lines}
      maxlength={longest}
      dir="auto"
      {value}
      oninput={(e) => onchange(e.currentTarget.value)}></textarea>
  {:else}
    <input
      {@attach type === "text" && ended}
      {type}
      {value}
      maxlength={longest}
      dir={type === "text" ? "auto" : undefined}
      autocomplete="off"
      oninput={(e) => onchange(e.currentTarget.value)}
    />
  {/if}
</Field>

<style>
  textarea {
    resize: vertical;
    font: inherit;
    color: inherit;
  }
</style>
