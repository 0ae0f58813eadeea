<script lang="ts">
  import { answered, api } from "../../../api/client";
  import { reference } from "../../../desk/catalogue.svelte";
  import { theDesk } from "../../../desk/order.svelte";
  import { toast } from "../../../desk/toast.svelte";
  import { plural } from "../../../units/format";

  const desk = theDesk();

  // A palette goes out as a file, and comes in from one: colours of a name that is there already change their look.
  const most = $derived(reference.catalogue?.most.colours ?? 0);
  let trouble = $state("");
  const here = $derived(`/api/orders/${desk.id}/palette`);

  async function take(input: HTMLInputElement) {
    const file = input.files?.[0];
    if (!file) return;
    try {
      const text = await file.text();
      const read = await answered(api.POST("/api/colours/read", { body: { text } }));
      let added = 0;
      let left = 0;
      desk.editDetails((d) => {
        for (const { name, hex } of read.colours) {
          const same = d.palette.find((c) => c.name.toLowerCase() === name.toLowerCase());
          if (same) {
            same.hex = hex;
          } else if (d.palette.length >= most) {
            left++;
          } else {
            d.palette.push({
              key: "",
              name,
              hex,
              apart: null,
              joinedInto: null,
              letDownFrom: null,
              flavour: null,
            });
            added++;
          }
        }
      });
      trouble = "";
      toast.say(
        `${plural(read.colours.length, "colour")} read: ${added} new, ${read.colours.length - added - left} of a name that was there${left > 0 ? `; ${left} left out, since a palette has at most ${most}` : ""}.`,
      );
    } catch (e) {
      trouble = (e as Error).message;
    }
    input.value = "";
  }
</script>

<span class="files">
  <a href="{here}.gpl" download>Palette as .gpl</a>
  <a href="{here}.json" download>as JSON</a>
  <label
    >take one in
    <input
      type="file"
      accept=".gpl,.json,text/plain,application/json"
      onchange={(e) => void take(e.currentTarget)}
    /></label
  >
</span>
{#if trouble}<p class="trouble" role="alert">{trouble}</p>{/if}

<style>
  .files {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 14px;
    align-items: center;
    font-size: 14px;
  }
  label {
    color: var(--cobalt);
    text-decoration: underline;
    cursor: pointer;
    border-radius: 4px;
  }
  label:focus-within {
    outline: 3px solid var(--brass-line);
    outline-offset: 2px;
  }
  input {
    position: absolute;
    width: 1px;
    height: 1px;
    opacity: 0;
  }
  .trouble {
    color: var(--tomato);
    font-size: var(--small);
  }
</style>
