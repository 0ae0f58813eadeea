import { createStore, keys, set } from "idb-keyval";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Browser, settled, TextStore } from "../testing/browser";
import type { Pending } from "./pending";

const edit = (now: unknown, path = "/count"): Pending => ({
  path,
  was: 12,
  now,
  gesture: "g",
  typed: true,
  sent: false,
});

let browser: Browser;
beforeEach(() => {
  browser = new Browser();
});
afterEach(() => {
  vi.unstubAllGlobals();
});

/** A page of a tab, with its drafts. */
async function opened(tab: TextStore) {
  const page = browser.page(tab);
  const { drafts } = await import("./drafts");
  // A page of another tab may be asked before this one has its name.
  await drafts.read("nothing");
  return { page, drafts };
}

type Opened = Awaited<ReturnType<typeof opened>>;

/** Writing takes the database a moment longer than flushing. */
async function written(one: Opened): Promise<void> {
  await one.drafts.flush();
  await settled();
}

describe("a draft", () => {
  it("is there again after a reload, once", async () => {
    const tab = new TextStore();
    const before = await opened(tab);
    before.drafts.write("order-1", { edits: [edit(24)] });
    await written(before);
    browser.locks.left(before.page);
    const after = await opened(tab);
    expect((await after.drafts.read("order-1"))?.edits).toEqual([edit(24)]);
    await written(after);
    browser.locks.left(after.page);
    const last = await opened(tab);
    expect((await last.drafts.read("order-1"))?.edits).toEqual([edit(24)]);
  });

  it("is nothing once all of it is stored", async () => {
    const tab = new TextStore();
    const before = await opened(tab);
    before.drafts.write("order-1", { edits: [edit(24)] });
    await written(before);
    before.drafts.write("order-1", { edits: [] });
    await written(before);
    expect(await before.drafts.all()).toEqual([]);
    browser.locks.left(before.page);
    const after = await opened(tab);
    expect((await after.drafts.read("order-1"))?.edits).toEqual([]);
  });

  it("of several that are written at once is the last", async () => {
    const tab = new TextStore();
    const page = await opened(tab);
    for (const now of [1, 12, 120]) page.drafts.write("order-1", { edits: [edit(now)] });
    await written(page);
    browser.locks.left(page.page);
    expect((await (await opened(tab)).drafts.read("order-1"))?.edits).toEqual([edit(120)]);
  });

  it("of a living tab stays with that tab", async () => {
    const first = await opened(new TextStore());
    first.drafts.write("order-1", { edits: [edit(24)] });
    await written(first);
    const second = await opened(new TextStore());
    expect((await second.drafts.read("order-1"))?.edits).toEqual([]);
    expect(await second.drafts.all()).toContain("order-1");
  });

  it("of a tab that is no more goes to whoever opens the same thing", async () => {
    const first = await opened(new TextStore());
    first.drafts.write("order-1", { edits: [edit(24)] });
    first.drafts.write("order-2", { edits: [edit(36)] });
    await written(first);
    browser.locks.left(first.page);
    const second = await opened(new TextStore());
    expect((await second.drafts.read("order-1"))?.edits).toEqual([edit(24)]);
    await written(second);
    // It has one owner from now on.
    const third = await opened(new TextStore());
    expect((await third.drafts.read("order-1"))?.edits).toEqual([]);
    expect((await third.drafts.read("order-2"))?.edits).toEqual([edit(36)]);
  });

  it("of a tab that was copied while it lives is not the copy's", async () => {
    const tab = new TextStore();
    const first = await opened(tab);
    first.drafts.write("order-1", { edits: [edit(24)] });
    await written(first);
    const copied = new TextStore();
    Object.assign(copied, tab);
    const copy = await opened(copied);
    expect((await copy.drafts.read("order-1"))?.edits).toEqual([]);
    copy.drafts.write("order-1", { edits: [edit(30)] });
    await written(copy);
    browser.locks.left(first.page);
    const again = await opened(tab);
    expect((await again.drafts.read("order-1"))?.edits).toEqual([edit(24)]);
  });

  it("that the page had no time to write is left where that takes none, and is the newer one", async () => {
    const tab = new TextStore();
    const before = await opened(tab);
    before.drafts.write("order-1", { edits: [edit(1)] });
    await written(before);
    before.drafts.write("order-1", { edits: [edit(24)] });
    before.drafts.leave();
    browser.locks.left(before.page);
    // The database had no time for it.
    const [name = ""] = await keys<string>(createStore("kind-thimble", "drafts"));
    await settled();
    await set(name, { edits: [edit(1)] }, createStore("kind-thimble", "drafts"));
    const after = await opened(tab);
    expect((await after.drafts.read("order-1"))?.edits).toEqual([edit(24)]);
  });

  it("lasts until the page is left where the browser keeps nothing", async () => {
    const tab = new TextStore();
    browser.page(tab);
    vi.stubGlobal("indexedDB", undefined);
    const { drafts } = await import("./drafts");
    drafts.write("order-1", { edits: [edit(24)] });
    expect((await drafts.read("order-1"))?.edits).toEqual([edit(24)]);
  });
});
