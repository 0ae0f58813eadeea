<script lang="ts">
  import { desk } from "../../desk/order.svelte";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { reference } from "../../desk/catalogue.svelte";
  import { grams, plural } from "../../units/format";

  let { onadd, onlibrary }: { onadd: () => void; onlibrary: () => void } = $props();

  const details = $derived(desk.details);
  const pour = $derived(desk.pour?.pour);
  const own = $derived(desk.order?.plan.own);
  // Orders that are mixed with this one: the base is made for all of them.
  const others = $derived([
    ...new Set(desk.pour?.designs.filter((d) => d.order !== desk.id).map((d) => d.orderName) ?? []),
  ]);
  const problem = $derived(desk.problem("order"));
  const trouble = (field: string) => (problem?.field === field ? problem.detail : "");
  const known = ["name", "client", "handOver", "floodSeconds"];

  function setWhen(part: "day" | "time", text: string) {
    if (!text) return;
    desk.editDetails((d) => {
      const [day, time] = d.handOver.split("T") as [string, string];
      d.handOver = part === "day" ? `${text}T${time}` : `${day}T${text}`;
    });
  }
</script>

<Sheet label="The order">
  {#if details}
    <h2>{plural(desk.cookies, "cookie")}</h2>
    {#if pour && own}
      <p class="soft">and {plural(own.spares, "iced spare")}, in case some break</p>
      <dl>
        <dt>icing on them</dt>
        <dd>{grams(own.cookiesGrams)} g</dd>
        <dt>base to make{others.length > 0 ? `, with ${others.join(" and ")}` : ""}</dt>
        <dd>{grams(pour.batches.reduce((g, b) => g + b.madeGrams, 0))} g</dd>
      </dl>
    {/if}
    {#if desk.pourTrouble}<p class="trouble" role="alert">{desk.pourTrouble}</p>{/if}

    <div class="form">
      <Field label="Order" trouble={trouble("name")}>
        <input
          value={details.name}
          maxlength="200"
          autocomplete="off"
          oninput={(e) => {
            const name = e.currentTarget.value;
            desk.editDetails((d) => (d.name = name));
          }}
        />
      </Field>
      <Field label="For" trouble={trouble("client")}>
        <input
          value={details.client}
          maxlength="300"
          autocomplete="off"
          oninput={(e) => {
            const client = e.currentTarget.value;
            desk.editDetails((d) => (d.client = client));
          }}
        />
      </Field>
      <div class="when">
        <Field label="Hand-over" trouble={trouble("handOver")}>
          <input
            type="date"
            value={details.handOver.slice(0, 10)}
            onchange={(e) => setWhen("day", e.currentTarget.value)}
          />
        </Field>
        <Field label="at">
          <input
            type="time"
            value={details.handOver.slice(11, 16)}
            onchange={(e) => setWhen("time", e.currentTarget.value)}
          />
        </Field>
      </div>
      <NumberField
        label="Flood counts"
        unit="s"
        value={details.floodSeconds}
        optional
        least={2}
        most={30}
        standIn={String(reference.mean("FLOOD_COUNT_SECONDS") ?? "")}
        trouble={trouble("floodSeconds")}
        onchange={(seconds) => desk.editDetails((d) => (d.floodSeconds = seconds))}
      />
    </div>
    {#if problem && !known.includes(problem.field) && !problem.field.startsWith("palette") && !problem.field.startsWith("extra")}
      <p class="trouble" role="alert">{problem.detail}</p>
    {/if}
    <p class="acts">
      <Press key="n" onpress={onadd}>Add a design</Press>
      <Press plain onpress={onlibrary}>From the library</Press>
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
    font-size: 17px;
  }
  .form {
    display: grid;
    gap: 10px;
    margin: 12px 0 16px;
  }
  .when {
    display: grid;
    grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
    gap: 8px;
  }
  .trouble {
    color: var(--tomato);
    font-size: 13px;
    margin-bottom: 10px;
  }
</style>
