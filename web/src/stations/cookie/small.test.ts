import { beforeEach, describe, expect, it } from "vitest";
import type { CatalogueView, DesignView, Kind, Move } from "../../api/types";
import { coloursOf, recoloured, reference } from "../../desk/catalogue.svelte";
import { countsOf } from "./counts";
import { sizeOf } from "./placing";
import { changeSmall, smallMoves, smallView, startedSmall } from "./small";

const parameter = (name: string, type: string, more: object = {}) => ({
  name,
  word: name,
  type,
  unit: "",
  least: null,
  most: null,
  usual: null,
  habit: null,
  otherwise: "",
  required: false,
  options: [],
  ...more,
});

const kind = (word: string, ...parameters: object[]) =>
  ({ word, says: "", group: "PLACED", parameters }) as unknown as Kind;

const TRANSFER = {
  move: "transfer",
  colour: "rose",
  glue: "sky",
  moves: [
    { move: "flood", colour: "rose" },
    { move: "dot", colour: "white", pieces: 2, size: "LARGE" },
  ],
} as unknown as Move;

beforeEach(() => {
  reference.catalogue = {
    moves: [
      kind(
        "transfer",
        parameter("colour", "PALETTE"),
        parameter("glue", "PALETTE"),
        parameter("sizeMm", "NUMBER", { least: 3, most: 120, usual: "20" }),
        parameter("moves", "MOVES"),
      ),
      kind("flood", parameter("colour", "PALETTE")),
      kind(
        "dot",
        parameter("colour", "PALETTE"),
        parameter("diameterMm", "NUMBER", { least: 0.5, most: 60 }),
      ),
    ],
  } as unknown as CatalogueView;
});

describe("a small design", () => {
  const design = {
    id: 7,
    document: { name: "Jug", moves: [{ move: "flood", colour: "sky" }, TRANSFER] },
    cookie: { small: { 1: { gramsEach: 0.4 } } },
  } as unknown as DesignView;

  it("is looked at as a design of the same order", () => {
    const view = smallView(design, 1);
    expect(view.id).toBe(7);
    expect(view.document.name).toBe("transfer");
    expect(view.document.moves).toHaveLength(2);
    expect(view.cookie?.gramsEach).toBe(0.4);
  });

  it("is not there until it has been measured", () => {
    expect(smallView(design, 0).cookie).toBeNull();
    expect(smallMoves(design.document.moves[0])).toEqual([]);
    expect(smallMoves(undefined)).toEqual([]);
  });

  it("begins with a coat that stands on film, or with the order's flood on a cookie", () => {
    expect(startedSmall(TRANSFER)).toEqual([{ move: "flood", colour: "rose", countSeconds: 20 }]);
    expect(startedSmall({ move: "cookie on top", colour: "rose" } as Move)).toEqual([
      { move: "flood", colour: "rose" },
    ]);
  });

  it("is changed move by move, and gone with its last one", () => {
    const move = structuredClone(TRANSFER);
    changeSmall(move, (moves) => moves.splice(0, 1));
    expect(smallMoves(move)).toHaveLength(1);
    expect(smallMoves(TRANSFER)).toHaveLength(2);
    changeSmall(move, (moves) => moves.splice(0, 1));
    expect("moves" in move).toBe(false);
    changeSmall(undefined, () => expect.unreachable());
  });

  it("has its colours changed and counted with the others", () => {
    expect(coloursOf([TRANSFER])).toEqual(["rose", "sky", "rose", "white"]);
    const [other] = recoloured([TRANSFER], "rose", "navy");
    expect(coloursOf([other as Move])).toEqual(["navy", "sky", "navy", "white"]);
  });
});

describe("what a press and a knob can set", () => {
  it("knows the size that is said, and the usual one", () => {
    expect(sizeOf(TRANSFER)).toEqual({ name: "sizeMm", mm: 20, least: 3, most: 120 });
    expect(sizeOf({ ...TRANSFER, sizeMm: 14 } as Move)?.mm).toBe(14);
    expect(sizeOf({ move: "dot", colour: "white", diameterMm: 3.2 } as Move)?.mm).toBe(3.2);
    expect(sizeOf({ move: "flood", colour: "white" } as Move)).toBeNull();
  });

  it("offers no stiffness for a move without a count", () => {
    expect(countsOf(TRANSFER)).toEqual([]);
  });
});
