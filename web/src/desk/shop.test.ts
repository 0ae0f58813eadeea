import { beforeEach, describe, expect, it, vi } from "vitest";
import { until } from "../testing/browser";
import { type Call, Fails, Later, Server } from "../testing/server";
import type { Heard } from "./live";
import type { Patch } from "./paper.svelte";
import { put } from "./places";

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

const SHOP = {
  revision: 3,
  settings: {
    habits: {
      MARGIN_MM: { mean: 1.5, spread: 0, source: "HOUSE" },
      BAG_SECONDS: { mean: 4, spread: 0, source: "HOUSE" },
    },
    words: { flood: "flood", piping: "piping" },
    customs: { dates: "DAY_FIRST", numbers: "POINT", weekStarts: "MONDAY", currency: "EUR" },
    measures: "GRAMS",
  },
  recipes: {},
  gels: {},
  stock: { "icing sugar": 750 },
  steps: { undo: null, redo: null },
};

let stored: typeof SHOP;
let said: string[];

/** A shop that is opened anew, on a server that keeps what it is told. */
async function opened() {
  vi.resetModules();
  line.listeners = [];
  const { shop } = await import("./shop.svelte");
  const { toast } = await import("./toast.svelte");
  const { locale } = await import("../units/locale.svelte");
  const { kitchen } = await import("../units/words.svelte");
  vi.spyOn(toast, "say").mockImplementation((sentence: string) => said.push(sentence));
  await shop.open();
  return { shop, locale, kitchen };
}

beforeEach(() => {
  stored = structuredClone(SHOP);
  said = [];
  server.of = new Server();
  server.of.on("GET /api/shop", () => structuredClone(stored));
  server.of.on("PATCH /api/shop", ({ body }: Call) => {
    const { revision, edits } = body as Patch;
    if (revision !== stored.revision) return new Fails(409, "stale", "revision");
    for (const { path, now } of edits) stored = put(stored, path, now);
    stored = { ...stored, revision: stored.revision + 1 };
    return structuredClone(stored);
  });
});

const gets = () => server.of.sent("GET /api/shop").length;

describe("the shop's desk", () => {
  it("stores a figure as the shop's own, and one that is the same not at all", async () => {
    const { shop } = await opened();
    shop.figure("MARGIN_MM", 1.5);
    await shop.paper.settled();
    expect(stored.revision).toBe(3);
    shop.figure("MARGIN_MM", 2);
    await shop.paper.settled();
    expect(stored.settings.habits.MARGIN_MM).toMatchObject({ mean: 2, source: "SHOP" });
    shop.putBack("MARGIN_MM", SHOP.settings.habits.MARGIN_MM as never);
    await shop.paper.settled();
    expect(stored.settings.habits).toEqual(SHOP.settings.habits);
  });

  it("sends what has changed and nothing else", async () => {
    const { shop } = await opened();
    shop.change((tree) => (tree.stock["icing sugar"] = 600), "stock icing sugar");
    await shop.paper.settled();
    const [call] = server.of.sent("PATCH /api/shop");
    expect((call?.body as Patch).edits).toEqual([{ path: "/stock/icing sugar", now: 600 }]);
  });

  it("has its words and customs followed by all that is written", async () => {
    const { shop, locale, kitchen } = await opened();
    shop.change((tree) => {
      tree.settings.words = { ...tree.settings.words, flood: "run-in" };
      tree.settings.customs = { ...tree.settings.customs, numbers: "COMMA" };
    });
    await shop.paper.settled();
    expect(kitchen.words.flood).toBe("run-in");
    expect(locale.number(1.5, 1)).toBe("1,5");
  });

  it("follows what another device stores, once, and not what belongs to an order", async () => {
    const { shop } = await opened();
    for (const listener of line.listeners) listener({ order: 1, revision: 99 });
    for (const listener of line.listeners) listener({ order: null, revision: 3 });
    expect(gets()).toBe(1);
    stored = put({ ...stored, revision: 4 }, "/stock/icing sugar", 100);
    for (const listener of line.listeners) listener({ order: null, revision: 4 });
    await until(() => shop.view?.revision === 4);
    expect(shop.paper.shown?.stock["icing sugar"]).toBe(100);
    expect(gets()).toBe(2);
  });

  it("takes no older shop for a newer one", async () => {
    const { shop } = await opened();
    const older = new Later<unknown>();
    const before = structuredClone(stored);
    server.of.on("GET /api/shop", () => older.promise);
    const looking = shop.refresh();
    shop.figure("MARGIN_MM", 2);
    await shop.paper.settled();
    older.comes(before);
    await looking;
    expect(shop.view?.revision).toBe(4);
    expect(shop.settings?.habits["MARGIN_MM"]?.mean).toBe(2);
  });

  it("undoes after what was typed is stored, and says what it took back", async () => {
    const { shop } = await opened();
    server.of.on("POST /api/shop/undo", () => {
      expect(stored.settings.habits.MARGIN_MM.mean).toBe(2);
      stored = put(
        { ...stored, revision: stored.revision + 1 },
        "/settings/habits/MARGIN_MM",
        SHOP.settings.habits.MARGIN_MM,
      );
      return { sentence: "undone: edge margin 1.5 mm", shop: structuredClone(stored) };
    });
    shop.figure("MARGIN_MM", 2);
    await shop.undo();
    expect(shop.settings?.habits["MARGIN_MM"]?.mean).toBe(1.5);
    expect(said).toEqual(["undone: edge margin 1.5 mm"]);
    server.of.on("POST /api/shop/redo", () => new Fails(422, "There is nothing to do again."));
    await shop.redo();
    expect(said.at(-1)).toBe("There is nothing to do again.");
  });

  it("can be opened again where it could not be", async () => {
    server.of.on("GET /api/shop", () => new Fails(500, "not now"));
    await expect(opened()).rejects.toThrow("not now");
    const { shop } = await import("./shop.svelte");
    server.of.on("GET /api/shop", () => structuredClone(stored));
    await shop.open();
    expect(shop.view?.revision).toBe(3);
  });
});
