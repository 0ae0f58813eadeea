<script lang="ts">
  import { answered, api } from "../../api/client";
  import { reference as known } from "../../desk/catalogue.svelte";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import OneOf from "../../parts/OneOf.svelte";
  import Press from "../../parts/Press.svelte";
  import SwatchForm from "./SwatchForm.svelte";

  // A new bottle starts from the reference gel that is most like it, or from one swatch of it.
  let { onadded }: { onadded: () => Promise<void> } = $props();

  const WAYS = { like: "it is much like…", swatch: "I made a swatch" };
  let name = $state("");
  let reference = $state("lemon");
  let way = $state<keyof typeof WAYS>("like");
  let full = $state<number | null>(350);
  let price = $state<number | null>(null);
  let trouble = $state("");

  async function add(
    swatch: { drops: number; grams: number; hex: string } | null,
  ): Promise<boolean> {
    try {
      await answered(
        api.POST("/api/gels", {
          body: {
            bottle: { name, dropsLeft: full ?? 0, bottleDrops: full ?? 0, price },
            reference: swatch ? null : reference,
            swatch,
          },
        }),
      );
      await onadded();
      return true;
    } catch (e) {
      trouble = (e as Error).message;
      return false;
    }
  }
</script>

<div class="form">
  <Field label="name on the label"
    ><input bind:value={name} maxlength="60" autocomplete="off" /></Field
  >
  <NumberField
    label="drops in a full bottle"
    value={full}
    least={1}
    most={100_000}
    onchange={(n) => (full = n)}
  />
  <NumberField
    label="price of a bottle"
    value={price}
    optional
    least={0}
    most={10_000}
    onchange={(n) => (price = n)}
  />
</div>
<div class="ways">
  <OneOf label="What it starts from" ways={WAYS} chosen={way} onchoose={(key) => (way = key)} />
</div>
{#if way === "swatch"}
  <p class="soft">
    The reference gel that explains your swatch best is taken, as strong as the swatch says.
  </p>
  <SwatchForm press="Add it" {trouble} onkeep={(note) => add(note)} />
{:else}
  <div class="form">
    <Field label="reference gel">
      <select bind:value={reference}>
        {#each known.catalogue?.referenceGels ?? [] as word (word)}<option value={word}
            >{word}</option
          >{/each}
      </select>
    </Field>
    <Press onpress={() => void add(null)}>Add it</Press>
  </div>
  {#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
{/if}

<style>
  .form {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 10px 16px;
    margin-top: 6px;
  }
  .ways {
    margin: 14px 0 4px;
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
    margin-top: 6px;
  }
</style>
