<script lang="ts">
  import { readTime } from "../units/dates";
  import Field from "./Field.svelte";

  // A time of the day: 10, 9:30, 3 pm.
  let {
    label,
    time,
    place,
    trouble = "",
    onchange,
  }: {
    label: string;
    time: string;
    place?: string;
    trouble?: string;
    onchange: (time: string) => void;
  } = $props();

  let typed = $state<string | null>(null);
  const unreadable = $derived(typed !== null && readTime(typed) === undefined);

  function left() {
    const read = typed === null ? undefined : readTime(typed);
    if (read && read !== time) onchange(read);
    if (read) typed = null;
  }
</script>

<Field {label} {place} trouble={unreadable ? "Write a time such as 10:00." : trouble}>
  <input
    value={typed ?? time}
    maxlength="12"
    autocomplete="off"
    oninput={(e) => (typed = e.currentTarget.value)}
    onfocus={(e) => e.currentTarget.select()}
    onkeydown={(e) => e.key === "Enter" && left()}
    onblur={left}
  />
</Field>
