import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { until } from "../testing/browser";
import { AWAY, Fails, Later, Server } from "../testing/server";
import { ClockDesk } from "./clock.svelte";
import { connection } from "./connection.svelte";
import { MixingDesk } from "./mixing.svelte";
import type { OrderDesk } from "./order.svelte";
import { Play } from "./play";
import { BenchScale } from "./scale.svelte";
import { toast } from "./toast.svelte";
import { once, Refusal, Unreached } from "../api/client";

const server = vi.hoisted(() => ({ of: null as unknown as Server }));

vi.mock("../api/client", async (original) => ({
  ...(await original<typeof import("../api/client")>()),
  get api() {
    return server.of.api;
  },
}));

const ORDER = "/api/orders/{order}";

let said: string[];
beforeEach(() => {
  server.of = new Server();
  said = [];
  vi.spyOn(toast, "say").mockImplementation((sentence: string) => said.push(sentence));
});
afterEach(() => {
  vi.useRealTimers();
});

/** As much of an order's desk as these need. */
const desk = (revision = 4) => {
  const order = { revision };
  return {
    id: 1,
    order,
    known: [],
    paper: { settled: () => Promise.resolve() },
    refresh: vi.fn(() => Promise.resolve()),
  } as unknown as OrderDesk;
};

describe("how an order is mixed", () => {
  const at = (revision: number, names: unknown[] = []) => ({ revision, names });

  it("is as the newest look sees it", async () => {
    const mixing = new MixingDesk(desk());
    const older = new Later<unknown>();
    server.of.on(`GET ${ORDER}/mixing`, () => older.promise);
    const first = mixing.look();
    server.of.on(`GET ${ORDER}/mixing`, () => at(5));
    await mixing.look();
    older.comes(at(4));
    await first;
    expect(mixing.view?.revision).toBe(5);
  });

  it("is not put back by a look that was made before a press", async () => {
    const mixing = new MixingDesk(desk());
    server.of.on(`POST ${ORDER}/mixing/start`, () => at(6));
    await mixing.start();
    server.of.on(`GET ${ORDER}/mixing`, () => at(5));
    await mixing.look();
    expect(mixing.view?.revision).toBe(6);
  });

  it("tells the order which colours a kept plan speaks of, and has it looked up again", async () => {
    const owner = desk();
    const mixing = new MixingDesk(owner);
    const names = [{ key: "sky", name: "Sky", hex: "#88C" }];
    server.of.on(`POST ${ORDER}/mixing/start`, () => at(6, names));
    await mixing.start();
    expect(owner.known).toEqual(names);
    expect(owner.refresh).toHaveBeenCalledOnce();
  });

  it("stays as it is where a press is refused, which is said", async () => {
    const mixing = new MixingDesk(desk());
    server.of.on(`GET ${ORDER}/mixing`, () => at(5));
    await mixing.look();
    server.of.on(`DELETE ${ORDER}/mixing/start`, () => new Fails(409, "Look again."));
    await mixing.restart();
    expect(said).toEqual(["Look again."]);
    expect(mixing.view?.revision).toBe(5);
  });

  it("is not looked up at every step of a slider", async () => {
    vi.useFakeTimers();
    const mixing = new MixingDesk(desk());
    server.of.on(`GET ${ORDER}/mixing`, () => at(5));
    await mixing.look();
    for (let i = 0; i < 20; i++) {
      mixing.lookSoon();
      await vi.advanceTimersByTimeAsync(30);
    }
    await vi.advanceTimersByTimeAsync(500);
    expect(server.of.sent(`GET ${ORDER}/mixing`)).toHaveLength(2);
  });

  it("is forgotten with its order: what comes then is not taken", async () => {
    const mixing = new MixingDesk(desk());
    const late = new Later<unknown>();
    server.of.on(`GET ${ORDER}/mixing`, () => late.promise);
    const looking = mixing.look();
    mixing.forget();
    late.comes(at(9));
    await looking;
    expect(mixing.view).toBeNull();
  });
});

describe("an order on the clock", () => {
  const plan = (name: string, isSearching = false) => ({ name, search: { isSearching } });
  const name = (clock: ClockDesk) => (clock.view as unknown as { name: string }).name;

  it("is as the newest look sees it", async () => {
    const clock = new ClockDesk(desk());
    const older = new Later<unknown>();
    server.of.on(`GET ${ORDER}/clock`, () => older.promise);
    const first = clock.look();
    server.of.on(`GET ${ORDER}/clock`, () => plan("newer"));
    await clock.look();
    older.comes(plan("older"));
    await first;
    expect(name(clock)).toBe("newer");
  });

  it("is looked up again while a better plan is searched for, and then no more", async () => {
    vi.useFakeTimers();
    const clock = new ClockDesk(desk());
    const plans = [plan("at once", true), plan("better", true), plan("best")];
    server.of.on(`GET ${ORDER}/clock`, () => plans.shift());
    await clock.look();
    expect(name(clock)).toBe("at once");
    await vi.advanceTimersByTimeAsync(10_000);
    expect(name(clock)).toBe("best");
    expect(server.of.sent(`GET ${ORDER}/clock`)).toHaveLength(3);
  });

  it("is fresh as long as the order is the one that it speaks of", async () => {
    const owner = desk();
    const clock = new ClockDesk(owner);
    server.of.on(`GET ${ORDER}/clock`, () => plan("now"));
    expect(clock.isFresh).toBe(false);
    await clock.look();
    expect(clock.isFresh).toBe(true);
    Object.assign(owner.order as object, { revision: 5 });
    expect(clock.isFresh).toBe(false);
  });

  it("stops its search, and looks at what was found", async () => {
    const clock = new ClockDesk(desk());
    server.of.on("POST /api/clock/stop", () => ({}));
    server.of.on(`GET ${ORDER}/clock`, () => plan("so far"));
    await clock.stop();
    expect(name(clock)).toBe("so far");
  });
});

describe("a scale", () => {
  it("is read while somebody watches, and not after that", async () => {
    vi.useFakeTimers();
    const scale = new BenchScale(() => 1);
    let grams = 0;
    server.of.on(`GET ${ORDER}/scale`, () => ({ grams: ++grams, isHeld: false }));
    const [one, other] = [scale.watch(), scale.watch()];
    await vi.advanceTimersByTimeAsync(1_000);
    expect(scale.grams).toBeGreaterThan(3);
    one();
    await vi.advanceTimersByTimeAsync(400);
    const before = scale.grams ?? 0;
    other();
    await vi.advanceTimersByTimeAsync(5_000);
    expect(scale.grams ?? 0).toBeLessThanOrEqual(before + 1);
  });

  it("shows nothing where it does not answer, and is looked for more seldom", async () => {
    vi.useFakeTimers();
    const scale = new BenchScale(() => 1);
    server.of.on(`GET ${ORDER}/scale`, () => AWAY);
    const stop = scale.watch();
    await vi.advanceTimersByTimeAsync(6_500);
    expect(scale.grams).toBeNull();
    const asked = server.of.sent(`GET ${ORDER}/scale`);
    expect(asked).toHaveLength(3);
    // Who would wait for an answer would go on showing what lay on it before.
    for (const one of asked) expect(one).toHaveProperty("fetch", once);
    stop();
  });

  it("holds nothing still while it is tared", async () => {
    const scale = new BenchScale(() => 1);
    scale.isHeld = true;
    server.of.on(`POST ${ORDER}/scale/tare`, () => ({ grams: 0, isHeld: false }));
    await scale.tare();
    expect(scale.isHeld).toBe(false);
  });
});

describe("hands in the practice kitchen", () => {
  const deed = { what: "POUR", step: "1 base" } as const;

  it("do one deed after the other", async () => {
    const play = new Play(
      () => 1,
      () => undefined,
    );
    const first = new Later<unknown>();
    let asked = 0;
    server.of.on(`POST ${ORDER}/practice/deeds`, () => (asked++ === 0 ? first.promise : { g: 2 }));
    const one = play.act(deed);
    const two = play.act(deed);
    await until(() => asked === 1);
    first.comes({ g: 1 });
    expect(await Promise.all([one, two])).toEqual([{ g: 1 }, { g: 2 }]);
  });

  it("say what went wrong, and go on", async () => {
    const play = new Play(
      () => 1,
      () => undefined,
    );
    server.of.on(`POST ${ORDER}/practice/deeds`, () => new Fails(422, "The bag is empty."));
    expect(await play.act(deed)).toBeNull();
    server.of.on(`POST ${ORDER}/practice/deeds`, () => ({ g: 2 }));
    expect(await play.act(deed)).toEqual({ g: 2 });
    expect(said).toEqual(["The bag is empty."]);
  });
});

describe("the connection to the kitchen's computer", () => {
  it("is tried again until it answers, and waits longer each time", async () => {
    vi.useFakeTimers();
    const tries: number[] = [];
    const asked = connection.persist(() => {
      tries.push(Date.now());
      return tries.length < 5 ? Promise.reject(new Unreached()) : Promise.resolve("here");
    });
    await vi.advanceTimersByTimeAsync(60_000);
    expect(await asked).toBe("here");
    const waits = tries.slice(1).map((at, i) => at - (tries[i] ?? 0));
    expect(waits).toEqual([...waits].sort((a, b) => a - b));
    expect(waits[0]).toBeLessThan(1_000);
    expect(connection.sentence).toBe("");
  });

  it("that answers with a refusal is there: that is not tried again", async () => {
    const problem = { status: 422, field: "", detail: "no" };
    await expect(connection.persist(() => Promise.reject(new Refusal(problem)))).rejects.toThrow(
      "no",
    );
  });

  it("that is there again wakes all who wait", async () => {
    vi.useFakeTimers();
    const woken: number[] = [];
    const waits = [5_000, 8_000].map((ms) => connection.wait(ms).then(() => woken.push(ms)));
    await vi.advanceTimersByTimeAsync(1_000);
    expect(woken).toEqual([]);
    connection.reached();
    await Promise.all(waits);
    expect(woken).toEqual([5_000, 8_000]);
  });
});
