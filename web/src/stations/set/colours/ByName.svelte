<script lang="ts">
  import names from "color-name";
  import Press from "../../../parts/Press.svelte";

  // Names of colours as the web knows them (CSS Color Module Level 4).
  let { onpick }: { onpick: (hex: string, name: string) => void } = $props();

  const id = $props.id();
  let typed = $state("");
  const plain = $derived(typed.toLowerCase().replace(/[^a-z]/g, ""));
  const hexOf = (rgb: [number, number, number]) =>
    "#" +
    rgb
      .map((n) => n.toString(16).padStart(2, "0"))
      .join("")
      .toUpperCase();
  const found = $derived(names[plain] ? hexOf(names[plain]) : "");
  const near = $derived(
    plain.length < 2 || found ? [] : Object.keys(names).filter((name) => name.includes(plain)),
  );
  const called = $derived(typed.trim().charAt(0).toUpperCase() + typed.trim().slice(1));
</script>

<form
  onsubmit={(event) => {
    event.preventDefault();
    if (found) onpick(found, called);
  }}
>
  <label for={id}>A name, such as coral or dark sea green</label>
  <div class="row">
    <input {id} bind:value={typed} autocomplete="off" maxlength="40" />
    <span class="disc" style:background={found || "transparent"}></span>
    <Press type="submit" disabled={!found}>Take it</Press>
  </div>
</form>
{#if near.length > 0}
  <ul>
    {#each near.slice(0, 12) as name (name)}
      {@const rgb = names[name]}
      <li>
        <button onclick={() => (typed = name)}>
          <span class="disc small" style:background={rgb ? hexOf(rgb) : ""}></span>{name}
        </button>
      </li>
    {/each}
  </ul>
{:else if plain && !found}
  <p class="soft">No colour goes by that name here. Try another, or the wheel.</p>
{/if}

<style>
  form {
    display: grid;
    gap: 4px;
  }
  .row {
    display: flex;
    gap: 10px;
    align-items: center;
  }
  input {
    border: 1.5px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    padding: 6px 8px;
    min-height: var(--target);
    flex: 1;
    min-width: 0;
  }
  .disc {
    width: 34px;
    height: var(--target);
    border-radius: 50%;
    border: 1.5px solid var(--cobalt);
    flex: none;
  }
  .small {
    width: 20px;
    height: 20px;
  }
  ul {
    list-style: none;
    margin: 10px 0 0;
    padding: 0;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  }
  li button {
    display: flex;
    gap: 8px;
    align-items: center;
    border: 0;
    background: none;
    padding: 4px;
    cursor: pointer;
  }
</style>
