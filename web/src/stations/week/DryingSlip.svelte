<script lang="ts">
  import type { WeekHoursView } from "../../api/types";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, timeOf } from "../../units/format";

  // What has been done and is not dry or cool yet.
  let { drying, today }: { drying: WeekHoursView["drying"]; today: string } = $props();

  const when = (iso: string) =>
    iso.startsWith(today) ? `at ${timeOf(iso)}` : `${dayOf(iso)}, ${timeOf(iso)}`;
</script>

<Sheet label="Drying">
  <h2>Drying</h2>
  <ul>
    {#each drying as one (one.order + one.name + one.until)}
      <li>
        <strong><bdi>{one.name}</bdi>{one.cookies > 0 ? `, ${one.cookies}` : ""}</strong>
        <span class="soft">{one.doing === "BAKE" ? "cool" : "ready"} {when(one.until)}</span>
      </li>
    {/each}
  </ul>
</Sheet>

<style>
  ul {
    list-style: none;
    margin: 6px 0 0;
    padding: 0;
    display: grid;
    gap: 6px;
  }
  li span {
    display: block;
  }
  .soft {
    color: var(--soft);
    font-size: var(--small);
  }
</style>
