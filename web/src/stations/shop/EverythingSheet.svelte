<script lang="ts">
  import { Refusal, Unreached, token } from "../../api/client";
  import { shop } from "../../desk/shop.svelte";
  import OneOf from "../../parts/OneOf.svelte";
  import Press from "../../parts/Press.svelte";
  import { plural } from "../../units/format";

  // All that the shop has as one archive, and back again. Before anything comes in, it is said what would.
  type Line = { kind: keyof typeof KINDS; name: string; state: "NEW" | "SAME" | "CLASH" };

  const KINDS = {
    ORDER: "order",
    LIBRARY: "design of the library",
    CUTTER: "cutter",
    RECIPE: "base recipe",
    GEL: "gel",
    JAR: "jar",
    NOTEBOOK: "notebook",
    STOCK: "amount on the shelf",
    NUMBERS: "set of the shop's numbers",
  };
  const WAYS = {
    KEEP_HERE: "keep what is here",
    TAKE_THERE: "take what is in the file",
    KEEP_BOTH: "keep both, where that can be",
  };

  let file = $state.raw<File | null>(null);
  let lines = $state.raw<Line[] | null>(null);
  let way = $state<keyof typeof WAYS>("KEEP_HERE");
  let trouble = $state("");
  let said = $state("");
  let busy = $state(false);

  async function send(to: string, archive: File): Promise<Line[] | null> {
    busy = true;
    trouble = "";
    said = "";
    try {
      const response = await fetch(`/api/everything/${to}`, {
        method: "POST",
        headers: { "Content-Type": "application/zip", ...token() },
        body: archive,
      }).catch(() => {
        throw new Unreached();
      });
      const body = await response.json();
      if (!response.ok) {
        throw new Refusal({ status: response.status, field: body.field, detail: body.detail });
      }
      return body.lines as Line[];
    } catch (e) {
      trouble = (e as Error).message;
      return null;
    } finally {
      busy = false;
    }
  }

  async function look(input: HTMLInputElement) {
    file = input.files?.[0] ?? null;
    lines = file && (await send("look", file));
  }

  async function take() {
    if (!file) return;
    const taken = await send(`take?clashes=${way}`, file);
    if (!taken) return;
    const came = taken.filter((line) => line.state === "NEW").length;
    said = `It is in: ${plural(came, "thing")} new.`;
    lines = null;
    file = null;
    await shop.refresh();
  }

  const of = (state: Line["state"]) => (lines ?? []).filter((line) => line.state === state);
  const counted = (state: Line["state"]) =>
    (Object.keys(KINDS) as (keyof typeof KINDS)[]).flatMap((kind) => {
      const n = of(state).filter((line) => line.kind === kind).length;
      return n > 0 ? [plural(n, KINDS[kind], KINDS[kind].replace(/^(\w+)/, "$1s"))] : [];
    });
</script>

<h2>Take all with you</h2>
<p>
  One zip file with all orders, designs, the library, recipes, the shelf and the shop's numbers as
  JSON, each order's colours as a palette, and a table of the orders for a spreadsheet.
</p>
<p><a class="out" href="/api/everything" download>Save the file</a></p>

<h2>Bring it in</h2>
<p class="soft">
  Into an empty shop it is the shop that it came from. Into this one comes what is new; nothing of
  yours is changed unless you say so.
</p>
<p>
  <input
    type="file"
    accept=".zip,application/zip"
    aria-label="The file to bring in"
    disabled={busy}
    onchange={(e) => void look(e.currentTarget)}
  />
</p>
{#if busy}<p class="soft" role="status">Reading the file.</p>{/if}
{#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}
{#if said}<p role="status">{said}</p>{/if}
{#if lines}
  <dl>
    <dt>new</dt>
    <dd>{counted("NEW").join(", ") || "nothing"}</dd>
    <dt>the same here</dt>
    <dd>{counted("SAME").join(", ") || "nothing"}</dd>
    <dt>another one here</dt>
    <dd>
      {counted("CLASH").join(", ") || "nothing"}
      {#if of("CLASH").length > 0}
        <span class="soft">
          {of("CLASH")
            .slice(0, 12)
            .map((line) => line.name)
            .join(", ")}{of("CLASH").length > 12 ? " and more" : ""}
        </span>
      {/if}
    </dd>
  </dl>
  {#if of("CLASH").length > 0}
    <OneOf
      label="Where both have another one"
      ways={WAYS}
      chosen={way}
      onchoose={(w) => (way = w)}
    />
  {/if}
  <p><Press disabled={busy} onpress={() => void take()}>Bring it in</Press></p>
{/if}

<style>
  h2:not(:first-child) {
    margin-top: 24px;
  }
  p {
    margin: 8px 0;
    max-width: 70ch;
  }
  .out {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    font-weight: 600;
  }
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 6px 16px;
  }
  dt {
    color: var(--soft);
  }
  dd {
    margin: 0;
  }
  dd .soft {
    display: block;
  }
  .trouble {
    color: var(--tomato);
  }
</style>
