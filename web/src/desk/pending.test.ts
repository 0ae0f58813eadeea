import { describe, expect, it } from "vitest";
import { applied, changes, compact, followed, type Pending, rebased, without } from "./pending";
import { put } from "./places";

const ORDER = {
  details: { name: "Kites", client: "" },
  designs: {
    7: {
      count: 12,
      moves: [
        { move: "outline", colour: "poppy" },
        { move: "flood", colour: "poppy", fullness: 1 },
        { move: "dot", colour: "white", pieces: 6 },
      ],
    },
  },
};

const typed = (path: string, now: unknown, tree: object = ORDER): Pending => {
  const [one] = changes(tree, put(tree, path, now), "g", true);
  if (!one) throw new Error("nothing changed");
  return one;
};

describe("changes that somebody else's are stored before", () => {
  it("of another field stay", () => {
    const mine = typed("/designs/7/count", 24);
    const stored = put(ORDER, "/details/name", "Dragons");
    const left = rebased([mine], stored);
    expect(applied(stored, left)).toEqual(put(stored, "/designs/7/count", 24));
    expect(left[0]?.theirs).toBeUndefined();
  });

  it("keep what was typed while an earlier change of the same field was on its way", () => {
    const first = { ...typed("/designs/7/count", 2), sent: true };
    const then = { ...first, was: 2, now: 24, sent: false };
    const left = rebased([first, then], put(ORDER, "/designs/7/count", 30));
    expect(left.filter((edit) => !edit.sent)).toMatchObject([{ now: 24, theirs: { value: 30 } }]);
  });

  it("of the same field stand side by side", () => {
    const left = rebased([typed("/designs/7/count", 24)], put(ORDER, "/designs/7/count", 30));
    expect(left).toMatchObject([{ now: 24, theirs: { value: 30 } }]);
  });

  it("that say the same are done", () => {
    expect(rebased([typed("/designs/7/count", 24)], put(ORDER, "/designs/7/count", 24))).toEqual(
      [],
    );
  });

  it("of several fields of one move, made in one go, find it together", () => {
    const drawn = {
      move: "flood",
      colour: "poppy",
      fullness: 1,
      path: "M0 0Z",
      sizeMm: 12,
      on: "a1",
    };
    const mine = changes(ORDER, put(ORDER, "/designs/7/moves/1", drawn), "g", true);
    expect(mine.length).toBe(3);
    const stored = put(ORDER, "/designs/7/count", 30);
    const left = rebased(mine, stored);
    expect(left.filter((edit) => edit.theirs)).toEqual([]);
    expect(applied(stored, left).designs[7].moves[1]).toEqual(drawn);
    // Where the move has gone on in the list they go with it.
    const moved = put(stored, "/designs/7/moves", [...ORDER.designs[7].moves].reverse());
    expect(applied(moved, rebased(left, moved)).designs[7].moves[1]).toEqual(drawn);
    const gone = put(stored, "/designs/7/moves", ORDER.designs[7].moves.slice(0, 1));
    expect(rebased(mine, gone).every((edit) => edit.theirs !== undefined)).toBe(true);
  });

  it("follow their move where the list was cut or sorted", () => {
    const mine = typed("/designs/7/moves/1/fullness", 1.2);
    const moves = ORDER.designs[7].moves;
    for (const list of [moves.slice(1), [moves[2], moves[0], moves[1]]]) {
      const stored = put(ORDER, "/designs/7/moves", list);
      const now = applied(stored, rebased([mine], stored)).designs[7].moves;
      expect(now.find((move) => move?.move === "flood")?.fullness).toBe(1.2);
      expect(now.filter((move) => move?.move !== "flood")).toEqual(
        list.filter((move) => move?.move !== "flood"),
      );
    }
  });

  it("of another field of the same move stay too", () => {
    const mine = typed("/designs/7/moves/1/fullness", 1.2);
    const stored = put(ORDER, "/designs/7/moves/1/colour", "coal");
    expect(applied(stored, rebased([mine], stored)).designs[7].moves[1]).toEqual({
      move: "flood",
      colour: "coal",
      fullness: 1.2,
    });
  });

  it("of a move that is gone wait for her", () => {
    const stored = put(ORDER, "/designs/7/moves", ORDER.designs[7].moves.slice(0, 1));
    expect(rebased([typed("/designs/7/moves/2/pieces", 8)], stored)[0]?.theirs).toBeDefined();
  });

  it("of a list join where they were apart", () => {
    const moves = ORDER.designs[7].moves;
    const mine = typed("/designs/7/moves", [...moves, { move: "line", colour: "coal" }]);
    const stored = put(ORDER, "/designs/7/moves", moves.slice(1));
    expect(applied(stored, rebased([mine], stored)).designs[7].moves).toEqual([
      ...moves.slice(1),
      { move: "line", colour: "coal" },
    ]);
  });

  it("are no conflict with what was on its way and has arrived before its answer", () => {
    const first = { ...typed("/designs/7/count", 2), sent: true };
    const tree = put(ORDER, "/designs/7/count", 2);
    const then = typed("/designs/7/count", 24, tree);
    expect(rebased([first, then], tree)).toMatchObject([{ was: 2, now: 24, sent: false }]);
    expect(rebased([first, then], tree)[0]?.theirs).toBeUndefined();
  });

  it("stay hers to the last where somebody else has changed the same", () => {
    const first = { ...typed("/designs/7/count", 2), sent: true };
    const then = typed("/designs/7/count", 24, put(ORDER, "/designs/7/count", 2));
    const left = rebased([first, then], put(ORDER, "/designs/7/count", 30));
    expect(left).toMatchObject([{ now: 24, theirs: { value: 30 } }]);
  });

  it("were on their way and are sent again only once", () => {
    const first = typed("/designs/7/count", 1);
    const then = typed("/designs/7/count", 12, put(ORDER, "/designs/7/count", 1));
    const last = { ...then, now: 120 };
    expect(rebased([first, last], put(ORDER, "/details/name", "x"))).toMatchObject([
      { path: "/designs/7/count", was: 12, now: 120 },
    ]);
  });
});

describe("changes of one place one after the other", () => {
  it("are one, from what stood there to what stands there", () => {
    const all = [1, 12, 120].map((now) => ({ ...typed("/designs/7/count", 99), now }));
    expect(compact(all)).toMatchObject([{ was: 12, now: 120 }]);
  });

  it("that end where they began are none", () => {
    expect(compact([{ ...typed("/designs/7/count", 99), now: 12 }])).toEqual([]);
  });
});

describe("what is held", () => {
  it("goes with its move and never slips into what is stored", () => {
    const held = { ...typed("/designs/7/moves/2/pieces", 9999), sentence: "too many" };
    const tree = structuredClone(applied(ORDER, [held]));
    const follow = followed([held], tree);
    tree.designs[7].moves.unshift(...tree.designs[7].moves.splice(2, 1));
    const { held: still, clean } = follow();
    expect(still).toMatchObject([{ path: "/designs/7/moves/0/pieces", now: 9999 }]);
    expect(clean.designs[7].moves[0]?.pieces).toBe(6);
  });

  it("goes when its move is taken off, and when something else is written there", () => {
    const held = { ...typed("/designs/7/moves/2/pieces", 9999), sentence: "too many" };
    for (const change of [
      (tree: typeof ORDER) => tree.designs[7].moves.pop(),
      (tree: typeof ORDER) =>
        put(tree, "", undefined) ?? Object.assign(tree.designs[7].moves[2] ?? {}, { pieces: 8 }),
    ]) {
      const tree = structuredClone(applied(ORDER, [held]));
      const follow = followed([held], tree);
      change(tree);
      expect(follow().held).toEqual([]);
    }
  });
});

describe("what stands behind a press that was refused", () => {
  const MOVES = "/designs/7/moves";
  const moves = ORDER.designs[7].moves;
  const added = { move: "dot", colour: "sky", pieces: 900 };

  /** A press, and what was changed after it, one after the other, none of it stored. */
  function after(press: unknown[], ...then: [string, unknown][]): Pending[] {
    const edits: Pending[] = changes(ORDER, put(ORDER, MOVES, press), null, false);
    for (const [path, now] of then) {
      const tree = applied(ORDER, edits);
      edits.push(...changes(tree, put(tree, path, now), "g", true));
    }
    return edits;
  }

  const left = (edits: Pending[]) =>
    applied(ORDER, without(edits, edits.slice(0, 1), ORDER)).designs[7].moves;

  it("goes with it where it was changed in what that put in, and lands on no neighbour", () => {
    expect(left(after([...moves, added], [`${MOVES}/3/pieces`, 12]))).toEqual(moves);
    const within = [moves[0], moves[1], added, moves[2]];
    expect(left(after(within, [`${MOVES}/2/pieces`, 12], [`${MOVES}/2/colour`, "navy"]))).toEqual(
      moves,
    );
  });

  it("is found again where it stands without that", () => {
    const within = [added, ...moves];
    const edits = after(within, [`${MOVES}/2/fullness`, 1.1], [`${MOVES}/3/pieces`, 7]);
    expect(left(edits)).toEqual([
      moves[0],
      { ...moves[1], fullness: 1.1 },
      { ...moves[2], pieces: 7 },
    ]);
  });

  it("is put in by itself where it is a further move", () => {
    const edits = after([...moves, added]);
    const tree = applied(ORDER, edits);
    const more = { move: "line", colour: "sky" };
    edits.push(...changes(tree, put(tree, MOVES, [...tree.designs[7].moves, more]), null, false));
    expect(left(edits)).toEqual([...moves, more]);
  });
});

describe("a change of a move that somebody else has taken away", () => {
  it("does not land on a move of the same kind", () => {
    const two = put(ORDER, "/designs/7/moves", [
      { move: "dot", colour: "white", pieces: 6, sizeMm: 3 },
      { move: "dot", colour: "navy", pieces: 6, sizeMm: 5 },
    ]);
    const mine = typed("/designs/7/moves/0/pieces", 12, two);
    const stored = put(two, "/designs/7/moves", [two.designs[7].moves[1]]);
    expect(
      applied(
        stored,
        rebased([mine], stored).filter((one) => !one.theirs),
      ),
    ).toEqual(stored);
  });

  it("is found where something else of the move was changed as well", () => {
    const mine = typed("/designs/7/moves/2/pieces", 12);
    const stored = put(ORDER, "/designs/7/moves/2/colour", "navy");
    expect(applied(stored, rebased([mine], stored)).designs[7].moves[2]).toEqual({
      move: "dot",
      colour: "navy",
      pieces: 12,
    });
  });
});
