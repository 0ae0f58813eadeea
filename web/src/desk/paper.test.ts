import { beforeEach, describe, expect, it, vi } from "vitest";
import { Refusal, Unreached } from "../api/client";
import { Paper, type Patch } from "./paper.svelte";
import { at, put } from "./places";

/** A server of one paper: refuses numbers over 100, and revisions that are not its own. */
class Stored {
  tree = { count: 12, name: "Kite", size: 80 };
  revision = 0;
  patches: Patch[] = [];
  away = 0;

  readonly paper: Paper<typeof this.tree> = new Paper("test", {
    send: (patch) => this.#send(patch),
    fetch: () => Promise.resolve(this.paper.take(this.tree, this.revision)),
    name: (path) => path,
  });

  constructor() {
    this.paper.take(this.tree, 0);
  }

  another(path: string, now: unknown): void {
    this.tree = put(this.tree, path, now);
    this.revision++;
  }

  async #send(patch: Patch): Promise<void> {
    await new Promise((resolve) => setTimeout(resolve, 1));
    if (this.away-- > 0) throw new Unreached();
    if (patch.revision !== this.revision)
      throw new Refusal({ status: 409, field: "revision", detail: "stale" });
    for (const edit of patch.edits) {
      if (typeof edit.now === "number" && edit.now > 100)
        throw new Refusal({ status: 422, field: edit.path.slice(1), detail: "at most 100" });
    }
    this.patches.push(patch);
    for (const edit of patch.edits) this.tree = put(this.tree, edit.path, edit.now);
    this.revision++;
    this.paper.take(this.tree, this.revision, true);
  }
}

let stored: Stored;
beforeEach(() => {
  stored = new Stored();
});

const set = (path: string, now: unknown, field = path) =>
  stored.paper.change((tree) => Object.assign(tree, put(tree, path, now)), field);

describe("a paper", () => {
  it("stores what is typed, in order, and the last of it counts", async () => {
    for (const n of [1, 12, 99]) set("/count", n);
    expect(stored.paper.shown?.count).toBe(99);
    await stored.paper.settled();
    expect(stored.tree.count).toBe(99);
    expect(new Set(stored.patches.map((patch) => patch.gesture)).size).toBe(1);
  });

  it("holds back what is refused and stores the rest", async () => {
    set("/count", 500);
    set("/name", "Dragon");
    await stored.paper.settled();
    expect(stored.tree).toEqual({ count: 12, name: "Dragon", size: 80 });
    expect(stored.paper.shown?.count).toBe(500);
    expect(stored.paper.trouble("/count")).toBe("at most 100");
    set("/size", 70);
    await stored.paper.settled();
    expect(stored.tree).toEqual({ count: 12, name: "Dragon", size: 70 });
    set("/count", 50);
    expect(stored.paper.trouble("/count")).toBe("");
    await stored.paper.settled();
    expect(stored.tree.count).toBe(50);
    expect(stored.paper.pending).toEqual([]);
  });

  it("drops a press that is refused", async () => {
    set("/count", 500, "");
    await stored.paper.settled();
    expect(stored.paper.shown?.count).toBe(12);
  });

  it("keeps what can't be read as it was typed", async () => {
    stored.paper.hold("/count", "a dozen", "Write a number here.");
    set("/name", "Dragon");
    await stored.paper.settled();
    expect(stored.tree).toEqual({ count: 12, name: "Dragon", size: 80 });
    expect(at(stored.paper.shown, "/count")).toBe("a dozen");
    expect(stored.paper.held).toHaveLength(1);
  });

  it("merges with what another device has stored", async () => {
    stored.another("/name", "Sail");
    set("/count", 24);
    await stored.paper.settled();
    expect(stored.tree).toEqual({ count: 24, name: "Sail", size: 80 });
    expect(stored.paper.shown).toEqual(stored.tree);
  });

  it("shows both where two have changed the same, and stores what she keeps", async () => {
    stored.another("/count", 30);
    set("/count", 24);
    set("/name", "Dragon");
    await stored.paper.settled();
    expect(stored.tree).toEqual({ count: 30, name: "Dragon", size: 80 });
    const [edit] = stored.paper.conflicts;
    expect(edit).toMatchObject({ now: 24, theirs: { value: 30 } });
    if (edit) stored.paper.keepMine(edit);
    await stored.paper.settled();
    expect(stored.tree.count).toBe(24);
  });

  it("is not confused by its own change that it hears of before the answer", async () => {
    const send = stored.paper;
    set("/count", 2);
    set("/count", 24);
    // The first is stored and heard of, and the whole fetched, while its answer is still on the way.
    await new Promise((resolve) => setTimeout(resolve, 0));
    send.take(put(stored.tree, "/count", 2), stored.revision + 1);
    await send.settled();
    expect(send.conflicts).toEqual([]);
    expect(stored.tree.count).toBe(24);
  });

  it("tries again while nothing answers", async () => {
    vi.useFakeTimers();
    stored.away = 3;
    set("/count", 24);
    await vi.advanceTimersByTimeAsync(20_000);
    expect(stored.tree.count).toBe(24);
    vi.useRealTimers();
  });

  it("waits with words until the hand rests or leaves", async () => {
    stored.paper.change((tree) => (tree.name = "D"), "name", true);
    await new Promise((resolve) => setTimeout(resolve, 30));
    expect(stored.patches).toEqual([]);
    stored.paper.change((tree) => (tree.name = "Dragon"), "name", true);
    await stored.paper.settled();
    expect(stored.patches).toHaveLength(1);
    expect(stored.tree.name).toBe("Dragon");
  });
});
