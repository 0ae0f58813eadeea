<script lang="ts">
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import type { Drawn } from "./drawn.svelte";

  // A picture on its way to be a drawing: how far it is, and in how many colours.
  let { drawn }: { drawn: Drawn } = $props();
</script>

{#if drawn.share !== null}
  <div class="going" role="status">
    <progress max="1" value={drawn.share}></progress>
    <span>Tracing the picture …</span>
    <Press plain onpress={() => drawn.stop()}>Stop</Press>
  </div>
{:else if drawn.picture && drawn.preview}
  <div class="form">
    <NumberField
      label="colours of the picture"
      whole
      optional
      value={drawn.wantedColours || null}
      standIn={String(drawn.foundColours || "")}
      least={2}
      most={12}
      onchange={(n) => {
        drawn.wantedColours = n ?? 0;
        void drawn.trace();
      }}
    />
  </div>
{/if}

<style>
  .going {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: center;
    margin: 10px 0;
  }
  progress {
    accent-color: var(--cobalt);
    width: 180px;
  }
  .form {
    margin-top: 8px;
  }
</style>
