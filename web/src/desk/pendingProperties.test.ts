import { describe, expect, it } from "vitest";
import { Random } from "../testing/random";
import { applied, changes, compact, type Pending, rebased } from "./pending";
import { differences, lies, put, same } from "./places";

type Tree = {
  name: string;
  count: number;
  list: { key: string; size: number }[];
  words: string[];
  in: Record<string, { note: string | null; at: number }>;
};

/** Any tree of the kind that papers hold: fields, a list of things with keys, a list of words, things by number. */
function tree(random: Random): Tree {
  return {
    name: random.one(["Kite", "Sail", "Reel"]),
    count: random.below(5),
    list: Array.from({ length: random.below(4) }, (_, i) => ({
      key: "abcdef".charAt((i * 2 + random.below(2)) % 6),
      size: random.below(4),
    })),
    words: Array.from({ length: random.below(3) }, () => random.one(["a", "b", "c"])),
    in: Object.fromEntries(
      Array.from({ length: random.below(3) }, () => [
        String(random.below(3)),
        { note: random.one([null, "x", "y"]), at: random.below(3) },
      ]),
    ),
  };
}

const TIMES = 2_000;

describe("differences of any two trees", () => {
  it("put into the one make the other", () => {
    const random = new Random(2028);
    for (let i = 0; i < TIMES; i++) {
      const [before, after] = [tree(random), tree(random)];
      expect(applied(before, changes(before, after, null, false))).toEqual(after);
    }
  });

  it("are none where both hold the same, and some where they do not", () => {
    const random = new Random(7);
    for (let i = 0; i < TIMES; i++) {
      const [before, after] = [tree(random), tree(random)];
      expect(differences(before, after).length === 0).toBe(same(before, after));
      expect(differences(before, structuredClone(before))).toEqual([]);
    }
  });

  it("say what stood there, so that they can be taken back", () => {
    const random = new Random(11);
    for (let i = 0; i < TIMES; i++) {
      const [before, after] = [tree(random), tree(random)];
      const back = changes(before, after, null, false)
        .reverse()
        .map((edit) => ({ ...edit, now: edit.was }));
      expect(applied(after, back)).toEqual(before);
    }
  });
});

/** A hand that changes something again and again, each time on what it sees. */
function hand(random: Random, start: Tree, times: number): { edits: Pending[]; seen: Tree } {
  let edits: Pending[] = [];
  let seen = start;
  for (let i = 0; i < times; i++) {
    const now = structuredClone(seen);
    switch (random.below(4)) {
      case 0:
        now.count = random.below(9);
        break;
      case 1:
        now.name = random.one(["Kite", "Sail", "Reel", "Vane"]);
        break;
      case 2:
        for (const one of now.list.slice(0, 1)) one.size = random.below(9);
        break;
      default:
        now.list = [...now.list, { key: random.one(["g", "h"]), size: 1 }];
    }
    edits = [...edits, ...changes(seen, now, "g", true)];
    seen = now;
  }
  return { edits, seen };
}

describe("many changes", () => {
  it("made one of each place show the same", () => {
    const random = new Random(3);
    for (let i = 0; i < TIMES; i++) {
      const start = tree(random);
      const { edits, seen } = hand(random, start, 1 + random.below(6));
      const few = compact(edits);
      expect(applied(start, few)).toEqual(seen);
      expect(few.length).toBeLessThanOrEqual(edits.length);
    }
  });

  it("stay as they are where nobody has stored anything", () => {
    const random = new Random(4);
    for (let i = 0; i < TIMES; i++) {
      const start = tree(random);
      const { edits, seen } = hand(random, start, 1 + random.below(4));
      expect(applied(start, rebased(compact(edits), start))).toEqual(seen);
    }
  });

  it("that were all stored leave nothing to do", () => {
    const random = new Random(5);
    for (let i = 0; i < TIMES; i++) {
      const start = tree(random);
      const { edits, seen } = hand(random, start, 1);
      expect(rebased(edits, seen)).toEqual([]);
    }
  });

  it("and another hand's of other places are both there", () => {
    const random = new Random(6);
    for (let i = 0; i < TIMES; i++) {
      const start = tree(random);
      const { edits } = hand(random, start, 1 + random.below(3));
      const mine = compact(edits);
      const theirs = { path: "/words", now: [...start.words, "z"] };
      if (mine.some((edit) => lies(edit.path, "/words"))) continue;
      const stored = put(start, theirs.path, theirs.now);
      const left = rebased(mine, stored);
      expect(left.filter((edit) => edit.theirs)).toEqual([]);
      const now = applied(stored, left);
      expect(now.words).toEqual(theirs.now);
      expect({ ...now, words: start.words }).toEqual(applied(start, mine));
    }
  });

  it("and another hand's of the same place never pass over each other in silence", () => {
    const random = new Random(8);
    let beside = 0;
    for (let i = 0; i < TIMES; i++) {
      const start = tree(random);
      const mine = changes(start, put(start, "/count", 40), "g", true);
      const theirs = random.one([start.count, 40, 50]);
      const left = rebased(mine, put(start, "/count", theirs));
      if (theirs === 50) {
        beside++;
        expect(left).toMatchObject([{ now: 40, theirs: { value: 50 } }]);
      } else expect(left.map((edit) => edit.now)).toEqual(theirs === 40 ? [] : [40]);
    }
    expect(beside).toBeGreaterThan(TIMES / 5);
  });
});
