import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { BenchEvent, BenchView } from "../api/types";
import { Browser, settled, TextStore, until } from "../testing/browser";
import { AWAY, type Call, Fails, Later, Server } from "../testing/server";
import type { Heard } from "./live";
import type { OrderDesk } from "./order.svelte";

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
vi.mock("./reach.svelte", () => ({ reach: { view: null } }));

const BENCH = "GET /api/orders/{order}/bench";
const PRESS = "POST /api/orders/{order}/bench";
const PRESSED = "GET /api/orders/{order}/bench/pressed";
const NOW = "2026-12-02T08:00:00Z";

/** What the kitchen's computer keeps of one order's bench. */
class Kept {
  events: BenchEvent[] = [];
  refused: string[] = [];

  view(): BenchView {
    return {
      pressed: [...this.events],
      seen: this.events.length,
      now: NOW,
      seed: null,
      steps: [{ key: "3 ice", against: { work: "ice", bag: null } }],
      bags: [{ key: "poppy", fills: [], keepsGrams: 8, drinks: [], name: "Poppy" }],
    } as unknown as BenchView;
  }

  since(after: number) {
    return { pressed: this.events.slice(after), seen: this.events.length, now: NOW, seed: null };
  }

  take({ body, params }: Call) {
    const batch = body as BenchEvent[];
    if (batch.some((event) => this.refused.includes(event.step)))
      return new Fails(422, "There is no such piece of work.");
    for (const event of batch)
      if (!this.events.some((one) => one.id === event.id)) this.events.push(event);
    return this.since(Number(params?.query?.["after"] ?? 0));
  }
}

let browser: Browser;
let kept: Kept;
beforeEach(() => {
  browser = new Browser();
  kept = new Kept();
  line.listeners = [];
  server.of = new Server();
  server.of.on(BENCH, () => kept.view());
  server.of.on(PRESS, (call) => kept.take(call));
  server.of.on(PRESSED, ({ params }) => kept.since(Number(params?.query?.["after"] ?? 0)));
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

async function opened(tab = new TextStore()) {
  const page = browser.page(tab);
  const { BenchDesk } = await import("./bench.svelte");
  const { toast } = await import("./toast.svelte");
  const { connection } = await import("./connection.svelte");
  const said: string[] = [];
  vi.spyOn(toast, "say").mockImplementation((sentence: string) => said.push(sentence));
  const desk = new BenchDesk({ id: 3 } as OrderDesk);
  await desk.open();
  return { page, desk, said, connection };
}

type Opened = Awaited<ReturnType<typeof opened>>["desk"];

const steps = (events: BenchEvent[]) => events.map((event) => event.step);
const shown = (desk: Opened) => steps([...(desk.view?.pressed ?? []), ...desk.pending]);

/** The browser's database takes a moment. */
const written = settled;

describe("what is pressed at the bench", () => {
  it("shows at once, and is confirmed once", async () => {
    const { desk } = await opened();
    desk.press("DONE", "3 dough");
    expect(shown(desk)).toEqual(["3 dough"]);
    await until(() => desk.pending.length === 0);
    expect(shown(desk)).toEqual(["3 dough"]);
    expect(steps(kept.events)).toEqual(["3 dough"]);
  });

  it("says against what plan it measures, and of which bag", async () => {
    const { desk } = await opened();
    expect(desk.press("WEIGHED", "3 ice", 40, "bare").against).toEqual({ work: "ice", bag: null });
    expect(desk.press("BAG", "3 ice", 40, "poppy").against).toEqual({
      work: "ice",
      bag: { key: "poppy", fills: [], keepsGrams: 8, drinks: [] },
    });
    expect(desk.press("BEGUN", "3 ice").against).toBeNull();
    expect(desk.press("DONE", "3 dough").against).toBeNull();
  });

  it("waits while nothing answers, and goes in its order", async () => {
    const { desk, connection } = await opened();
    vi.useFakeTimers();
    server.of.on(PRESS, () => AWAY);
    for (const step of ["3 a", "3 b", "3 c"]) desk.press("DONE", step);
    await vi.advanceTimersByTimeAsync(3_000);
    expect(connection.sentence).not.toBe("");
    expect(steps(desk.pending)).toEqual(["3 a", "3 b", "3 c"]);
    server.of.on(PRESS, (call) => kept.take(call));
    await vi.advanceTimersByTimeAsync(10_000);
    expect(steps(kept.events)).toEqual(["3 a", "3 b", "3 c"]);
    expect(desk.pending).toEqual([]);
    expect(connection.sentence).toBe("");
  });

  it("is sent after a reload where it never arrived", async () => {
    const tab = new TextStore();
    // The page is left while it is on its way.
    server.of.on(PRESS, () => new Later().promise);
    const before = await opened(tab);
    before.desk.press("DONE", "3 dough");
    await written();
    server.of.on(PRESS, (call) => kept.take(call));
    browser.locks.left(before.page);
    const after = await opened(tab);
    await until(() => kept.events.length === 1);
    expect(shown(after.desk)).toEqual(["3 dough"]);
    await written();
    // What is confirmed is kept no more: nothing is sent a second time.
    const calls = server.of.sent(PRESS).length;
    browser.locks.left(after.page);
    await opened(tab);
    await written();
    expect(server.of.sent(PRESS)).toHaveLength(calls);
  });

  it("in two tabs while nothing answers is sent from both", async () => {
    server.of.on(PRESS, () => new Later().promise);
    const [one, other] = [new TextStore(), new TextStore()];
    const first = await opened(one);
    first.desk.press("DONE", "3 in one");
    await written();
    const second = await opened(other);
    expect(second.desk.pending).toEqual([]);
    second.desk.press("DONE", "3 in the other");
    await written();
    // Both are reloaded, one after the other.
    server.of.on(PRESS, (call) => kept.take(call));
    for (const page of [first.page, second.page]) browser.locks.left(page);
    await opened(one);
    await opened(other);
    await until(() => kept.events.length === 2);
    expect(steps(kept.events).sort()).toEqual(["3 in one", "3 in the other"]);
  });

  it("of a living tab is not sent by another one", async () => {
    server.of.on(PRESS, () => new Later().promise);
    const first = await opened();
    first.desk.press("DONE", "3 dough");
    await written();
    server.of.on(PRESS, (call) => kept.take(call));
    const second = await opened();
    await written();
    expect(second.desk.pending).toEqual([]);
    expect(kept.events).toEqual([]);
  });

  it("is kept once where its answer was lost on the way", async () => {
    const { desk } = await opened();
    vi.useFakeTimers();
    server.of.on(PRESS, (call) => {
      kept.take(call);
      return AWAY;
    });
    desk.press("DONE", "3 dough");
    await vi.advanceTimersByTimeAsync(100);
    server.of.on(PRESS, (call) => kept.take(call));
    await vi.advanceTimersByTimeAsync(10_000);
    expect(steps(kept.events)).toEqual(["3 dough"]);
    expect(shown(desk)).toEqual(["3 dough"]);
  });

  it("that is refused takes none along that was sent with it", async () => {
    const { desk, said } = await opened();
    vi.useFakeTimers();
    server.of.on(PRESS, () => AWAY);
    for (const step of ["3 a", "3 nothing", "3 c"]) desk.press("DONE", step);
    await vi.advanceTimersByTimeAsync(100);
    kept.refused = ["3 nothing"];
    server.of.on(PRESS, (call) => kept.take(call));
    await vi.advanceTimersByTimeAsync(10_000);
    expect(steps(kept.events)).toEqual(["3 a", "3 c"]);
    expect(said).toEqual(["There is no such piece of work."]);
    expect(shown(desk)).toEqual(["3 a", "3 c"]);
  });

  it("is not dropped by a fault of the server, which may come right", async () => {
    const { desk, said } = await opened();
    vi.useFakeTimers();
    server.of.on(PRESS, () => new Fails(500));
    desk.press("DONE", "3 dough");
    await vi.advanceTimersByTimeAsync(3_000);
    expect(steps(desk.pending)).toEqual(["3 dough"]);
    server.of.on(PRESS, (call) => kept.take(call));
    await vi.advanceTimersByTimeAsync(10_000);
    expect(steps(kept.events)).toEqual(["3 dough"]);
    expect(said).toEqual([]);
  });

  it("is confirmed by what is heard of it before its own answer", async () => {
    const { desk } = await opened();
    const answer = new Later<unknown>();
    server.of.on(PRESS, (call) => {
      kept.take(call);
      return answer.promise;
    });
    desk.press("COUNT", "3 dough", 20);
    expect(desk.pending).toHaveLength(1);
    for (const listener of line.listeners) listener({ order: 3, revision: -1, bench: 1 });
    await until(() => desk.pending.length === 0);
    expect(shown(desk)).toEqual(["3 dough"]);
    answer.comes(kept.since(0));
    await written();
    expect(shown(desk)).toEqual(["3 dough"]);
  });

  it("is later than what was pressed before, whatever a clock does", async () => {
    const { desk } = await opened();
    vi.useFakeTimers();
    vi.setSystemTime(Date.parse("2026-12-02T09:00:00Z"));
    const first = desk.press("DONE", "3 a");
    vi.setSystemTime(Date.parse("2026-12-02T08:30:00Z"));
    const second = desk.press("DONE", "3 b");
    expect(Date.parse(second.at)).toBeGreaterThan(Date.parse(first.at));
  });

  it("has a number of its own, each time", async () => {
    const { desk } = await opened();
    server.of.on(PRESS, () => AWAY);
    const ids = Array.from({ length: 50 }, () => desk.press("COUNT", "3 a", 20).id);
    expect(new Set(ids).size).toBe(50);
  });
});

describe("what is seen of a bench", () => {
  it("is what was asked for last, whichever answer comes last", async () => {
    const { desk } = await opened();
    const older = new Later<BenchView>();
    server.of.on(BENCH, () => older.promise);
    const first = desk.look();
    kept.events.push({ id: "x", step: "3 newer" } as BenchEvent);
    server.of.on(BENCH, () => kept.view());
    await desk.look();
    older.comes({ ...kept.view(), pressed: [], seen: 0, now: "2026-12-02T07:00:00Z" });
    await first;
    expect(shown(desk)).toEqual(["3 newer"]);
    expect(desk.view?.now).toBe(NOW);
  });

  it("keeps what was heard of while it was looked up", async () => {
    const { desk } = await opened();
    const older = new Later<BenchView>();
    server.of.on(BENCH, () => older.promise);
    const looking = desk.look();
    const before = kept.view();
    kept.events.push({ id: "x", step: "3 heard" } as BenchEvent);
    for (const listener of line.listeners) listener({ order: 3, revision: -1, bench: 1 });
    await until(() => shown(desk).includes("3 heard"));
    older.comes(before);
    await looking;
    expect(shown(desk)).toEqual(["3 heard"]);
  });

  it("is looked up again after something may have been missed", async () => {
    const { desk } = await opened();
    kept.events.push({ id: "x", step: "3 missed" } as BenchEvent);
    for (const listener of line.listeners) listener({ order: -1, revision: -1 });
    await until(() => shown(desk).includes("3 missed"));
  });

  it("says what is wrong where it was never seen, and is left alone where it was", async () => {
    server.of.on(BENCH, () => new Fails(404, "There is no such order."));
    const { desk } = await opened();
    expect(desk.trouble).toBe("There is no such order.");
    server.of.on(BENCH, () => kept.view());
    await desk.look();
    server.of.on(BENCH, () => AWAY);
    await desk.look();
    expect(desk.trouble).toBe("");
    expect(desk.view).not.toBeNull();
  });
});
