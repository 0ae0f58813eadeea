import { beforeEach, describe, expect, it, vi } from "vitest";
import type { OrderView } from "../api/types";
import { until } from "../testing/browser";
import { AWAY, type Call, Fails, Later, Server } from "../testing/server";
import type { Heard } from "./live";
import { OrderDesk } from "./order.svelte";
import type { Patch } from "./paper.svelte";
import { put } from "./places";
import { toast } from "./toast.svelte";

const server = vi.hoisted(() => ({ of: null as unknown as Server }));
const line = vi.hoisted(() => ({ listeners: [] as ((heard: Heard) => void)[] }));

vi.mock("../api/client", async (original) => ({
  ...(await original<typeof import("../api/client")>()),
  get api() {
    return server.of.api;
  },
}));
vi.mock("./live", () => ({
  live: { listen: (listener: (heard: Heard) => void) => line.listeners.push(listener) },
}));
vi.mock("./catalogue.svelte", () => ({ reference: { load: () => Promise.resolve() } }));

const ORDER = "/api/orders/{order}";

type Kept = { count: number; document: { name: string; moves: object[] } };

/** One order as the server keeps it, and answers with it. */
class Stored {
  details = { name: "Kites", notes: "", palette: [] };
  designs: Record<number, Kept> = {
    7: { count: 12, document: { name: "Diamond", moves: [] } },
    9: { count: 6, document: { name: "Sock", moves: [] } },
  };
  tray = [7, 9];
  revision = 4;
  shop = 2;

  view(ids = this.tray): OrderView {
    return structuredClone({
      id: 1,
      revision: this.revision,
      shop: this.shop,
      details: this.details,
      tray: this.tray,
      designs: ids.map((id) => ({ id, ...this.designs[id] })),
      plan: { pour: null, trouble: "" },
      steps: { undo: null, redo: null },
    }) as unknown as OrderView;
  }

  patch({ body }: Call): OrderView | Fails {
    const { revision, edits } = body as Patch;
    if (revision !== this.revision) return new Fails(409, "stale", "revision");
    const touched: number[] = [];
    for (const { path, now } of edits) {
      const tree = put({ details: this.details, designs: this.designs }, path, now);
      ({ details: this.details, designs: this.designs } = tree);
      const design = /^\/designs\/(\d+)/.exec(path)?.[1];
      if (design) touched.push(Number(design));
    }
    this.revision++;
    return this.view(touched);
  }
}

let stored: Stored;
let said: string[];
beforeEach(() => {
  stored = new Stored();
  said = [];
  line.listeners = [];
  server.of = new Server();
  server.of.on(`GET ${ORDER}`, () => stored.view());
  server.of.on(`PATCH ${ORDER}`, (call) => stored.patch(call));
  server.of.on(`GET ${ORDER}/mixing`, () => ({ revision: stored.revision, names: [] }));
  vi.spyOn(toast, "say").mockImplementation((sentence: string) => said.push(sentence));
});

async function opened(): Promise<OrderDesk> {
  const desk = new OrderDesk(1);
  await desk.open();
  return desk;
}

const hear = (heard: Heard) => {
  for (const listener of line.listeners) listener(heard);
};

const gets = () => server.of.sent(`GET ${ORDER}`).length;

describe("the desk of an order", () => {
  it("shows a change at once and the order that follows from it with the answer", async () => {
    const desk = await opened();
    desk.editDesign(7, (design) => (design.count = 24), "count");
    expect(desk.design(7)?.count).toBe(24);
    expect(desk.cookies).toBe(18);
    await desk.paper.settled();
    expect(desk.cookies).toBe(30);
    expect(desk.order?.revision).toBe(5);
    // The answer held one design; the other is as it was.
    expect(desk.design(9)?.document.name).toBe("Sock");
    expect(gets()).toBe(1);
  });

  it("fetches the whole where the shop is another than it has seen", async () => {
    const desk = await opened();
    stored.shop++;
    desk.editDetails((details) => (details.notes = "ribbon"), "notes");
    await desk.paper.settled();
    await until(() => gets() === 2);
    expect(desk.order?.shop).toBe(3);
    expect(desk.details?.notes).toBe("ribbon");
  });

  it("takes no older order that comes after a newer one", async () => {
    const desk = await opened();
    const older = new Later<OrderView>();
    const before = stored.view();
    server.of.on(`GET ${ORDER}`, () => older.promise);
    const looking = desk.refresh();
    desk.editDesign(7, (design) => (design.count = 24), "count");
    await desk.paper.settled();
    older.comes(before);
    await looking;
    expect(desk.order?.revision).toBe(5);
    expect(desk.design(7)?.count).toBe(24);
  });

  it("follows what another device stores, and only what it lacks", async () => {
    const desk = await opened();
    hear({ order: 1, revision: 4 });
    hear({ order: 2, revision: 77 });
    expect(gets()).toBe(1);
    stored.designs[7] = { ...(stored.designs[7] as Kept), count: 36 };
    stored.revision++;
    hear({ order: 1, revision: 5 });
    await until(() => desk.order?.revision === 5);
    expect(desk.design(7)?.count).toBe(36);
    hear({ order: null, revision: 2 });
    expect(gets()).toBe(2);
    stored.shop++;
    hear({ order: null, revision: 3 });
    await until(() => desk.order?.shop === 3);
  });

  it("merges what it has changed with what another device has stored meanwhile", async () => {
    const desk = await opened();
    stored.designs[9] = { ...(stored.designs[9] as Kept), count: 8 };
    stored.revision++;
    desk.editDesign(7, (design) => (design.count = 24), "count");
    await desk.paper.settled();
    expect(stored.designs[7]?.count).toBe(24);
    expect(stored.designs[9]?.count).toBe(8);
    expect(desk.cookies).toBe(32);
  });

  it("keeps a move of its own where another device has changed another design", async () => {
    const desk = await opened();
    desk.editDesign(7, (design) => design.document.moves.push({ move: "flood", colour: "sky" }));
    desk.editDesign(
      7,
      (design) => Object.assign(design.document.moves[0] as object, { colour: "poppy" }),
      "colour",
    );
    stored.designs[9] = { ...(stored.designs[9] as Kept), count: 8 };
    stored.revision++;
    await desk.paper.settled();
    expect(stored.designs[7]?.document.moves).toEqual([{ move: "flood", colour: "poppy" }]);
    expect(stored.designs[9]?.count).toBe(8);
  });

  it("says that an order is not there, and finds it when it is asked again", async () => {
    server.of.on(`GET ${ORDER}`, () => new Fails(404, "There is no such order."));
    const desk = await opened();
    expect(desk.missing).toBe("There is no such order.");
    server.of.on(`GET ${ORDER}`, () => stored.view());
    await desk.open();
    expect(desk.missing).toBe("");
    expect(desk.order?.revision).toBe(4);
  });

  it("undoes only after what was typed is stored, and says what it took back", async () => {
    const desk = await opened();
    server.of.on(`POST ${ORDER}/undo`, () => {
      expect(stored.designs[7]?.count).toBe(24);
      stored.designs[7] = { ...(stored.designs[7] as Kept), count: 12 };
      stored.revision++;
      return { order: stored.view(), path: "/designs/7/count", sentence: "12 of Diamond again." };
    });
    desk.editDesign(7, (design) => (design.count = 24), "count", true);
    await desk.undo();
    expect(desk.design(7)?.count).toBe(12);
    expect(desk.shown).toEqual({ path: "/designs/7/count" });
    expect(said).toEqual(["12 of Diamond again."]);
    // What undo has shown is shown until the next change.
    desk.editDesign(7, (design) => (design.count = 13), "count");
    await desk.paper.settled();
    expect(desk.shown).toBeNull();
  });

  it("does one thing after the other, and goes on after one that went wrong", async () => {
    const desk = await opened();
    const first = new Later<unknown>();
    const order: string[] = [];
    server.of.on(`POST ${ORDER}/designs`, ({ body }) => {
      const name = (body as Kept).document.name;
      order.push(name);
      return name === "Reel" ? first.promise : new Fails(422, "No such cutter.");
    });
    const reel = desk.addDesign({ name: "Reel" } as never, 1);
    const vane = desk.addDesign({ name: "Vane" } as never, 1);
    await until(() => order.length === 1);
    expect(order).toEqual(["Reel"]);
    first.comes(AWAY);
    expect(await reel).toBeNull();
    expect(await vane).toBeNull();
    expect(order).toEqual(["Reel", "Vane"]);
    expect(said.at(-1)).toBe("No such cutter.");
  });

  it("gives a copy a name that no other design has", async () => {
    const desk = await opened();
    const names: string[] = [];
    server.of.on(`POST ${ORDER}/designs`, ({ body }) => {
      const added = body as Kept;
      const id = 20 + names.length;
      names.push(added.document.name);
      stored.designs[id] = added;
      stored.tray = [...stored.tray, id];
      stored.revision++;
      return stored.view([id]);
    });
    for (let i = 0; i < 3; i++) await desk.duplicateDesign(7);
    expect(names).toEqual(["Diamond again", "Diamond again 2", "Diamond again 3"]);
    expect(desk.designs).toHaveLength(5);
  });

  it("shifts a design on the tray, but not off its end", async () => {
    const desk = await opened();
    server.of.on(`PUT ${ORDER}/designs`, ({ body }) => {
      stored.tray = (body as { designs: number[] }).designs;
      stored.revision++;
      return stored.view();
    });
    await desk.shiftDesign(9, 1);
    await desk.shiftDesign(7, -1);
    expect(stored.revision).toBe(4);
    await desk.shiftDesign(9, -1);
    expect(desk.designs.map((design) => design.id)).toEqual([9, 7]);
  });
});
