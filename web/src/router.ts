import { createRouter } from "sv-router";
import OrderFrame from "./stations/OrderFrame.svelte";
import Bowls from "./stations/bowls/Bowls.svelte";
import Cookie from "./stations/cookie/Cookie.svelte";
import Later from "./stations/later/Later.svelte";
import Set from "./stations/set/Set.svelte";
import Shelf from "./stations/shelf/Shelf.svelte";
import Shop from "./stations/shop/Shop.svelte";
import Week from "./stations/week/Week.svelte";

// The only file that knows the router.
export const { p, navigate, isActive, route } = createRouter({
  "/": Week,
  "/shop": Shop,
  "/orders/:order": {
    "/": Set,
    "/cookie": Cookie,
    "/cookie/:design": Cookie,
    "/bowls": Bowls,
    "/shelf": Shelf,
    "/:station": Later,
    layout: OrderFrame,
  },
  "*": Later,
});

/** The parameters of the address as plain strings. */
export function addressed(): { order?: string; design?: string; station?: string } {
  return route.params as { order?: string; design?: string; station?: string };
}

/** Goes to an address inside the application. */
export function go(address: string): void {
  void (navigate as unknown as (to: string) => Promise<unknown>)(address);
}
