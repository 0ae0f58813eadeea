<script lang="ts">
  import { onMount } from "svelte";
  import { answered, api, Refusal } from "../../api/client";
  import type { Parameter, Problem, ShopView } from "../../api/types";
  import { reference } from "../../desk/catalogue.svelte";
  import { Saver } from "../../desk/saver";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { said as inWords } from "../../units/format";
  import Recipes from "./Recipes.svelte";
  import WeighTen from "./WeighTen.svelte";

  type Settings = ShopView["settings"];
  type Named = Record<string, number>;

  const numbers = $derived(reference.catalogue?.shop ?? []);
  /** What is piped and weighed by tens. */
  const weighed = (parameter: Parameter) => / weighs$/.test(parameter.word);

  let draft = $state.raw<Settings | null>(null);
  let problem = $state.raw<Problem | null>(null);
  let said = $state("");

  const saver = new Saver<Settings, ShopView>(
    (settings) =>
      answered(api.PUT("/api/shop", { body: { version: reference.shop?.version ?? 0, settings } })),
    {
      stored: (stored) => {
        reference.shop = stored;
        problem = null;
        said = "saved; every order follows";
      },
      refused: (p) => (problem = p),
      unreached: (sentence) => (said = sentence),
    },
  );

  async function look() {
    try {
      await reference.load();
      draft = reference.shop?.settings ?? null;
      problem = null;
    } catch (e) {
      problem =
        e instanceof Refusal ? e.problem : { status: 0, field: "", detail: (e as Error).message };
    }
  }
  onMount(() => void look());

  function put(name: string, value: number | string | Settings["words"]) {
    if (!draft) return;
    draft = { ...draft, [name]: value };
    said = "";
    saver.push(draft);
  }

  const WORDS = [
    { word: "stiff", count: "the base as it is" },
    { word: "piping", count: "50 s" },
    { word: "medium", count: "36 s" },
    { word: "flood", count: "the flood" },
    { word: "glaze", count: "3 s" },
  ] as const;

  function setWord(word: keyof Settings["words"], said: string) {
    if (draft) put("words", { ...draft.words, [word]: said.trim() });
  }

  function setTip(at: number, change: { openingMm: number | null } | { owned: number | null }) {
    if (!draft || Object.values(change).includes(null)) return;
    draft = {
      ...draft,
      tips: draft.tips.map((t, i) => (i === at ? ({ ...t, ...change } as typeof t) : t)),
    };
    said = "";
    saver.push(draft);
  }
</script>

{#snippet number(parameter: Parameter)}
  <NumberField
    label={parameter.word}
    unit={parameter.unit}
    value={(draft as unknown as Named)[parameter.name]}
    step={(parameter.most ?? 100) <= 30 ? 0.5 : 1}
    least={parameter.least ?? undefined}
    most={parameter.most ?? undefined}
    trouble={problem?.field === `settings.${parameter.name}` || problem?.field === parameter.name
      ? problem.detail
      : ""}
    onchange={(value) => value !== null && put(parameter.name, value)}
  />
{/snippet}

<svelte:head><title>The shop's own numbers: Kind Thimble</title></svelte:head>

<div class="page">
  <header>
    <div>
      <a href="/">The week</a>
      <h1>The shop's own numbers</h1>
      <p class="soft">They start as house defaults. What you set here counts for every order.</p>
    </div>
    <p class="soft" role="status">{said}</p>
  </header>
  <main>
    <Sheet label="Numbers">
      {#if draft}
        <div class="grid">
          {#each numbers.filter((p) => !weighed(p)) as parameter (parameter.name)}
            {#if parameter.type === "WORDS"}
              <Field label={parameter.word}>
                <select
                  value={String((draft as unknown as Record<string, unknown>)[parameter.name])}
                  onchange={(e) => put(parameter.name, e.currentTarget.value)}
                >
                  {#each parameter.options as option (option)}
                    <option value={option}>{inWords(option)}</option>
                  {/each}
                </select>
              </Field>
            {:else}
              {@render number(parameter)}
            {/if}
          {/each}
        </div>
        <h2>Pieces and borders</h2>
        <p class="soft">
          Pipe ten, or 10 cm, weigh them together and write what the scale shows; or set the weight
          of one yourself.
        </p>
        <div class="grid">
          {#each numbers.filter(weighed) as parameter (parameter.name)}
            <div class="pair">
              {@render number(parameter)}
              <WeighTen
                what={parameter.word.replace(" weighs", "")}
                onweighed={(grams) => put(parameter.name, grams)}
              />
            </div>
          {/each}
        </div>
        <Recipes usual={draft.recipe} onusual={(key) => put("recipe", key)} />
        <h2>Words for how stiff it is</h2>
        <p class="soft">Each word is a count; call it what your kitchen calls it.</p>
        <div class="grid">
          {#each WORDS as { word, count } (word)}
            <Field
              label="for {count}"
              trouble={problem?.field.endsWith(`words.${word}`) ? problem.detail : ""}
            >
              <input
                aria-label="word for {count}"
                value={draft.words[word]}
                maxlength="16"
                autocomplete="off"
                onchange={(e) => setWord(word, e.currentTarget.value)}
              />
            </Field>
          {/each}
        </div>
        <h2>Tips</h2>
        <p class="soft">
          Measure the openings with a needle gauge, and count how many you have of each.
        </p>
        <div class="grid">
          {#each draft.tips as tip, i (tip.name)}
            <div class="pair">
              <NumberField
                label="tip {tip.name}"
                unit="mm"
                step={0.1}
                least={0.3}
                most={20}
                value={tip.openingMm}
                trouble={problem?.field === `tips[${i}].openingMm` ? problem.detail : ""}
                onchange={(mm) => setTip(i, { openingMm: mm })}
              />
              <NumberField
                label="how many"
                whole
                least={1}
                most={100}
                value={tip.owned}
                trouble={problem?.field === `tips[${i}].owned` ? problem.detail : ""}
                onchange={(owned) => setTip(i, { owned })}
              />
            </div>
          {/each}
        </div>
      {/if}
      {#if problem?.status === 409}
        <p class="trouble" role="alert">{problem.detail}</p>
        <Press plain onpress={look}>Take the newer numbers</Press>
      {:else if problem && (!draft || problem.field === "")}
        <p class="trouble" role="alert">{problem.detail}</p>
      {/if}
    </Sheet>
  </main>
</div>

<style>
  .page {
    padding: 14px 24px 20px;
    max-width: 1000px;
    margin: 0 auto;
  }
  header {
    display: flex;
    justify-content: space-between;
    align-items: end;
    gap: 16px;
    margin-bottom: 12px;
  }
  h1 {
    font-size: 28px;
  }
  h2 {
    margin-top: 22px;
  }
  .grid {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
    gap: 14px 20px;
    margin-top: 8px;
  }
  .pair {
    display: flex;
    gap: 14px;
  }
  .trouble {
    color: var(--tomato);
    margin: 12px 0;
  }
</style>
