<script lang="ts">
  // A drawing or a photo of the kitchen's own, shown here and nowhere else: point at a colour of it.
  let { onpick }: { onpick: (hex: string) => void } = $props();

  const MOST_WIDE = 460;
  const MOST_HIGH = 300;
  const HALF = 2;
  const MOST_BYTES = 20_000_000;

  let canvas: HTMLCanvasElement;
  let shown = $state(false);
  let trouble = $state("");
  let under = $state("");

  function take(file: File | undefined) {
    if (!file) return;
    if (file.size > MOST_BYTES) {
      trouble = "This picture is over 20 MB. Take a smaller copy of it.";
      return;
    }
    const reader = new FileReader();
    reader.onload = () => {
      const image = new Image();
      image.onload = () => draw(image);
      image.onerror = () =>
        (trouble = "This is no picture that can be shown. Take a PNG, JPEG, WebP or SVG file.");
      image.src = String(reader.result);
    };
    reader.readAsDataURL(file);
  }

  function draw(image: HTMLImageElement) {
    // A drawing may come without a size of its own.
    const width = image.naturalWidth || MOST_WIDE;
    const height = image.naturalHeight || MOST_HIGH;
    const scale = Math.min(1, MOST_WIDE / width, MOST_HIGH / height);
    canvas.width = Math.max(1, Math.round(width * scale));
    canvas.height = Math.max(1, Math.round(height * scale));
    const context = canvas.getContext("2d", { willReadFrequently: true });
    context?.drawImage(image, 0, 0, canvas.width, canvas.height);
    shown = true;
    trouble = "";
  }

  /** The mean of a few pixels, so that grain does not count. */
  function at(event: { clientX: number; clientY: number }): string {
    const box = canvas.getBoundingClientRect();
    const x = Math.round(((event.clientX - box.left) / box.width) * canvas.width);
    const y = Math.round(((event.clientY - box.top) / box.height) * canvas.height);
    const data = canvas
      .getContext("2d")
      ?.getImageData(x - HALF, y - HALF, 2 * HALF + 1, 2 * HALF + 1).data;
    const sum = [0, 0, 0];
    let n = 0;
    for (let i = 0; data && i < data.length; i += 4) {
      if ((data[i + 3] ?? 0) < 128) continue;
      n++;
      for (let c = 0; c < 3; c++) sum[c] = (sum[c] ?? 0) + (data[i + c] ?? 0);
    }
    if (n === 0) return "#FFFFFF";
    const part = (s: number) =>
      Math.round(s / n)
        .toString(16)
        .padStart(2, "0");
    return `#${sum.map(part).join("")}`.toUpperCase();
  }
</script>

<label class="file">
  <span>A drawing or a photo</span>
  <input
    type="file"
    accept="image/*"
    onchange={(e) => take(e.currentTarget.files?.[0] ?? undefined)}
  />
</label>
{#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
<!-- Pointing needs a pointer; the other ways to a colour go by keys. -->
<canvas
  bind:this={canvas}
  class:shown
  aria-label="The picture: press on the colour that you want"
  onpointermove={(e) => shown && (under = at(e))}
  onclick={(e) => shown && onpick(at(e))}
></canvas>
{#if shown}
  <p class="soft">
    <span class="dot" style:background={under || "#ffffff"}></span>
    {under || "Press on the colour that you want."}
  </p>
{/if}

<style>
  .file {
    display: grid;
    gap: 4px;
  }
  canvas {
    display: none;
    max-width: 100%;
    margin-top: 10px;
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    cursor: crosshair;
  }
  canvas.shown {
    display: block;
  }
  .dot {
    display: inline-block;
    width: 22px;
    height: 22px;
    border-radius: 50%;
    border: 1.5px solid var(--cobalt);
    vertical-align: middle;
  }
  p {
    margin-top: 8px;
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
  }
</style>
