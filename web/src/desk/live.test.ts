import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Browser, TextStore, until } from "../testing/browser";

/** A line of events, as a page opens it. */
class Line extends EventTarget {
  static readonly CLOSED = 2;
  static opened: Line[] = [];
  readyState = 0;

  constructor(readonly address: string) {
    super();
    Line.opened.push(this);
  }

  comes(): void {
    this.readyState = 1;
    this.dispatchEvent(new Event("open"));
  }

  breaks(readyState: number): void {
    this.readyState = readyState;
    this.dispatchEvent(new Event("error"));
  }

  says(heard: object): void {
    this.dispatchEvent(new MessageEvent("changed", { data: JSON.stringify(heard) }));
  }
}

const MISSED = { order: -1, revision: -1 };

let browser: Browser;
let visible: EventTarget & { visibilityState: string };
beforeEach(() => {
  browser = new Browser();
  Line.opened = [];
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

async function opened() {
  const page = browser.page(new TextStore());
  visible = Object.assign(new EventTarget(), { visibilityState: "visible" });
  vi.stubGlobal("document", visible);
  vi.stubGlobal("EventSource", Line);
  const { live } = await import("./live");
  const { connection } = await import("./connection.svelte");
  const heard: unknown[] = [];
  live.listen((one) => heard.push(one));
  live.start();
  await Promise.resolve();
  await Promise.resolve();
  return { page, heard, connection, live };
}

const line = () => Line.opened.at(-1) as Line;

describe("the line on which changes are heard", () => {
  it("is opened by one page of a browser, which tells the others", async () => {
    const first = await opened();
    const second = await opened();
    expect(Line.opened).toHaveLength(1);
    line().comes();
    line().says({ order: 3, revision: 7 });
    expect(first.heard).toEqual([{ order: 3, revision: 7 }]);
    await until(() => second.heard.length > 0);
    expect(second.heard).toEqual([{ order: 3, revision: 7 }]);
  });

  it("is taken over by another page when the one that had it goes", async () => {
    const first = await opened();
    const second = await opened();
    line().comes();
    browser.locks.left(first.page);
    await until(() => Line.opened.length === 2);
    line().comes();
    line().says({ order: 3, revision: 8 });
    expect(second.heard).toContainEqual({ order: 3, revision: 8 });
  });

  it("tells that something may have been missed when it comes again, and not when it comes first", async () => {
    const page = await opened();
    line().comes();
    expect(page.heard).toEqual([]);
    line().breaks(0);
    expect(page.connection.sentence).not.toBe("");
    // The browser itself has tried again.
    line().comes();
    expect(page.connection.sentence).toBe("");
    expect(page.heard).toEqual([MISSED, MISSED]);
  });

  it("has each page ask at once when it breaks, for this device may have been turned out, and only once", async () => {
    const page = await opened();
    line().comes();
    line().breaks(0);
    line().breaks(0);
    expect(page.heard).toEqual([MISSED]);
  });

  it("is opened anew where the server has closed it, and what came meanwhile may have been missed", async () => {
    const page = await opened();
    line().comes();
    vi.useFakeTimers();
    line().breaks(Line.CLOSED);
    expect(Line.opened).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(2_000);
    expect(Line.opened).toHaveLength(2);
    line().comes();
    expect(page.heard).toEqual([MISSED, MISSED]);
  });

  it("is not opened twice where the browser tries again itself", async () => {
    await opened();
    line().comes();
    vi.useFakeTimers();
    line().breaks(0);
    await vi.advanceTimersByTimeAsync(10_000);
    expect(Line.opened).toHaveLength(1);
  });

  it("may have been asleep while the page was not seen", async () => {
    const page = await opened();
    visible.visibilityState = "hidden";
    visible.dispatchEvent(new Event("visibilitychange"));
    expect(page.heard).toEqual([]);
    visible.visibilityState = "visible";
    visible.dispatchEvent(new Event("visibilitychange"));
    expect(page.heard).toEqual([MISSED]);
  });

  it("is not heard any more by who has stopped listening", async () => {
    const page = await opened();
    const other: unknown[] = [];
    const stop = page.live.listen((one) => other.push(one));
    line().comes();
    stop();
    line().says({ order: 3, revision: 7 });
    expect(page.heard).toHaveLength(1);
    expect(other).toEqual([]);
  });
});
