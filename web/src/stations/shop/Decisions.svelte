<script lang="ts">
  import { reference } from "../../desk/catalogue.svelte";
  import Field from "../../parts/Field.svelte";
  import { said } from "../../units/format";
  import { type Settings, shop } from "../../desk/shop.svelte";
  import TextField from "../../parts/TextField.svelte";
  import Doughs from "./Doughs.svelte";
  import CustomsForm from "./CustomsForm.svelte";
  import PieceWeights from "./PieceWeights.svelte";
  import Recipes from "./Recipes.svelte";
  import Tips from "./Tips.svelte";

  // What a shop has decided, rather than measured: its schools, its base, its words and its tips.
  let { settings }: { settings: Settings } = $props();

  const counts = $derived<Record<keyof Settings["words"], string>>({
    stiff: "the base as it is",
    piping: `${reference.mean("PIPING_SECONDS")} s`,
    medium: `${reference.mean("MEDIUM_SECONDS")} s`,
    flood: "the flood",
    glaze: `${reference.mean("GLAZE_SECONDS")} s`,
  });
  const words = $derived(Object.keys(counts) as (keyof Settings["words"])[]);
</script>

<div class="grid">
  {#each reference.catalogue?.shop ?? [] as parameter (parameter.name)}
    <Field label={parameter.word}>
      <select
        value={String((settings as unknown as Record<string, unknown>)[parameter.name])}
        onchange={(e) => {
          const word = e.currentTarget.value;
          shop.change((tree) => Object.assign(tree.settings, { [parameter.name]: word }));
        }}
      >
        {#each parameter.options as option (option)}
          <option value={option}>{said(option)}</option>
        {/each}
      </select>
    </Field>
  {/each}
</div>
<Recipes
  usual={settings.recipe}
  onusual={(key) => shop.change((tree) => (tree.settings.recipe = key))}
/>
<Doughs {settings} />
<CustomsForm customs={settings.customs} />
<h2>Words for how stiff it is</h2>
<p class="soft">Each word is a count; call it what your kitchen calls it.</p>
<div class="grid">
  {#each words as word (word)}
    <TextField
      label="word for {counts[word]}"
      place="/settings/words/{word}"
      value={settings.words[word]}
      longest={16}
      onchange={(text) =>
        shop.change((tree) => (tree.settings.words[word] = text), `word ${word}`, true)}
    />
  {/each}
</div>
<Tips {settings} />
<PieceWeights {settings} />

<style>
  h2 {
    margin-top: 22px;
  }
  .grid {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
    gap: 14px 20px;
    margin-top: 8px;
  }
</style>
