<script lang="ts">
  import { onMount, untrack } from "svelte";
  import { answered, api } from "../../api/client";
  import type { GelView, ShelfView } from "../../api/types";
  import { reference } from "../../desk/catalogue.svelte";
  import { mixing } from "../../desk/mixing.svelte";
  import { desk } from "../../desk/order.svelte";
  import { toast } from "../../desk/toast.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, grams, plural } from "../../units/format";
  import Gels from "./Gels.svelte";
  import NewJar from "./NewJar.svelte";

  let shelf = $state.raw<ShelfView | null>(null);
  let gels = $state.raw<GelView[] | null>(null);
  let trouble = $state<Record<string, string>>({});
  // Nothing that can be pressed stands there before all of it does: it would move away under the hand.
  const ready = $derived(
    shelf !== null &&
      gels !== null &&
      (mixing.view !== null || mixing.trouble !== "" || !desk.pour),
  );
  // What dresses the cookies of this order: pearls, markers, film.
  const supplies = $derived(
    mixing.view?.shopping.filter(
      (line) => line.measure !== "DROPS" && !shelf?.stock.some((stock) => stock.name === line.name),
    ) ?? [],
  );
  const UNITS = { GRAMS: "g", PIECES: "", DROPS: "", MILLILITRES: "ml", SHEETS: "sheets" };

  /** What this order lacks of something. */
  const missing = (name: string) =>
    mixing.view?.shopping.find((line) => line.name === name)?.missing ?? 0;
  const recipeName = (key: string) => reference.recipes.find((r) => r.key === key)?.name ?? key;

  onMount(look);

  function look() {
    void act("", () => api.GET("/api/shelf"));
    void lookAtGels();
  }

  $effect(() => {
    if (desk.pour) untrack(() => void mixing.look());
  });

  async function lookAtGels() {
    try {
      gels = await answered(api.GET("/api/gels"));
      trouble = { ...trouble, gels: "" };
    } catch (e) {
      trouble = { ...trouble, gels: (e as Error).message };
    }
  }

  type Call = Parameters<typeof answered<ShelfView>>[0];

  async function act(what: string, call: () => Call): Promise<boolean> {
    try {
      shelf = await answered(call());
      trouble = { ...trouble, [what]: "" };
      return true;
    } catch (e) {
      trouble = { ...trouble, [what]: (e as Error).message };
      return false;
    }
  }

  async function count(name: string, amount: number) {
    if (await act(name, () => api.PUT("/api/shelf/stock", { body: { name, amount } })))
      void mixing.look();
  }

  async function remove(jar: ShelfView["jars"][number]) {
    const params = { path: { jar: jar.id ?? 0 } };
    await act("jar", () => api.DELETE("/api/shelf/jars/{jar}", { params }));
    toast.say(`The jar of ${jar.name} is off the shelf.`, {
      word: "Put it back",
      run: () => void act("jar", () => api.POST("/api/shelf/jars/{jar}/restore", { params })),
    });
  }
</script>

{#if !ready}
  <p class="soft" role="status">
    {trouble[""] || trouble["gels"] || "Looking."}
    {#if trouble[""] || trouble["gels"]}<button class="again" onclick={look}>Look again</button
      >{/if}
  </p>
{/if}
<div class="shelf" class:waiting={!ready}>
  <main>
    <Sheet label="Shelf">
      <h2>On the shelf</h2>
      <p class="soft">Write what there is; what the order lacks stands beside it, and in Bowls.</p>
      {#if shelf}
        <div class="grid">
          {#each shelf.stock as stock (stock.name)}
            <div class="one" class:short={missing(stock.name) > 0}>
              <NumberField
                label={stock.name}
                unit={stock.unit}
                value={stock.amount}
                least={0}
                most={1_000_000}
                trouble={trouble[stock.name] ?? ""}
                onchange={(amount) => amount !== null && void count(stock.name, amount)}
              />
              <span class="lack">
                {missing(stock.name) <= 0
                  ? ""
                  : stock.unit === "g"
                    ? `${grams(missing(stock.name))} g short`
                    : `${Math.ceil(missing(stock.name))} short`}
              </span>
            </div>
          {/each}
          {#each supplies as line (line.name)}
            <div class="one" class:short={line.missing > 0}>
              <NumberField
                label={line.name}
                unit={UNITS[line.measure]}
                value={line.onShelf}
                least={0}
                most={1_000_000}
                trouble={trouble[line.name] ?? ""}
                onchange={(amount) => amount !== null && void count(line.name, amount)}
              />
              <span class="lack">
                {line.missing <= 0
                  ? ""
                  : line.measure === "SHEETS"
                    ? `${plural(line.missing, "sheet")} short`
                    : `${Math.ceil(line.missing * 10) / 10} ${UNITS[line.measure]} short`}
              </span>
            </div>
          {/each}
        </div>
      {/if}
    </Sheet>
    <Gels gels={gels ?? []} onchange={lookAtGels} />
  </main>
  <aside>
    <Sheet label="Jars of left-over icing">
      <h2>Jars</h2>
      {#if shelf?.jars.length === 0}
        <p class="soft">No left-over icing. A jar that fits a bowl is offered in Bowls.</p>
      {/if}
      <ul>
        {#each shelf?.jars ?? [] as jar (jar.id)}
          <li>
            <BowlDisc hex={jar.hex} size={30} />
            <span class="words">
              <strong>{jar.name}</strong>, {grams(jar.grams)} g at {jar.countSeconds} s
              <span class="soft">
                {recipeName(jar.recipe)} · good until {dayOf(jar.goodUntil)}
                {jar.order ? "· set aside" : ""}
              </span>
            </span>
            <button aria-label="Take the jar of {jar.name} off" onclick={() => remove(jar)}
              >×</button
            >
          </li>
        {/each}
      </ul>
      <NewJar onadd={(jar) => act("jar", () => api.POST("/api/shelf/jars", { body: jar }))} />
      {#if trouble["jar"]}<p class="trouble" role="alert">{trouble["jar"]}</p>{/if}
    </Sheet>
  </aside>
</div>

<style>
  .shelf {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 380px;
    gap: 16px;
    align-items: start;
  }
  main {
    display: grid;
    gap: 12px;
  }
  .grid {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
    gap: 14px 20px;
    margin-top: 10px;
  }
  .waiting {
    visibility: hidden;
  }
  .again {
    border: 0;
    background: none;
    color: var(--cobalt);
    text-decoration: underline;
    cursor: pointer;
  }
  .lack {
    display: block;
    min-height: 1.3em;
    color: var(--tomato);
    font-size: 13px;
    font-weight: 600;
    margin-top: 3px;
  }
  ul {
    list-style: none;
    margin: 8px 0;
    padding: 0;
  }
  li {
    display: flex;
    align-items: center;
    gap: 10px;
    padding: 5px 0;
  }
  .words {
    flex: 1;
  }
  .words .soft {
    display: block;
  }
  li button {
    width: 30px;
    height: 30px;
    border: 0;
    border-radius: 50%;
    background: none;
    color: var(--soft);
    font-size: 18px;
    cursor: pointer;
  }
  .trouble {
    color: var(--tomato);
    font-size: 13px;
  }
  @media (max-width: 1000px) {
    .shelf {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
