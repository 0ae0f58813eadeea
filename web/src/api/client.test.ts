import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { connection } from "../desk/connection.svelte";
import { answered, api, once, Refusal, Unreached } from "./client";

vi.hoisted(() => {
  // A page's own addresses need no host; where these tests run they do.
  const Whole = Request;
  globalThis.Request = class extends Whole {
    constructor(address: RequestInfo | URL, init?: RequestInit) {
      super(typeof address === "string" ? `http://127.0.0.1${address}` : address, init);
    }
  };
});

const problem = (status: number, detail: string) =>
  new Response(JSON.stringify({ status, field: "", detail }), {
    status,
    headers: { "Content-Type": "application/problem+json" },
  });
const shop = () => new Response("{}", { headers: { "Content-Type": "application/json" } });

/** What the network gives, one after the other; the last again and again. */
let gives: (() => Response)[] = [];
let asked = 0;

beforeEach(() => {
  asked = 0;
  vi.stubGlobal("document", { cookie: "" });
  vi.stubGlobal("fetch", () => {
    const give = gives[Math.min(asked++, gives.length - 1)];
    return give ? Promise.resolve().then(give) : Promise.reject(new TypeError("no network"));
  });
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
  connection.reached();
});

const away = () => {
  throw new TypeError("no network");
};

describe("a call", () => {
  it("that only looks is asked until it is answered, and the page says so meanwhile", async () => {
    gives = [away, () => problem(503, "The database is coming back."), shop];
    const looked = answered(api.GET("/api/shop"));
    await vi.advanceTimersByTimeAsync(100);
    expect(connection.sentence).toContain("does not answer");
    await vi.advanceTimersByTimeAsync(700);
    expect(connection.sentence).toBe("The database is coming back.");
    await vi.advanceTimersByTimeAsync(1_500);
    await expect(looked).resolves.toEqual({});
    expect(asked).toBe(3);
    expect(connection.sentence).toBe("");
  });

  it("about what is so just now is asked once", async () => {
    gives = [away, shop];
    await expect(answered(api.GET("/api/shop", { fetch: once }))).rejects.toBeInstanceOf(Unreached);
    expect(asked).toBe(1);
  });

  it("that only looks is not asked again when it is refused", async () => {
    gives = [() => problem(404, "This order is not there.")];
    await expect(answered(api.GET("/api/shop"))).rejects.toBeInstanceOf(Refusal);
    expect(asked).toBe(1);
  });

  it("that changes something is sent once: whoever sends it decides what comes then", async () => {
    gives = [() => problem(503, "The kitchen computer is busy, and still working on it.")];
    const pressed = await answered(api.POST("/api/shop/undo")).catch((e: unknown) => e);
    expect(pressed).toBeInstanceOf(Unreached);
    expect((pressed as Error).message).toContain("still working on it");
    gives = [away];
    await expect(answered(api.POST("/api/shop/undo"))).rejects.toBeInstanceOf(Unreached);
    expect(asked).toBe(2);
  });
});
