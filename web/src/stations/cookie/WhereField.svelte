<script lang="ts">
  import type { Laid, Parameter, Where } from "../../api/types";
  import { field, reference } from "../../desk/catalogue.svelte";
  import { theDesk } from "../../desk/order.svelte";
  import { inside } from "../../desk/places";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import type { Hand } from "./hand.svelte";
  import ParameterField from "./ParameterField.svelte";
  import { earlierMarks, laidWord } from "./placing";

  // Where the marks of a move are: how they are placed, and what belongs to that.
  let {
    parameter,
    value,
    place,
    hand,
    index,
    undivided,
  }: {
    parameter: Parameter;
    value: unknown;
    place: string;
    hand: Hand;
    index: number;
    undivided: boolean;
  } = $props();

  const desk = theDesk();
  const where = $derived((value ?? {}) as Where);
  const options = $derived(parameter.options as Laid[]);
  const laid = $derived(where.laid ?? options[0] ?? "SCATTERED");
  const uses = $derived(reference.catalogue?.laid[laid] ?? []);
  const fields = $derived(
    (reference.catalogue?.fields["where"] ?? []).filter(
      (one) =>
        uses.includes(one.name) &&
        !["marks", "mirrored", ...(parameter.unbroken ? ["everyMm"] : [])].includes(one.name),
    ),
  );
  const earlier = $derived(earlierMarks(hand.moves, index));
  // Nothing is offered that there is not: marks to stand on, seams to follow.
  const offered = $derived(
    options.filter(
      (one) =>
        one === laid ||
        !((one === "MARKS" && earlier.length === 0) || (one === "SEAMS" && undivided)),
    ),
  );

  function set(name: keyof Where, to: unknown) {
    const next: Record<string, unknown> = { ...where, laid };
    if (to === null || to === undefined || to === "") Reflect.deleteProperty(next, name);
    else next[name] = to;
    hand.setWhere(index, next as Where);
  }

  function setPlace(nth: number, name: "x" | "y" | "turn", to: number | null) {
    if (to === null && name !== "turn") return;
    hand.movePlace(index, nth, (one) => {
      const next = { ...one, [name]: to };
      if (!next.turn) Reflect.deleteProperty(next, "turn");
      return next;
    });
  }
</script>

<div class="where">
  <Field label={parameter.word} place={inside(place, "laid")}>
    <select value={laid} onchange={(e) => hand.lay(index, e.currentTarget.value as Laid)}>
      {#each offered as option (option)}
        <option value={option}>{laidWord(option)}</option>
      {/each}
    </select>
  </Field>
  {#if laid === "MARKS"}
    <Field label="of" place={inside(place, "marks")}>
      <select value={where.marks ?? ""} onchange={(e) => set("marks", e.currentTarget.value)}>
        {#if !earlier.some((one) => one.words === where.marks)}
          <option value={where.marks ?? ""}>{where.marks ?? ""}</option>
        {/if}
        {#each earlier as one (one.words)}
          <option value={one.words}>
            {one.words}, {desk.colourName(String(field(one.label, "colour")))}
          </option>
        {/each}
      </select>
    </Field>
  {/if}
  {#each fields as one (one.name)}
    <ParameterField
      parameter={one}
      place={inside(place, one.name)}
      value={(where as Record<string, unknown>)[one.name]}
      onchange={(to) => set(one.name as keyof Where, to)}
    />
  {/each}
  {#if uses.includes("mirrored")}
    <label class="mirror">
      <input
        type="checkbox"
        checked={Boolean(where.mirrored)}
        onchange={() => hand.mirror(index)}
      />
      on both sides
    </label>
  {/if}
  {#if laid === "PLACES"}
    <p class="soft hint">
      {(where.places ?? []).length === 0
        ? "Press the cookie where the first one goes."
        : "Press the cookie where one more goes; drag one, or move it with the arrows."}
    </p>
    {#each where.places ?? [] as one, nth (nth)}
      <div class="place" role="group" aria-label="mark {nth + 1}">
        <NumberField
          label="right"
          unit="mm"
          step={0.5}
          least={-300}
          most={300}
          place={`${place}/places/${nth}/x`}
          value={one.x}
          onchange={(to) => setPlace(nth, "x", to)}
        />
        <NumberField
          label="down"
          unit="mm"
          step={0.5}
          least={-300}
          most={300}
          place={`${place}/places/${nth}/y`}
          value={one.y}
          onchange={(to) => setPlace(nth, "y", to)}
        />
        <NumberField
          label="turned"
          unit="°"
          step={5}
          least={-360}
          most={360}
          optional
          standIn="0"
          place={`${place}/places/${nth}/turn`}
          value={one.turn}
          onchange={(to) => setPlace(nth, "turn", to)}
        />
        {#if (where.places?.length ?? 0) > 1}
          <button aria-label="take mark {nth + 1} off" onclick={() => hand.removePlace(index, nth)}
            >×</button
          >
        {/if}
      </div>
    {/each}
  {:else if laid === "PATH"}
    <p class="soft hint">
      Draw the line on the cookie in one go, or press point after point. Drag the middle of an edge
      to bend it; press it for a point more.
    </p>
  {/if}
</div>

<style>
  .where {
    flex-basis: 100%;
    display: flex;
    flex-wrap: wrap;
    gap: 10px 14px;
    align-items: flex-end;
  }
  .mirror {
    display: flex;
    align-items: center;
    gap: 6px;
    min-height: var(--target);
  }
  .hint {
    flex-basis: 100%;
    font-size: var(--small);
    margin: 0;
  }
  .place {
    flex-basis: 100%;
    display: flex;
    gap: 8px;
    align-items: flex-end;
  }
  .place button {
    border: 0;
    background: none;
    color: var(--cobalt);
    font-size: 18px;
    min-width: var(--target);
    min-height: var(--target);
    cursor: pointer;
  }
</style>
