<script lang="ts">
  import { reference } from "../../desk/catalogue.svelte";
  import { type Settings, shop } from "../../desk/shop.svelte";
  import Field from "../../parts/Field.svelte";
  import TextField from "../../parts/TextField.svelte";
  import { dayOf, todayHere } from "../../units/dates";
  import { fixed } from "../../units/format";
  import { locale } from "../../units/locale.svelte";

  // How the shop writes dates, numbers and money: chosen once, and so everywhere, on paper too.
  let { customs }: { customs: Settings["customs"] } = $props();

  const WORDS: Record<string, string> = {
    DAY_FIRST: "day first, Sat 5 Dec",
    MONTH_FIRST: "month first, Sat, Dec 5",
    YEAR_FIRST: "year first, Sat 2026-12-05",
    POINT: "1,234.5",
    COMMA: "1.234,5",
    SPACE_AND_COMMA: "1 234,5",
    MONDAY: "Monday",
    SUNDAY: "Sunday",
    SATURDAY: "Saturday",
    A4: "A4",
    LETTER: "Letter",
  };
  const choices = $derived(
    (reference.catalogue?.fields["customs"] ?? []).filter((one) => one.options.length > 0),
  );
  const value = (name: string) => String((customs as Record<string, unknown>)[name] ?? "");

  function set(name: string, to: string, field = "", rests = false) {
    shop.change((tree) => Object.assign(tree.settings.customs, { [name]: to }), field, rests);
  }
</script>

<h2>Dates, numbers, money, paper</h2>
<div class="grid">
  {#each choices as choice (choice.name)}
    <Field label={choice.word} place="/settings/customs/{choice.name}">
      <select value={value(choice.name)} onchange={(e) => set(choice.name, e.currentTarget.value)}>
        {#each choice.options as option (option)}
          <option value={option}>{WORDS[option] ?? option}</option>
        {/each}
      </select>
    </Field>
  {/each}
  <TextField
    label="currency, three letters"
    place="/settings/customs/currency"
    longest={3}
    value={customs.currency}
    onchange={(code) => set("currency", code.toUpperCase(), "currency", true)}
  />
</div>
<p class="soft">
  So it reads: {dayOf(todayHere(), true)} · {fixed(1234.5, 1)} g · {locale.money(12.5)}
</p>

<style>
  h2 {
    margin-top: 22px;
  }
  .grid {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
    gap: 14px 20px;
    margin: 8px 0;
  }
</style>
