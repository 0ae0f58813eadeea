<script lang="ts">
  import { readTime } from "../units/dates";
  import Field from "./Field.svelte";
  import { thePaper } from "./placed";

  // A time of the day: 10, 9:30, 3 pm. What can't be read is kept as it was typed, beside its sentence.
  let {
    label,
    time,
    place,
    trouble = "",
    onhold,
    onchange,
  }: {
    label: string;
    time: string;
    place?: string;
    trouble?: string;
    /** Keeps what can't be read, where that takes more than its place. */
    onhold?: (text: string, sentence: string) => void;
    onchange: (time: string) => void;
  } = $props();

  const HOW = "Write a time such as 10:00.";
  const paper = thePaper();
  let typed = $state<string | null>(null);
  let isTyping = $state(false);
  const unreadable = $derived(readTime(typed ?? time) === undefined);

  function type(text: string) {
    typed = text;
    isTyping = true;
    if (readTime(text) !== undefined) return;
    if (onhold) onhold(text, HOW);
    else if (place) paper?.hold(place, text, HOW);
  }

  function left() {
    isTyping = false;
    const read = typed === null ? undefined : readTime(typed);
    if (read && read !== time) onchange(read);
    if (read || onhold || place) typed = null;
  }
</script>

<Field {label} {place} quiet={isTyping} trouble={unreadable ? HOW : trouble}>
  <input
    value={typed ?? time}
    maxlength="12"
    autocomplete="off"
    oninput={(e) => type(e.currentTarget.value)}
    onfocus={(e) => e.currentTarget.select()}
    onkeydown={(e) => e.key === "Enter" && left()}
    onblur={left}
  />
</Field>
