<script lang="ts">
  import { onMount } from "svelte";
  import { reach } from "../../desk/reach.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";

  // A device that is not let in yet: by the key of the square that it has read, or by the kitchen's password.
  const key = location.pathname === "/pair" ? location.hash.slice(1) : "";
  let name = $state(
    matchMedia("(max-width: 600px)").matches ? "Phone at the bench" : "Tablet at the bench",
  );
  let password = $state("");
  let byPassword = $state(key === "");
  let trouble = $state("");
  let isBusy = $state(false);

  onMount(() => void reach.look());

  async function come(event: SubmitEvent) {
    event.preventDefault();
    isBusy = true;
    trouble = "";
    try {
      await (byPassword ? reach.signIn(password, name) : reach.pair(key, name));
      password = "";
      // What was fetched while it was out is fetched anew.
      if (location.pathname === "/pair") location.replace("/");
      else location.reload();
    } catch (e) {
      trouble = (e as Error).message;
    } finally {
      isBusy = false;
    }
  }
</script>

<svelte:head><title>Let this device in: Kind Thimble</title></svelte:head>
<main>
  <Sheet label="Let this device in" padding="22px 26px">
    <h1>Let this device in</h1>
    <p>
      {byPassword
        ? "With the password that was chosen at the kitchen's computer."
        : "It has read the square at the kitchen's computer. Give it a name, so that the others know whose steps are whose."}
    </p>
    <form onsubmit={come}>
      <label>
        Its name
        <input bind:value={name} maxlength="60" required autocomplete="off" />
      </label>
      {#if byPassword}
        <label>
          Password
          <input type="password" bind:value={password} required autocomplete="current-password" />
        </label>
      {/if}
      <p class="trouble" role="alert">{trouble}</p>
      <Press type="submit" disabled={isBusy}>Let it in</Press>
      {#if key}
        <Press plain onpress={() => (byPassword = !byPassword)}
          >{byPassword ? "By the square" : "By the password"}</Press
        >
      {/if}
    </form>
  </Sheet>
</main>

<style>
  main {
    max-width: 460px;
    margin: 8vh auto 0;
    padding: 0 16px;
  }
  h1 {
    font: 700 30px/1.15 var(--heading);
    margin-bottom: 8px;
  }
  form {
    display: grid;
    gap: 14px;
    margin-top: 14px;
  }
  label {
    display: grid;
    gap: 4px;
  }
  input {
    min-height: 48px;
    padding: 6px 12px;
    border: 2px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    color: var(--ink);
    font: inherit;
  }
  .trouble {
    min-height: 24px;
    color: var(--tomato);
  }
</style>
