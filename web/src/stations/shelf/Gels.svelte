<script lang="ts">
  import { answered, api } from "../../api/client";
  import type { GelView, MixingView } from "../../api/types";
  import { toast } from "../../desk/toast.svelte";
  import Dialog from "../../parts/Dialog.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import GelSlip from "./GelSlip.svelte";
  import NewGel from "./NewGel.svelte";
  import { fixed } from "../../units/format";
  import { locale } from "../../units/locale.svelte";

  // The bottles of gel: how each looks from half a drop to 32 in 100 g, and what is left of it.
  let {
    gels,
    shopping,
    onchange,
  }: {
    gels: GelView[];
    shopping: MixingView["shopping"];
    onchange: () => Promise<void>;
  } = $props();

  let opened = $state("");
  let slip: Dialog;
  let adding: Dialog;
  const gel = $derived(gels.find((g) => g.key === opened));

  /** What this order lacks of a gel, in drops. */
  const missing = (g: GelView) =>
    shopping.find((line) => line.name === `${g.bottle.name} gel`)?.missing ?? 0;

  async function remove(g: GelView) {
    const params = { path: { gel: g.key } };
    slip.close();
    try {
      await answered(api.DELETE("/api/gels/{gel}", { params }));
      await onchange();
      toast.say(`${g.bottle.name} is off the shelf.`, {
        word: "Put it back",
        run: () =>
          void answered(api.POST("/api/gels/{gel}/restore", { params })).then(
            onchange,
            (e: Error) => toast.say(e.message),
          ),
      });
    } catch (e) {
      toast.say((e as Error).message);
    }
  }
</script>

<Sheet label="Gels">
  <div class="head">
    <h2>Gels</h2>
    <span class="soft">half a drop to 32 in 100 g of base, dried</span>
    <Press plain onpress={() => adding.show()}>Add a gel</Press>
  </div>
  {#if gels.length === 0}
    <p>
      No gel yet, so recipes are made from twelve reference gels. Add the bottles that you have.
    </p>
  {/if}
  <ul>
    {#each gels as g (g.key)}
      <li>
        <button
          title="Open its slip"
          onclick={() => {
            opened = g.key;
            slip.show();
          }}
        >
          <span class="ramp" aria-hidden="true">
            {#each g.ramp as step (step.drops)}<span style:background={step.hex}></span>{/each}
          </span>
          <span class="name">
            <strong>{g.bottle.name}</strong>
            <span class="soft" class:short={missing(g) > 0}>
              {missing(g) > 0
                ? `${Math.ceil(missing(g))} drops short`
                : `${Math.round(g.bottle.dropsLeft)} drops left`}{g.bottle.price === null
                ? ""
                : ` · ${locale.money(g.bottle.price)}`}
            </span>
          </span>
          {#if g.swatches.length > 0}
            <span class="soft">
              {g.swatches.length} swatches: {Math.round(100 * g.strength)} % as strong{g.shiftNm
                ? `, hue ${g.shiftNm > 0 ? "+" : "−"}${fixed(Math.abs(g.shiftNm), 0)} nm`
                : ""}
            </span>
          {/if}
        </button>
      </li>
    {/each}
  </ul>
</Sheet>

<Dialog bind:this={slip} title={gel?.bottle.name ?? ""} wide>
  {#if gel}<GelSlip {gel} {onchange} onremove={() => remove(gel)} />{/if}
</Dialog>
<Dialog bind:this={adding} title="A new gel">
  <NewGel
    onadded={async () => {
      adding.close();
      await onchange();
    }}
  />
</Dialog>

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 4px 14px;
  }
  .head .soft {
    flex: 1;
  }
  ul {
    list-style: none;
    margin: 8px 0 0;
    padding: 0;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
    gap: 6px 16px;
  }
  li button {
    display: grid;
    gap: 3px;
    width: 100%;
    text-align: left;
    border: 0;
    border-radius: 10px;
    background: none;
    padding: 6px;
    cursor: pointer;
  }
  li button:hover {
    background: var(--wash);
  }
  .ramp {
    display: grid;
    grid-template-columns: repeat(7, 1fr);
    height: 30px;
    border: 1px solid var(--line);
    border-radius: var(--round-field);
    overflow: hidden;
  }
  .name {
    display: flex;
    justify-content: space-between;
    gap: 8px;
  }
  .short {
    color: var(--tomato);
    font-weight: 600;
  }
</style>
