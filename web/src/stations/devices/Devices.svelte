<script lang="ts">
  import { onMount } from "svelte";
  import { answered, api } from "../../api/client";
  import type { Device, ReachInvitation } from "../../api/types";
  import { reach } from "../../desk/reach.svelte";
  import { toast } from "../../desk/toast.svelte";
  import Press from "../../parts/Press.svelte";
  import Sheet from "../../parts/Sheet.svelte";
  import { dayOf, timeOf } from "../../units/format";
  import { local } from "../bench/words";
  import ShopFrame from "../ShopFrame.svelte";

  // Which tablets and phones are let in; how another one is, and how one is turned out.
  let devices = $state.raw<Device[]>([]);
  let invitation = $state.raw<ReachInvitation | null>(null);
  let leaving = $state("");
  let password = $state("");

  async function tried(what: Promise<void>): Promise<void> {
    try {
      await what;
    } catch (e) {
      toast.say((e as Error).message);
    }
  }

  async function look() {
    await reach.look();
    devices = await answered(api.GET("/api/reach/devices"));
  }
  onMount(() => void tried(look()));

  async function invite() {
    invitation = await answered(api.POST("/api/reach/invitations"));
  }

  async function unpair(device: Device) {
    leaving = "";
    devices = await answered(
      api.DELETE("/api/reach/devices/{device}", { params: { path: { device: device.id } } }),
    );
    if (device.id === reach.view?.device) await reach.look();
  }

  async function rename(device: Device, name: string) {
    if (name.trim() === "" || name === device.name) return;
    devices = await answered(
      api.PATCH("/api/reach/devices/{device}", {
        params: { path: { device: device.id } },
        body: { name },
      }),
    );
  }

  async function choose(event: SubmitEvent) {
    event.preventDefault();
    await answered(api.POST("/api/reach/password", { body: { password, name: "" } }));
    password = "";
    toast.say("The password is changed. Devices that are in stay in.");
  }

  const when = (time: string) => {
    const wall = local(Date.parse(time));
    return `${dayOf(wall)} ${timeOf(wall)}`;
  };
</script>

<ShopFrame title="Devices">
  <main>
    <Sheet label="Devices that are let in">
      <h2>Devices that are let in</h2>
      <ul>
        <li>
          <strong>The kitchen's own computer</strong>
          <span class="soft">{reach.view?.isHere ? "this one; " : ""}always in</span>
        </li>
        {#each devices as device (device.id)}
          <li>
            <input
              aria-label="Name of a device"
              value={device.name}
              maxlength="60"
              onchange={(event) => void tried(rename(device, event.currentTarget.value))}
            />
            <span class="soft">
              {device.id === reach.view?.device ? "this one; " : ""}since {when(
                device.pairedAt,
              )}{device.lastHere ? `, here last ${when(device.lastHere)}` : ""}
            </span>
            {#if leaving === device.id}
              <Press onpress={() => tried(unpair(device))}>Turn {device.name} out now</Press>
              <Press plain onpress={() => (leaving = "")}>Leave it in</Press>
            {:else}
              <Press plain label="Unpair {device.name}" onpress={() => (leaving = device.id)}
                >Unpair</Press
              >
            {/if}
          </li>
        {/each}
      </ul>
    </Sheet>
    <div class="side">
      <Sheet label="Let another one in">
        <h2>Let another one in</h2>
        {#if reach.view && !reach.view.isHere}
          <p>Open this page at the kitchen's own computer to let another device in.</p>
        {:else if reach.view?.isShared}
          <p>
            A tablet or phone on the same network reads a square with its camera. It warns of the
            certificate once: this computer has made it by itself.
          </p>
          {#if invitation}
            <svg
              viewBox="0 0 {invitation.side} {invitation.side}"
              role="img"
              aria-label="A square to be read with a camera; the address stands below it"
            >
              <rect width={invitation.side} height={invitation.side} fill="#FFFFFF" />
              <path d={invitation.path} fill="#000000" shape-rendering="crispEdges" />
            </svg>
            <p class="address">{invitation.addresses[0]}</p>
            <p class="soft">
              It lets one device in, until {timeOf(local(Date.parse(invitation.until)))}.
            </p>
          {/if}
          <p>
            <Press onpress={() => tried(invite())}
              >{invitation ? "Another square" : "Make a square"}</Press
            >
          </p>
          <p class="soft">Or by the password, at {reach.view.addresses.join(" or ")}</p>
        {:else}
          <p>
            The kitchen's computer keeps to itself now. Stop it with bin/stop, and start it with
            bin/start --share: then tablets and phones on the home network can come in.
          </p>
        {/if}
      </Sheet>
      {#if reach.view?.isShared && reach.view.isHere}
        <Sheet label="Another password">
          <h2>Another password</h2>
          <form onsubmit={(event) => void tried(choose(event))}>
            <label>
              8 letters or more
              <input
                type="password"
                bind:value={password}
                minlength="8"
                maxlength="200"
                required
                autocomplete="new-password"
              />
            </label>
            <Press type="submit" plain>Change it</Press>
          </form>
        </Sheet>
      {/if}
    </div>
  </main>
</ShopFrame>

<style>
  main {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 360px;
    gap: 16px;
    align-items: start;
  }
  .side {
    display: grid;
    gap: 16px;
  }
  ul {
    list-style: none;
    margin: 8px 0 0;
    padding: 0;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 16px;
    padding: 10px 0;
    border-top: 1px solid var(--line);
    min-height: 48px;
  }
  input {
    min-height: 44px;
    padding: 4px 10px;
    border: 2px solid var(--line);
    border-radius: var(--round-field);
    background: var(--paper);
    color: var(--ink);
    font: inherit;
    font-weight: 600;
    max-width: 100%;
  }
  svg {
    display: block;
    width: 100%;
    max-width: 300px;
    margin: 10px 0;
  }
  .address {
    font-family: monospace;
    overflow-wrap: anywhere;
  }
  p {
    margin: 6px 0;
  }
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: end;
  }
  label {
    display: grid;
    gap: 4px;
  }
  @media (max-width: 900px) {
    main {
      grid-template-columns: 1fr;
    }
  }
</style>
