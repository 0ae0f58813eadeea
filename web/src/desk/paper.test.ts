import { beforeEach, describe, expect, it, vi } from "vitest";
import { Refusal, Unreached } from "../api/client";
import { Paper, type Patch, TYPED_TOGETHER_MS } from "./paper.svelte";
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

/** A server that blames a field for what it refuses; empty for none in particular. */
function blaming(blamed: (edits: Patch["edits"]) => string | undefined) {
  let tree = { count: 12, name: "Kite", size: 80 };
  let revision = 0;
  const sent: Patch["edits"][] = [];
  const paper: Paper<typeof tree> = new Paper("blaming", {
    send: (patch) => {
      sent.push(patch.edits);
      const field = blamed(patch.edits);
      if (field !== undefined)
        return Promise.reject(new Refusal({ status: 422, field, detail: "not that" }));
      for (const edit of patch.edits) tree = put(tree, edit.path, edit.now);
      paper.take(tree, ++revision, true);
      return Promise.resolve();
    },
    fetch: () => Promise.resolve(),
    name: (path) => path,
  });
  paper.take(tree, 0);
  return { paper, tree: () => tree, sent };
}

/** A server that stores what it is sent, and whose answer to it is lost once. */
function losing() {
  let tree = { n: 0 };
  let revision = 0;
  let loses = false;
  const known = new Set<string>();
  const paper: Paper<typeof tree> = new Paper("losing", {
    send: (patch) => {
      if (!known.has(patch.id)) {
        if (patch.revision !== revision)
          return Promise.reject(new Refusal({ status: 409, field: "revision", detail: "stale" }));
        for (const edit of patch.edits) tree = put(tree, edit.path, edit.now);
        known.add(patch.id);
        revision++;
      }
      if (loses) {
        loses = false;
        return Promise.reject(new Unreached());
      }
      paper.take(tree, revision, true);
      return Promise.resolve();
    },
    fetch: () => {
      paper.take(tree, revision);
      return Promise.resolve();
    },
    name: (path) => path,
  });
  paper.take(tree, 0);
  return { paper, tree: () => tree, lose: () => (loses = true) };
}

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

  it("shows what else is stored while something is on its way", async () => {
    set("/count", 5);
    stored.another("/name", "Sail");
    stored.paper.take(stored.tree, stored.revision);
    expect(stored.paper.shown).toEqual({ count: 5, name: "Sail", size: 80 });
    await stored.paper.settled();
    expect(stored.tree).toEqual({ count: 5, name: "Sail", size: 80 });
  });

  it("takes for its own what was stored though no answer came, whatever was pressed since", async () => {
    const { paper, tree, lose } = losing();
    lose();
    paper.change((count) => count.n++, "n");
    await vi.waitFor(() => expect(tree().n).toBe(1));
    await vi.waitFor(() => expect(paper.pending[0]?.sent).toBe(false));
    for (let i = 0; i < 6; i++) paper.change((count) => count.n++, "n");
    await paper.settled();
    expect(tree().n).toBe(7);
    expect(paper.pending).toEqual([]);
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

  it("leaves what another has stored alone while she has not chosen, whatever else she changes", async () => {
    stored.another("/count", 30);
    set("/count", 24);
    await stored.paper.settled();
    set("/name", "Dragon");
    await stored.paper.settled();
    expect(stored.tree).toEqual({ count: 30, name: "Dragon", size: 80 });
    // She types on: it is still hers beside theirs.
    set("/count", 26);
    await stored.paper.settled();
    expect(stored.tree.count).toBe(30);
    expect(stored.paper.conflicts).toMatchObject([{ now: 26, theirs: { value: 30 } }]);
    const [edit] = stored.paper.conflicts;
    if (edit) stored.paper.drop(edit);
    expect(stored.paper.shown?.count).toBe(30);
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

  it("takes no older answer for what is stored", async () => {
    set("/count", 24);
    await stored.paper.settled();
    stored.paper.take({ count: 12, name: "Kite", size: 80 }, 0);
    expect(stored.paper.shown?.count).toBe(24);
    expect(stored.paper.revision).toBe(1);
  });

  it("is not settled by what was fetched while a change was on its way", async () => {
    set("/count", 24);
    // The same revision again: nothing of it says that the change has arrived.
    stored.paper.take(stored.tree, 0);
    expect(stored.paper.isSaving).toBe(true);
    expect(stored.paper.shown?.count).toBe(24);
    await stored.paper.settled();
    expect(stored.tree.count).toBe(24);
  });

  it("sends what was typed in one go as one gesture, and after a rest as another", async () => {
    vi.useFakeTimers();
    set("/name", "D", "name");
    await vi.advanceTimersByTimeAsync(800);
    set("/name", "Dr", "name");
    await vi.advanceTimersByTimeAsync(TYPED_TOGETHER_MS - 1);
    set("/name", "Dra", "name");
    await vi.advanceTimersByTimeAsync(TYPED_TOGETHER_MS + 1);
    set("/name", "Drag", "name");
    await vi.advanceTimersByTimeAsync(100);
    set("/size", 70, "size");
    await vi.advanceTimersByTimeAsync(100);
    set("/name", "Dragon", "name");
    await vi.advanceTimersByTimeAsync(100);
    const gestures = stored.patches.map((patch) => patch.gesture);
    expect(gestures.slice(0, 3)).toEqual([gestures[0], gestures[0], gestures[0]]);
    expect(new Set(gestures.slice(2)).size).toBe(4);
    vi.useRealTimers();
  });

  it("stores words whose gesture never ends: nobody leaves the field", async () => {
    vi.useFakeTimers();
    for (const name of ["D", "Dr", "Dragon"]) {
      stored.paper.change((tree) => (tree.name = name), "name", true);
      await vi.advanceTimersByTimeAsync(300);
    }
    expect(stored.patches).toEqual([]);
    await vi.advanceTimersByTimeAsync(1_000);
    expect(stored.tree.name).toBe("Dragon");
    expect(stored.paper.isSaving).toBe(false);
    vi.useRealTimers();
  });

  it("drops all of a press where a part of it is refused, and nothing that was typed", async () => {
    set("/name", "Dragon");
    stored.paper.change((tree) => {
      tree.count = 500;
      tree.size = 70;
    });
    await stored.paper.settled();
    expect(stored.tree).toEqual({ count: 12, name: "Dragon", size: 80 });
    expect(stored.paper.shown).toEqual(stored.tree);
    expect(stored.paper.pending).toEqual([]);
  });

  it("finds the one to blame where the server does not say which it is", async () => {
    const { paper, tree, sent } = blaming((edits) =>
      edits.some((edit) => edit.path === "/size" && edit.now === 7) ? "" : undefined,
    );
    paper.change((now) => Object.assign(now, { count: 24, name: "Dragon", size: 7 }), "all");
    await paper.settled();
    expect(tree()).toEqual({ count: 24, name: "Dragon", size: 80 });
    expect(paper.held.map((edit) => edit.path)).toEqual(["/size"]);
    expect(sent.at(0)).toHaveLength(3);
  });

  it("gives up what was refused when she drops it, and shows what is stored", async () => {
    set("/count", 500);
    await stored.paper.settled();
    const [edit] = stored.paper.held;
    if (edit) stored.paper.drop(edit);
    expect(stored.paper.shown?.count).toBe(12);
    expect(stored.paper.held).toEqual([]);
  });

  it("says what is wrong in a place for what lies in it too", () => {
    stored.paper.hold("/size", "wide", "Write a number here.");
    expect(stored.paper.trouble("/size")).toBe("Write a number here.");
    expect(stored.paper.troubleIn("")).toBe("Write a number here.");
    expect(stored.paper.troubleIn("/count")).toBe("");
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
