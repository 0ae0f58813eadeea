<script lang="ts">
  import type { DesignView } from "../api/types";
  import { reference } from "../desk/catalogue.svelte";
  import { theDesk } from "../desk/order.svelte";

  // How many of a design: selected when entered, so that typing 24 gives 24.
  let { design, ontrouble }: { design: DesignView; ontrouble?: (sentence: string) => void } =
    $props();

  const desk = theDesk();
  const TYPING_MS = 700;
  const place = $derived(`/designs/${design.id}/count`);
  const most = $derived(reference.catalogue?.most.cookies ?? 9999);
  let isTyping = $state(false);
  let resting: ReturnType<typeof setTimeout> | undefined;
  const trouble = $derived(isTyping ? "" : desk.trouble(place));
  $effect(() => ontrouble?.(trouble));

  function type(text: string) {
    isTyping = true;
    clearTimeout(resting);
    resting = setTimeout(() => (isTyping = false), TYPING_MS);
    const plain = text.trim();
    if (/^\d{1,9}$/.test(plain) && Number(plain) >= 1 && Number(plain) <= most) {
      desk.editDesign(design.id, (draft) => (draft.count = Number(plain)), "count");
    } else {
      desk.paper.hold(
        place,
        text,
        /^\d+$/.test(plain)
          ? `Between 1 and ${most.toLocaleString("en")} cookies of a design can be planned.`
          : "Write how many, as a whole number.",
      );
    }
  }
</script>

<label class="count" class:wrong={trouble} data-place={place}>
  <span aria-hidden="true">×</span>
  <input
    aria-label="How many {design.document.name}"
    inputmode="numeric"
    autocomplete="off"
    maxlength="9"
    value={String(design.count)}
    aria-invalid={Boolean(trouble)}
    oninput={(event) => type(event.currentTarget.value)}
    onfocus={(event) => event.currentTarget.select()}
    onblur={() => (isTyping = false)}
  />
</label>

<style>
  .count {
    display: flex;
    align-items: center;
    gap: 2px;
    border: 2px solid var(--cobalt);
    border-radius: var(--pill);
    background: var(--enamel);
    padding: 0 14px;
    min-height: var(--target);
    font-family: var(--heading);
    font-weight: 700;
    font-size: 18px;
    cursor: text;
  }
  .count.wrong {
    border-color: var(--tomato);
  }
  input {
    width: auto;
    min-width: 30px;
    max-width: 90px;
    field-sizing: content;
    text-align: center;
    border: 0;
    background: none;
    font-weight: 700;
    padding: 8px 0;
    min-height: var(--target);
  }
</style>
