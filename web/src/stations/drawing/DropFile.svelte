<script lang="ts">
  import type { Snippet } from "svelte";

  // Where a drawing comes in: dropped, chosen, or pasted.
  let {
    trouble,
    compact = false,
    onfile,
    children,
  }: {
    trouble: string;
    compact?: boolean;
    onfile: (file: File) => void;
    /** What may come in. */
    children?: Snippet;
  } = $props();

  let over = $state(false);
  let input: HTMLInputElement;

  export function choose() {
    input.click();
  }

  function take(files: FileList | null | undefined) {
    const file = files?.[0];
    if (file) onfile(file);
  }

  function pasted(event: ClipboardEvent) {
    if ((event.target as HTMLElement).closest("input, textarea")) return;
    const text = event.clipboardData?.getData("text/plain") ?? "";
    if (event.clipboardData?.files.length) take(event.clipboardData.files);
    else if (text.includes("<svg"))
      onfile(new File([text], "pasted.svg", { type: "image/svg+xml" }));
  }
</script>

<svelte:window onpaste={pasted} />

<label
  class="drop"
  class:over
  class:compact
  ondragover={(e) => {
    e.preventDefault();
    over = true;
  }}
  ondragleave={() => (over = false)}
  ondrop={(e) => {
    e.preventDefault();
    over = false;
    take(e.dataTransfer?.files);
  }}
>
  <strong
    >{compact
      ? "Another file"
      : children
        ? "Choose a drawing or a photo"
        : "Choose a drawing"}</strong
  >
  {#if !compact}
    <span class="soft">
      {#if children}{@render children()}{:else}
        An SVG from a drawing program, or a picture (PNG, JPEG, WebP): a sketch on paper,
        photographed, will do. You can also drop it here, or paste it; a design saved as a file
        (JSON) comes in here too.
      {/if}
    </span>
  {/if}
  <input
    bind:this={input}
    type="file"
    accept=".svg,.svgz,.json,image/svg+xml,image/png,image/jpeg,image/webp"
    onchange={(e) => {
      take(e.currentTarget.files);
      e.currentTarget.value = "";
    }}
  />
</label>
{#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}

<style>
  .drop {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 8px;
    justify-items: start;
    border: 2px dashed var(--cobalt);
    border-radius: var(--round);
    padding: 28px 24px;
    cursor: pointer;
  }
  .drop.over {
    background: var(--wash);
  }
  .compact {
    border-style: solid;
    border-radius: var(--pill);
    padding: 9px 16px;
    color: var(--cobalt);
    min-height: var(--target);
  }
  input {
    font: inherit;
    max-width: 100%;
  }
  .compact input {
    position: absolute;
    width: 1px;
    height: 1px;
    opacity: 0;
  }
  .drop:focus-within {
    outline: 3px solid var(--cobalt);
    outline-offset: 2px;
  }
  .trouble {
    color: var(--tomato);
  }
</style>
