<script lang="ts">
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import TextField from "../../parts/TextField.svelte";
  import { type Settings, shop } from "../../desk/shop.svelte";
  import { said } from "../../units/format";

  // The shop's tips: round ones for lines, leaf, petal and star tips for pieces.
  let { settings }: { settings: Settings } = $props();

  type Tip = Settings["tips"][number];
  const SHAPES: Tip["shape"][] = ["ROUND", "LEAF", "PETAL", "STAR"];

  function set(at: number, change: Partial<Tip>, rests = false) {
    shop.change(
      (tree) => Object.assign(tree.settings.tips[at] ?? {}, change),
      `tip ${at} ${Object.keys(change).join()}`,
      rests,
    );
  }

  function add() {
    const taken = settings.tips.map((tip) => tip.name);
    let n = settings.tips.length + 1;
    while (taken.includes(`tip ${n}`)) n++;
    shop.change((tree) =>
      tree.settings.tips.push({ name: `tip ${n}`, openingMm: 3, owned: 1, shape: "ROUND" }),
    );
  }
</script>

<h2>Tips</h2>
<p class="soft">Measure the openings with a needle gauge, and count how many you have of each.</p>
<div class="tips">
  {#each settings.tips as tip, i (i)}
    <div class="row" role="group" aria-label="tip {tip.name}">
      <TextField
        label="tip"
        place="/settings/tips/{i}/name"
        value={tip.name}
        longest={20}
        onchange={(name) => set(i, { name }, true)}
      />
      <Field label="shape">
        <select
          value={tip.shape}
          onchange={(e) => set(i, { shape: e.currentTarget.value as Tip["shape"] })}
        >
          {#each SHAPES as shape (shape)}<option value={shape}>{said(shape)}</option>{/each}
        </select>
      </Field>
      <NumberField
        label="opening"
        unit="mm"
        step={0.1}
        least={0.3}
        most={20}
        value={tip.openingMm}
        place="/settings/tips/{i}/openingMm"
        onchange={(mm) => mm !== null && set(i, { openingMm: mm })}
      />
      <NumberField
        label="how many"
        whole
        least={1}
        most={100}
        value={tip.owned}
        place="/settings/tips/{i}/owned"
        onchange={(owned) => owned !== null && set(i, { owned })}
      />
      {#if settings.tips.length > 1}
        <button
          class="off"
          aria-label="put tip {tip.name} away"
          title="Put it away"
          onclick={() => shop.change((tree) => tree.settings.tips.splice(i, 1))}>×</button
        >
      {/if}
    </div>
  {/each}
</div>
<button class="add" onclick={add}>another tip</button>

<style>
  h2 {
    margin-top: 22px;
  }
  .tips {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(430px, 1fr));
    gap: 8px 20px;
    margin-top: 8px;
  }
  .row {
    display: flex;
    gap: 10px;
    align-items: flex-end;
  }
  .row :global(input) {
    max-width: 84px;
  }
  .off,
  .add {
    border: 0;
    background: none;
    color: var(--cobalt);
    min-width: 44px;
    min-height: 44px;
    cursor: pointer;
  }
  .off {
    font-size: 18px;
  }
  .add {
    text-decoration: underline;
    padding: 4px 0;
  }
  @media (max-width: 560px) {
    .tips {
      grid-template-columns: 1fr;
    }
    .row {
      flex-wrap: wrap;
    }
  }
</style>
