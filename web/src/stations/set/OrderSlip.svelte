<script lang="ts">
  import { theDesk } from "../../desk/order.svelte";
  import { go } from "../../router";
  import DayField from "../../parts/DayField.svelte";
  import Explain from "../../parts/Explain.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import TextField from "../../parts/TextField.svelte";
  import TimeField from "../../parts/TimeField.svelte";
  import { reference } from "../../desk/catalogue.svelte";
  import { dayAndTime, readDate, readTime, todayHere } from "../../units/dates";
  import { aboutHandOver, grams, ounces, plural } from "../../units/format";

  const desk = theDesk();

  let { onadd, onlibrary }: { onadd: () => void; onlibrary: () => void } = $props();

  const details = $derived(desk.details);
  const pour = $derived(desk.pour?.pour);
  const own = $derived(desk.order?.plan.own);
  // Once mixing has begun: what was, and what is still to be mixed for what has changed since.
  const begun = $derived(desk.order?.begun ?? null);
  const base = $derived((pour?.batches ?? []).reduce((g, b) => g + b.madeGrams, 0));
  // Orders that are mixed with this one: the base is made for all of them.
  const others = $derived([
    ...new Set(desk.pour?.designs.filter((d) => d.order !== desk.id).map((d) => d.orderName) ?? []),
  ]);

  const WORDS = [
    ["allergies", "Allergies", 1],
    ["place", "Where and how it is handed over", 1],
    ["packing", "How it is packed", 1],
    ["notes", "Notes", 4],
  ] as const;

  function write(name: "name" | "client" | (typeof WORDS)[number][0], text: string) {
    desk.editDetails((d) => (d[name] = text), name, true);
  }

  const when = $derived(desk.order ? aboutHandOver(desk.order.details.handOver) : "");

  const day = $derived(dayAndTime(details?.handOver ?? "")[0]);
  const time = $derived(dayAndTime(details?.handOver ?? "")[1]);
  // What is wrong with both stands where it is.
  const isTime = $derived(readTime(time) !== undefined);
  const HAND_OVER = "/details/handOver";

  function setWhen(day: string, time: string) {
    if (readDate(day, todayHere()) === undefined)
      return holdWhen(day, time, "Write a day such as 5 Dec.");
    if (readTime(time) === undefined) return holdWhen(day, time, "Write a time such as 10:00.");
    desk.editDetails((d) => (d.handOver = `${day}T${time}`), "hand-over");
  }

  function holdWhen(day: string, time: string, sentence: string) {
    desk.paper.hold(HAND_OVER, `${day}T${time}`, sentence);
  }
</script>

<Sheet label="The order">
  {#if details}
    <h2>{plural(desk.cookies, "cookie")}</h2>
    {#if pour && own}
      <p class="soft">
        and {plural(own.spares, "iced spare")}, in case some break <Explain word="spare" />
      </p>
      <dl>
        <dt>icing on them</dt>
        <dd>{grams(own.cookiesGrams)} g{ounces(own.cookiesGrams)}</dd>
        {#if begun}
          <dt>base begun{others.length > 0 ? `, with ${others.join(" and ")}` : ""}</dt>
          <dd>{grams(begun.begunGrams)} g{ounces(begun.begunGrams)}</dd>
          {#if begun.moreGrams > 0}
            <dt>base to add</dt>
            <dd>{grams(begun.moreGrams)} g{ounces(begun.moreGrams)}</dd>
          {/if}
        {:else}
          <dt>base to make{others.length > 0 ? `, with ${others.join(" and ")}` : ""}</dt>
          <dd>{grams(base)} g{ounces(base)}</dd>
        {/if}
      </dl>
    {/if}
    {#if desk.pourTrouble}<p class="trouble" role="alert">{desk.pourTrouble}</p>{/if}

    <div class="form">
      <TextField
        label="Order"
        place="/details/name"
        value={details.name}
        onchange={(name) => write("name", name)}
      />
      <TextField
        label="For"
        place="/details/client"
        value={details.client}
        onchange={(client) => write("client", client)}
      />
      <div class="when">
        <DayField
          label="Hand-over"
          place={isTime ? HAND_OVER : undefined}
          {day}
          onhold={(text, why) => holdWhen(text, time, why)}
          onchange={(day) => setWhen(day, time)}
        />
        <TimeField
          label="at"
          place={isTime ? undefined : HAND_OVER}
          {time}
          onhold={(text, why) => holdWhen(day, text, why)}
          onchange={(time) => setWhen(day, time)}
        />
      </div>
      {#if when}<p class="mind">{when}</p>{/if}
      <NumberField
        label="Flood counts"
        explain="count"
        unit="s"
        place="/details/floodSeconds"
        value={details.floodSeconds}
        optional
        {...reference.range("order", "floodSeconds")}
        standIn={String(reference.mean("FLOOD_COUNT_SECONDS") ?? "")}
        onchange={(seconds) => desk.editDetails((d) => (d.floodSeconds = seconds), "flood")}
      />
      <NumberField
        label="Coats, times as full"
        unit="x"
        place="/details/fullness"
        value={details.fullness}
        optional
        step={0.01}
        {...reference.range("order", "fullness")}
        standIn="1"
        onchange={(times) => desk.editDetails((d) => (d.fullness = times), "fullness")}
      />
      <details
        open={Boolean(details.notes || details.allergies || details.place || details.packing)}
      >
        <summary>Notes, allergies, packing</summary>
        <div class="form">
          {#each WORDS as [name, label, lines] (name)}
            <TextField
              {label}
              {lines}
              place="/details/{name}"
              longest={name === "notes" ? 4000 : 400}
              value={details[name]}
              onchange={(text) => write(name, text)}
            />
          {/each}
        </div>
      </details>
    </div>
    <p class="acts">
      <Press key="n" onpress={onadd}>Add a design</Press>
      <Press plain onpress={onlibrary}>From the library</Press>
      <Press plain onpress={() => go(`/orders/${desk.id}/drawing`)}>From a drawing</Press>
    </p>
  {/if}
</Sheet>

<style>
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  dl {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 8px 12px;
    margin: 14px 0;
    padding-bottom: 14px;
    border-bottom: 1px solid var(--line);
  }
  dd {
    margin: 0;
    text-align: right;
    font-family: var(--heading);
    font-weight: 650;
    font-size: var(--h3);
  }
  .form {
    display: grid;
    gap: 10px;
    margin: 12px 0 16px;
  }
  .when {
    display: grid;
    grid-template-columns: minmax(0, 1.7fr) minmax(0, 1fr);
    gap: 8px;
  }
  .mind {
    color: var(--brass);
    font-size: var(--small);
  }
  summary {
    min-height: var(--target);
    color: var(--cobalt);
    cursor: pointer;
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
    margin-bottom: 10px;
  }
</style>
