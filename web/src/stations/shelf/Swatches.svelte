<script lang="ts">
  import { answered, api } from "../../api/client";
  import type { GelView } from "../../api/types";
  import { toast } from "../../desk/toast.svelte";
  import Compare from "../../parts/Compare.svelte";
  import { fixed } from "../../units/format";
  import SwatchForm from "./SwatchForm.svelte";

  // What swatches have said of a bottle, and one more.
  let { gel, onchange }: { gel: GelView; onchange: () => Promise<void> } = $props();

  let trouble = $state<Record<string, string>>({});
  let compare: Compare;
  const path = $derived({ gel: gel.key });
  const colours = $derived(
    gel.swatches.flatMap((s, i) => [
      { name: `seen ${i + 1}`, hex: s.note.hex },
      { name: `predicted ${i + 1}`, hex: s.predicted },
    ]),
  );

  async function act(field: string, call: () => Parameters<typeof answered>[0]): Promise<boolean> {
    try {
      await answered(call());
      trouble = { ...trouble, [field]: "" };
      await onchange();
      return true;
    } catch (e) {
      trouble = { ...trouble, [field]: (e as Error).message };
      return false;
    }
  }

  async function takeOut(id: number) {
    const params = { path: { gel: gel.key, swatch: id } };
    await act("swatch", () => api.DELETE("/api/gels/{gel}/swatches/{swatch}", { params }));
    toast.say("The swatch counts no longer.", {
      word: "Put it back",
      run: () =>
        void act("swatch", () => api.POST("/api/gels/{gel}/swatches/{swatch}/restore", { params })),
    });
  }
</script>

<h3>Swatches</h3>
{#if gel.swatches.length === 0}
  <p class="soft">
    Tint a spoonful, let it dry, and write down what you see: one swatch tells how strong this
    bottle is, two or more its hue as well.
  </p>
{:else}
  <p>
    {gel.swatches.length === 1 ? "One swatch says" : `${gel.swatches.length} swatches say`} it is
    <strong>{Math.round(100 * gel.strength)} %</strong> as strong{gel.shiftNm
      ? `, its hue ${fixed(Math.abs(gel.shiftNm), 1)} nm to the ${gel.shiftNm > 0 ? "red" : "blue"}`
      : ""}. Off by {fixed(gel.before ?? 0, 1)} before,
    <strong>{fixed(gel.after ?? 0, 1)} now</strong>.
  </p>
  <ul>
    {#each gel.swatches as swatch, i (swatch.id)}
      <li>
        <button
          class="pair"
          aria-label="Compare what was seen with what is predicted, swatch {i + 1}"
          title="Compare, large"
          onclick={() => compare.show(`seen ${i + 1}`, `predicted ${i + 1}`)}
        >
          <span style:background={swatch.note.hex}></span><span style:background={swatch.predicted}
          ></span>
        </button>
        <span class="words">
          {swatch.note.drops} drops in {swatch.note.grams} g
          <span class="soft">seen and predicted, {fixed(swatch.miss, 1)} apart</span>
        </span>
        <button class="out" onclick={() => takeOut(swatch.id)}>Take it out</button>
      </li>
    {/each}
  </ul>
{/if}
<SwatchForm
  press="Keep this swatch"
  trouble={trouble["swatch"] ?? ""}
  onkeep={(note) =>
    act("swatch", () => api.POST("/api/gels/{gel}/swatches", { params: { path }, body: note }))}
/>
<Compare bind:this={compare} title="Seen and predicted" {colours} />

<style>
  ul {
    list-style: none;
    padding: 0;
    margin: 6px 0;
  }
  li {
    display: flex;
    align-items: center;
    gap: 12px;
    padding: 4px 0;
  }
  .pair {
    display: grid;
    grid-template-columns: 34px 34px;
    height: var(--target);
    padding: 0;
    border: 1.5px solid var(--cobalt);
    border-radius: var(--round-field);
    overflow: hidden;
    cursor: pointer;
    background: none;
  }
  .words {
    flex: 1;
  }
  .words .soft {
    display: block;
  }
  .out {
    border: 1.5px solid var(--line);
    border-radius: var(--pill);
    background: none;
    padding: 4px 12px;
    cursor: pointer;
    min-height: var(--target);
  }
</style>
