import { createRouter } from "sv-router";
import OrderFrame from "./stations/OrderFrame.svelte";

// The only file that knows the router. A station is fetched when it is visited, or when nothing else is to do.
const stations = {
  week: () => import("./stations/week/Week.svelte"),
  set: () => import("./stations/set/Set.svelte"),
  cookie: () => import("./stations/cookie/Cookie.svelte"),
  drawing: () => import("./stations/drawing/Drawing.svelte"),
  bowls: () => import("./stations/bowls/Bowls.svelte"),
  clock: () => import("./stations/clock/Clock.svelte"),
  bench: () => import("./stations/bench/Bench.svelte"),
  shelf: () => import("./stations/shelf/Shelf.svelte"),
  shopShelf: () => import("./stations/shelf/ShopShelf.svelte"),
  shop: () => import("./stations/shop/Shop.svelte"),
  orders: () => import("./stations/orders/AllOrders.svelte"),
  library: () => import("./stations/library/Library.svelte"),
  newCutter: () => import("./stations/library/NewCutter.svelte"),
  devices: () => import("./stations/devices/Devices.svelte"),
  notebook: () => import("./stations/notebook/Notebook.svelte"),
  shopNotebook: () => import("./stations/notebook/ShopNotebook.svelte"),
  later: () => import("./stations/later/Later.svelte"),
};

export const { p, navigate, isActive, route } = createRouter({
  "/": stations.week,
  "/shop": stations.shop,
  "/shelf": stations.shopShelf,
  "/notebook": stations.shopNotebook,
  "/library": stations.library,
  "/library/cutter": stations.newCutter,
  "/devices": stations.devices,
  "/pair": stations.week,
  "/orders": stations.orders,
  "/orders/:order": {
    "/": stations.set,
    "/cookie": stations.cookie,
    "/cookie/:design": stations.cookie,
    "/drawing": stations.drawing,
    "/drawing/:design": stations.drawing,
    "/bowls": stations.bowls,
    "/clock": stations.clock,
    "/bench": stations.bench,
    "/shelf": stations.shelf,
    "/notebook": stations.notebook,
    "/:station": stations.later,
    layout: OrderFrame,
  },
  "*": stations.later,
});

/** The parameters of the address as plain strings. */
export function addressed(): { order?: string; design?: string; station?: string } {
  return route.params as { order?: string; design?: string; station?: string };
}

/** Goes to an address inside the application. */
export function go(address: string): void {
  void (navigate as unknown as (to: string) => Promise<unknown>)(address);
}

/** Fetches the stations of an order, so that none has to be waited for. */
export function warm(): void {
  for (const station of [stations.set, stations.cookie, stations.bowls, stations.shelf]) {
    void station().catch(() => undefined);
  }
}
