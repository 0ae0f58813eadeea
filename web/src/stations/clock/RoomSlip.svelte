<script lang="ts">
  import type { ClockView } from "../../api/types";
  import { type Settings, shop } from "../../desk/shop.svelte";
  import Field from "../../parts/Field.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { fixed, said } from "../../units/format";

  // The air, and how the trays dry in it.
  let { room }: { room: ClockView["room"] } = $props();

  const WAYS: Settings["drying"][] = ["IN_STILL_AIR", "UNDER_THE_FAN", "IN_THE_DEHYDRATOR"];
</script>

<Sheet label="Room">
  <p class="soft">room</p>
  <p class="big">{Math.round(room.humidityPercent)} % · {fixed(room.celsius, 0)} °C</p>
  <p class="soft">
    {room.isTooDamp
      ? "Icing does not dry in it. Dry the room, or use a dehydrator."
      : `drying takes ${fixed(room.times, 2)} × as long as in still air of 45 % and 21 °C`}
  </p>
  <Field label="trays dry">
    <select
      value={shop.settings?.drying}
      onchange={(e) => {
        const way = e.currentTarget.value as Settings["drying"];
        shop.change((tree) => (tree.settings.drying = way));
      }}
    >
      {#each WAYS as way (way)}<option value={way}>{said(way)}</option>{/each}
    </select>
  </Field>
  <p class="soft"><a href="/shop#hours-and-room">Hours, helpers and the room</a></p>
</Sheet>

<style>
  .soft {
    color: var(--soft);
    font-size: var(--small);
    margin-bottom: 6px;
  }
  a {
    display: inline-flex;
    align-items: center;
    min-height: var(--target);
  }
  .big {
    font-family: var(--heading);
    font-size: var(--h2);
    font-weight: 700;
    margin: 2px 0;
  }
</style>
