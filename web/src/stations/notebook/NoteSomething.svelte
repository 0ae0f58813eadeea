<script lang="ts">
  import { notebook, type Written } from "../../desk/notebook.svelte";
  import { shop } from "../../desk/shop.svelte";
  import Dialog from "../../parts/Dialog.svelte";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import TextField from "../../parts/TextField.svelte";
  import { todayHere } from "../../units/dates";
  import { ALSO, kindsOf } from "./kinds";

  // A note by hand: what was measured, on which day, and a few words.
  let dialog: Dialog;
  let chosen = $state("count");
  let values = $state<Record<string, string | number | null>>({});
  let date = $state(todayHere());
  let words = $state("");
  let trouble = $state("");
  let saving = $state(false);

  const named = (all: { key: string; name: string }[]) =>
    Object.fromEntries(all.map((one) => [one.key, one.name]));
  const kinds = $derived(
    kindsOf(named(Object.values(shop.view?.recipes ?? {})), named(shop.settings?.doughs ?? [])),
  );
  const kind = $derived(kinds.find((one) => one.key === chosen) ?? kinds[0]);

  export function show() {
    values = {};
    words = "";
    trouble = "";
    date = todayHere();
    dialog.show();
  }

  async function write() {
    if (!kind || saving) return;
    const note: Written = { kind: kind.key, day: date, ...ALSO[kind.key] };
    for (const field of kind.fields) {
      const value = values[field.key] ?? (field.ways ? Object.keys(field.ways)[0] : null);
      if (value == null) {
        trouble = `Write ${field.label}.`;
        return;
      }
      note[field.key] = value;
    }
    if (words.trim()) note.words = words.trim();
    saving = true;
    trouble = await notebook.write(note);
    saving = false;
    if (!trouble) dialog.close();
  }
</script>

<Dialog bind:this={dialog} title="Note something">
  {#if kind}
    <Field label="what">
      <select
        aria-label="What was measured"
        bind:value={chosen}
        onchange={() => {
          values = {};
          trouble = "";
        }}
      >
        {#each kinds as one (one.key)}<option value={one.key}>{one.word}</option>{/each}
      </select>
    </Field>
    <p class="soft">{kind.says}</p>
    <div class="fields">
      {#each kind.fields as field (kind.key + field.key)}
        {#if field.ways}
          <Field label={field.label}>
            <select
              aria-label={field.label}
              value={values[field.key] ?? Object.keys(field.ways)[0]}
              onchange={(event) => (values[field.key] = event.currentTarget.value)}
            >
              {#each Object.entries(field.ways) as [key, word] (key)}
                <option value={key}>{word}</option>
              {/each}
            </select>
          </Field>
        {:else}
          <NumberField
            label={field.label}
            unit={field.unit ?? ""}
            least={field.least}
            most={field.most}
            whole={field.whole ?? false}
            step={field.whole ? 1 : 0.1}
            optional
            value={values[field.key] ?? null}
            onchange={(value) => (values[field.key] = value)}
          />
        {/if}
      {/each}
      <TextField label="day" type="date" value={date} onchange={(text) => (date = text)} />
      <TextField
        label="a few words"
        value={words}
        longest={400}
        onchange={(text) => (words = text)}
      />
    </div>
    {#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
    <p><Press disabled={saving} onpress={() => void write()}>Note it</Press></p>
  {/if}
</Dialog>

<style>
  .fields {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 10px 16px;
    margin: 10px 0;
  }
  select {
    width: 100%;
    min-height: var(--target);
  }
  .trouble {
    color: var(--tomato);
  }
  @media (max-width: 560px) {
    .fields {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
