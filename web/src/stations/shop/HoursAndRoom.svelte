<script lang="ts">
  import { reference } from "../../desk/catalogue.svelte";
  import { type Settings, shop } from "../../desk/shop.svelte";
  import DayField from "../../parts/DayField.svelte";
  import Field from "../../parts/Field.svelte";
  import NumberField from "../../parts/NumberField.svelte";
  import Press from "../../parts/Press.svelte";
  import TextField from "../../parts/TextField.svelte";
  import { said } from "../../units/format";
  import { daysAfter, todayHere } from "../../units/dates";
  import HoursForm from "./HoursForm.svelte";

  // Whose hands work when, and the air that icing dries in.
  let { settings }: { settings: Settings } = $props();

  type Help = Settings["working"]["helpers"][number]["does"][number];
  const HELPS: Help[] = ["BAKING", "MIXING", "ICING", "PACKING"];
  const WAYS: Settings["drying"][] = ["IN_STILL_AIR", "UNDER_THE_FAN", "IN_THE_DEHYDRATOR"];
  const MOST_HELPERS = 5;

  function setRoom(habit: "ROOM_CELSIUS" | "ROOM_HUMIDITY", mean: number) {
    shop.change((tree) => {
      const figure = tree.settings.habits[habit];
      if (figure) figure.mean = mean;
    }, habit);
  }

  function addHelper() {
    const taken = settings.working.helpers.map((one) => one.name);
    let n = taken.length + 1;
    while (taken.includes(`helper ${n}`)) n++;
    shop.change((tree) =>
      tree.settings.working.helpers.push({
        name: `helper ${n}`,
        hours: { days: {}, changes: [] },
        does: [...HELPS],
      }),
    );
  }

  function addRoomDay() {
    const taken = settings.roomDays.map((one) => one.day);
    let day = todayHere();
    while (taken.includes(day)) day = daysAfter(day, 1);
    shop.change((tree) =>
      tree.settings.roomDays.push({
        day,
        celsius: reference.mean("ROOM_CELSIUS") ?? 21,
        humidityPercent: 65,
      }),
    );
  }
</script>

<h2>Your hours</h2>
<p class="soft">
  When your own hands work. A run is never begun that the end of a stretch would cut off; drying
  goes on all the time. For past midnight, end one day at 0:00 and begin the next at 0:00.
</p>
<HoursForm
  hours={settings.working.own}
  place="/settings/working/own"
  name="your"
  onedit={(change) => shop.change((tree) => change(tree.settings.working.own), "hours")}
/>

<h2>Helpers</h2>
{#each settings.working.helpers as helper, i (i)}
  <section>
    <div class="row">
      <TextField
        label="helper is called"
        place="/settings/working/helpers/{i}/name"
        longest={30}
        value={helper.name}
        onchange={(name) =>
          shop.change(
            (tree) => {
              const one = tree.settings.working.helpers[i];
              if (one) one.name = name;
            },
            `helper ${i}`,
            true,
          )}
      />
      {#each HELPS as help (help)}
        <label>
          <input
            type="checkbox"
            checked={helper.does.includes(help)}
            onchange={(e) => {
              const does = e.currentTarget.checked;
              shop.change((tree) => {
                const one = tree.settings.working.helpers[i];
                if (!one) return;
                one.does = HELPS.filter((each) => (each === help ? does : one.does.includes(each)));
              });
            }}
          />
          {said(help)}
        </label>
      {/each}
      <Press plain onpress={() => shop.change((tree) => tree.settings.working.helpers.splice(i, 1))}
        >Helps no longer</Press
      >
    </div>
    <HoursForm
      hours={helper.hours}
      place="/settings/working/helpers/{i}/hours"
      name={helper.name}
      onedit={(change) =>
        shop.change((tree) => {
          const one = tree.settings.working.helpers[i];
          if (one) change(one.hours);
        }, `helper ${i} hours`)}
    />
    {#if Object.values(helper.hours.days).every((spans) => !spans?.length) && helper.hours.changes.length === 0}
      <p class="soft">No hours yet: {helper.name} is not reckoned with.</p>
    {/if}
  </section>
{:else}
  <p class="soft">
    Nobody else. A helper is a second pair of hands for some hours and some kinds of work.
  </p>
{/each}
{#if settings.working.helpers.length < MOST_HELPERS}
  <Press plain onpress={addHelper}>Add a helper</Press>
{/if}

<h2>The room</h2>
<div class="row">
  <NumberField
    label="The room is warm"
    unit="°C"
    least={5}
    most={45}
    step={0.5}
    place="/settings/habits/ROOM_CELSIUS/mean"
    value={reference.mean("ROOM_CELSIUS")}
    onchange={(c) => c !== null && setRoom("ROOM_CELSIUS", c)}
  />
  <NumberField
    label="and humid"
    unit="%"
    least={5}
    most={95}
    place="/settings/habits/ROOM_HUMIDITY/mean"
    value={reference.mean("ROOM_HUMIDITY")}
    onchange={(rh) => rh !== null && setRoom("ROOM_HUMIDITY", rh)}
  />
  <Field label="trays dry">
    <select
      value={settings.drying}
      onchange={(e) => {
        const way = e.currentTarget.value as Settings["drying"];
        shop.change((tree) => (tree.settings.drying = way));
      }}
    >
      {#each WAYS as way (way)}<option value={way}>{said(way)}</option>{/each}
    </select>
  </Field>
  <label>
    <input
      type="checkbox"
      checked={settings.followsSensor}
      onchange={(e) => {
        const follows = e.currentTarget.checked;
        shop.change((tree) => (tree.settings.followsSensor = follows));
      }}
    />
    follow the room's sensor
  </label>
</div>
<p class="soft">
  All drying times, the wet window and the skin follow. From 80 % on icing does not dry.
</p>
{#each settings.roomDays as day, i (i)}
  <div class="row">
    <DayField
      label="on"
      place="/settings/roomDays/{i}/day"
      day={day.day}
      onchange={(to) =>
        shop.change((tree) => {
          const one = tree.settings.roomDays[i];
          if (one) one.day = to;
        })}
    />
    <NumberField
      label="warm"
      unit="°C"
      least={5}
      most={45}
      step={0.5}
      place="/settings/roomDays/{i}/celsius"
      value={day.celsius}
      onchange={(c) =>
        c !== null &&
        shop.change((tree) => {
          const one = tree.settings.roomDays[i];
          if (one) one.celsius = c;
        }, `room day ${i}`)}
    />
    <NumberField
      label="humid"
      unit="%"
      least={5}
      most={95}
      place="/settings/roomDays/{i}/humidityPercent"
      value={day.humidityPercent}
      onchange={(rh) =>
        rh !== null &&
        shop.change((tree) => {
          const one = tree.settings.roomDays[i];
          if (one) one.humidityPercent = rh;
        }, `room day ${i}`)}
    />
    <Press plain onpress={() => shop.change((tree) => tree.settings.roomDays.splice(i, 1))}
      >As always</Press
    >
  </div>
{/each}
<Press plain onpress={addRoomDay}>A day on which it is otherwise</Press>

<style>
  h2 {
    margin-top: 22px;
  }
  section {
    border-top: 1px solid var(--line);
    padding: 10px 0;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: end;
    margin: 8px 0;
  }
  label {
    display: flex;
    gap: 6px;
    align-items: center;
    min-height: var(--target);
    cursor: pointer;
  }
</style>
