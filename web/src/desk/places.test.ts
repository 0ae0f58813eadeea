import { describe, expect, it } from "vitest";
import { at, differences, joinedLists, placeOf, put, same } from "./places";

const DESIGN = {
  name: "Kite",
  moves: [
    { move: "outline", colour: "poppy" },
    { move: "flood", colour: "poppy", fullness: 1 },
  ],
};

describe("places in a tree", () => {
  it("are read and written, and nothing else of the tree is another", () => {
    const changed = put(DESIGN, "/moves/1/fullness", 1.2);
    expect(at(changed, "/moves/1/fullness")).toBe(1.2);
    expect(at(DESIGN, "/moves/1/fullness")).toBe(1);
    expect(changed.moves[0]).toBe(DESIGN.moves[0]);
    expect(put(DESIGN, "/moves/1/fullness", undefined).moves[1]).toEqual({
      move: "flood",
      colour: "poppy",
    });
  });

  it("may have names with strokes in them", () => {
    const stock = put({ stock: {} }, "/stock/1~12 cups~0", 3);
    expect(stock).toEqual({ stock: { "1/2 cups~": 3 } });
    expect(at(stock, "/stock/1~12 cups~0")).toBe(3);
  });

  it("are what the server's field paths name", () => {
    expect(placeOf("designs.7.document.moves[2].widthMm")).toBe(
      "/designs/7/document/moves/2/widthMm",
    );
    expect(placeOf("")).toBe("");
  });
});

describe("differences", () => {
  it("name the smallest places, and putting them gives the other tree", () => {
    const cases: [unknown, unknown, string[]][] = [
      [DESIGN, DESIGN, []],
      [DESIGN, { ...DESIGN, name: "Dragon" }, ["/name"]],
      [DESIGN, put(DESIGN, "/moves/0/colour", "coal"), ["/moves/0/colour"]],
      [DESIGN, put(DESIGN, "/moves/1/fullness", undefined), ["/moves/1/fullness"]],
      [DESIGN, { ...DESIGN, moves: DESIGN.moves.slice(1) }, ["/moves"]],
      [DESIGN, { ...DESIGN, moves: [...DESIGN.moves].reverse() }, ["/moves"]],
      [{ hole: null }, { hole: { downMm: 8 } }, ["/hole"]],
    ];
    for (const [before, after, places] of cases) {
      const found = differences(before, after);
      expect(found.map((one) => one.path)).toEqual(places);
      expect(found.reduce((tree, one) => put(tree, one.path, one.now), before)).toEqual(after);
      expect(found.reduceRight((tree, one) => put(tree, one.path, one.was), after)).toEqual(before);
    }
  });

  it("tell nothing from null, and null from nothing said", () => {
    expect(same({ a: null }, {})).toBe(false);
    expect(same({ a: undefined }, {})).toBe(true);
    expect(differences({ a: 3 }, { a: null })).toEqual([{ path: "/a", was: 3, now: null }]);
  });
});

describe("two hands in one list", () => {
  it("are joined where they were apart", () => {
    const was = ["a", "b", "c", "d"];
    expect(joinedLists(was, ["a", "x", "b", "c", "d"], ["a", "b", "c", "d", "y"])).toEqual([
      "a",
      "x",
      "b",
      "c",
      "d",
      "y",
    ]);
    expect(joinedLists(was, ["b", "c", "d"], ["a", "b", "c"])).toEqual(["b", "c"]);
  });

  it("both stay where each has put something in, what is stored already first", () => {
    const was = ["a", "b"];
    expect(joinedLists(was, ["a", "b", "x"], ["a", "b", "y"])).toEqual(["a", "b", "y", "x"]);
    expect(joinedLists(was, ["a", "x", "b"], ["a", "y", "b"])).toEqual(["a", "y", "x", "b"]);
    // Put in before what the other has changed: nothing of either is there twice, and nothing is lost.
    expect(joinedLists(was, ["x", "a", "b"], ["c", "b"])).toEqual(["x", "c", "b"]);
    expect(joinedLists(was, ["c", "b"], ["x", "a", "b"])).toEqual(["x", "c", "b"]);
  });

  it("meet where both changed the same", () => {
    const was = ["a", "b", "c"];
    expect(joinedLists(was, ["a", "x", "c"], ["a", "y", "c"])).toBeUndefined();
  });
});
