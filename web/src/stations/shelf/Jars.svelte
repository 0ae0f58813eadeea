<script lang="ts">
  import { answered, api } from "../../api/client";
  import type { ShelfView } from "../../api/types";
  import { reference } from "../../desk/catalogue.svelte";
  import { toast } from "../../desk/toast.svelte";
  import BowlDisc from "../../marks/BowlDisc.svelte";
  import Menu from "../../parts/Menu.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, grams } from "../../units/format";
  import NewJar from "./NewJar.svelte";

  // Jars of left-over icing.
  let { shelf, onchange }: { shelf: ShelfView | null; onchange: (shelf: ShelfView) => void } =
    $props();

  let trouble = $state("");
  const recipeName = (key: string) => reference.recipes.find((r) => r.key === key)?.name ?? key;

  async function act(call: () => Parameters<typeof answered<ShelfView>>[0]): Promise<boolean> {
    try {
      onchange(await answered(call()));
      trouble = "";
      return true;
    } catch (e) {
      trouble = (e as Error).message;
      return false;
    }
  }

  async function remove(jar: ShelfView["jars"][number]) {
    const params = { path: { jar: jar.id ?? 0 } };
    if (!(await act(() => api.DELETE("/api/shelf/jars/{jar}", { params })))) return;
    toast.say(`The jar of ${jar.name} is off the shelf.`, {
      word: "Put it back",
      run: () => void act(() => api.POST("/api/shelf/jars/{jar}/restore", { params })),
    });
  }
</script>

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
          <strong><bdi>{jar.name}</bdi></strong>{jar.flavour ? ` with ${jar.flavour}` : ""}, {grams(
            jar.grams,
          )} g at {jar.countSeconds} s
          <span class="soft">
            {recipeName(jar.recipe)} · good until {dayOf(jar.goodUntil)}
            {jar.order ? "· set aside" : ""}
          </span>
        </span>
        <Menu
          label="What to do with the jar of {jar.name}"
          acts={[{ word: "Take it off the shelf", run: () => void remove(jar) }]}
        />
      </li>
    {/each}
  </ul>
  <NewJar onadd={(jar) => act(() => api.POST("/api/shelf/jars", { body: jar }))} />
  {#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
</Sheet>

<style>
  ul {
    list-style: none;
    margin: 8px 0;
    padding: 0;
  }
  li {
    display: flex;
    align-items: center;
    gap: 10px;
  }
  .words {
    flex: 1;
    min-width: 0;
  }
  .words .soft {
    display: block;
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
  }
</style>
