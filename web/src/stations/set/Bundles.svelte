<script lang="ts">
  import { theDesk } from "../../desk/order.svelte";
  import Thumb from "../../marks/Thumb.svelte";
  import { calmly } from "../../parts/calm";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import TextField from "../../parts/TextField.svelte";

  // Several cookies that are handed over as one: a bouquet, a box, a set. How many of a design are made follows.
  const desk = theDesk();

  const bundles = $derived(desk.details?.bundles ?? []);
  const trouble = $derived(desk.paper.troubleIn("/details/bundles"));

  type Bundle = NonNullable<NonNullable<typeof desk.details>["bundles"]>[number];

  function edit(change: (all: Bundle[]) => void, what = "") {
    desk.editDetails((d) => {
      const all = d.bundles ?? [];
      change(all);
      d.bundles = all.length > 0 ? all : null;
    }, what);
  }

  function add() {
    let n = 1;
    while (bundles.some((one) => one.name === `Bouquet ${n}`)) n++;
    const each = Object.fromEntries(desk.designs.map((design) => [String(design.id), 1]));
    edit((all) => all.push({ name: `Bouquet ${n}`, count: 1, each }));
  }

  function change(i: number, part: Partial<Bundle>, what: string) {
    edit((all) => {
      const own = all[i];
      if (own) Object.assign(own, part);
    }, `bundle ${i} ${what}`);
  }

  function put(i: number, design: number, number: number | null) {
    edit((all) => {
      const own = all[i];
      if (!own) return;
      if (number) own.each[design] = number;
      else Reflect.deleteProperty(own.each, String(design));
    }, `bundle ${i} ${design}`);
  }
</script>

{#if desk.designs.length > 0}
  <Sheet label="Handed over as one">
    <h2>Handed over as one</h2>
    {#if bundles.length === 0}
      <p class="soft">
        A bouquet, a box, a set: cookies of several designs as one, with a box and a tag of its own.
      </p>
    {/if}
    <ul>
      {#each bundles as bundle, i (i)}
        <li>
          <div class="head">
            <TextField
              label="It is called"
              place="/details/bundles/{i}/name"
              longest={60}
              value={bundle.name}
              onchange={(name) => change(i, { name }, "name")}
            />
            <NumberField
              label="How many"
              place="/details/bundles/{i}/count"
              whole
              least={1}
              most={9999}
              value={bundle.count}
              onchange={(count) => count !== null && change(i, { count }, "count")}
            />
            <Press plain onpress={() => calmly(() => edit((all) => all.splice(i, 1)))}
              >Take it apart</Press
            >
          </div>
          <div class="each">
            {#each desk.designs as design (design.id)}
              <div class="design" class:out={!bundle.each[design.id]}>
                <span class="picture"><Thumb {design} hexes={desk.hexes} flat /></span>
                <NumberField
                  label={design.document.name}
                  place="/details/bundles/{i}/each/{design.id}"
                  whole
                  optional
                  least={0}
                  most={200}
                  standIn="0"
                  value={bundle.each[design.id] ?? null}
                  onchange={(number) => put(i, design.id, number)}
                />
              </div>
            {/each}
          </div>
        </li>
      {/each}
    </ul>
    {#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
    <Press plain onpress={add}>Put some together</Press>
  </Sheet>
{/if}

<style>
  ul {
    list-style: none;
    margin: 8px 0;
    padding: 0;
  }
  li {
    border-top: 1px solid var(--line);
    padding: 10px 0;
  }
  .head,
  .each {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 16px;
    align-items: end;
  }
  .each {
    margin-top: 8px;
  }
  .design {
    display: grid;
    grid-template-columns: 44px auto;
    gap: 8px;
    align-items: end;
  }
  .design.out .picture {
    opacity: 0.35;
  }
  .picture {
    width: 44px;
    height: 44px;
    display: grid;
    place-items: center;
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
  }
</style>
