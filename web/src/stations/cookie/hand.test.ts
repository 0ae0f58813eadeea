import { beforeEach, describe, expect, it, vi } from "vitest";
import type { CookieView, DesignView, Move } from "../../api/types";
import type { OrderDesk } from "../../desk/order.svelte";
import { Hand } from "./hand.svelte";

vi.mock("svelte", async (original) => ({
  ...(await original<typeof import("svelte")>()),
  tick: () => new Promise(() => undefined),
}));
vi.mock("../../desk/catalogue.svelte", () => ({
  reference: {
    move: (word: string) => ({
      parameters: [
        ...(word === "flood" || word === "dot" ? [{ name: "on" }] : []),
        ...(word === "dot"
          ? [
              { name: "diameterMm" },
              { name: "where", type: "WHERE", options: ["SCATTERED", "PLACES", "MARKS"] },
            ]
          : []),
        ...(word === "second flood"
          ? [
              { name: "path" },
              { name: "sizeMm" },
              { name: "where", type: "WHERE", options: ["MIDDLE", "PLACES"] },
            ]
          : []),
        ...(word === "line" ? [{ name: "where", type: "WHERE", options: ["EDGE", "PATH"] }] : []),
      ],
    }),
    mean: (habit: string) => ({ SMALL_DOT_MM: 2, MEDIUM_DOT_MM: 4, LARGE_DOT_MM: 8 })[habit],
  },
  field: (of: Record<string, unknown>, name: string) => of[name],
  setField: (of: Record<string, unknown>, name: string, value: unknown) => {
    if (value === null || value === undefined) Reflect.deleteProperty(of, name);
    else of[name] = value;
  },
}));

/** One design on a desk that does what it is told. */
class OnDesk {
  moves: Move[];
  gestures: string[] = [];

  constructor(
    moves: object[],
    readonly sections: string[] = ["a1", "a2", "a3"],
  ) {
    this.moves = moves as Move[];
  }

  view(): DesignView {
    return {
      id: 7,
      count: 1,
      document: { name: "Kite", moves: this.moves },
      cookie: {
        middle: { x: 40, y: 50 },
        sections: this.sections.map((name) => ({ name })),
        standing: this.moves.map(() => [
          { x: 30, y: 50, turnDegrees: 0 },
          { x: 50, y: 50, turnDegrees: 0 },
        ]),
      } as unknown as CookieView,
    } as unknown as DesignView;
  }

  readonly desk = {
    editDesign: (_: number, change: (draft: object) => void, field: string) => {
      const draft = { document: { moves: structuredClone(this.moves) } };
      change(draft);
      this.moves = draft.document.moves;
      this.gestures.push(field);
    },
  } as unknown as OrderDesk;

  readonly hand = new Hand(this.desk, () => this.view());
}

let on: OnDesk;
const open = (at: number) => (on.hand.open = at);

describe("a press on the cookie", () => {
  beforeEach(() => {
    on = new OnDesk([
      { move: "flood", colour: "sky", on: "a-odd" },
      { move: "dot", colour: "poppy" },
      { move: "line", colour: "navy", where: { laid: "PATH", path: "M-10 0L10 0" } },
    ]);
  });

  it("chooses sections while no move is open, and lets go of them again", () => {
    on.hand.press(1, 1, "a1");
    on.hand.press(1, 1, "a3");
    expect(on.hand.chosen).toEqual(["a1", "a3"]);
    on.hand.press(1, 1, "a1");
    expect(on.hand.chosen).toEqual(["a3"]);
    on.hand.press(1, 1, null);
    expect(on.hand.chosen).toEqual(["a3"]);
  });

  it("puts a mark where it was pressed, from the cookie's middle, and further ones beside it", () => {
    open(1);
    on.hand.press(45.04, 48, "a1");
    on.hand.press(30, 50, "a1");
    expect(on.moves[1]).toMatchObject({
      where: {
        laid: "PLACES",
        places: [
          { x: 5, y: -2 },
          { x: -10, y: 0 },
        ],
      },
    });
  });

  it("begins a line with two presses and carries it on with more", () => {
    open(2);
    on.moves[2] = { move: "line", colour: "navy", where: { laid: "PATH" } } as unknown as Move;
    on.hand.press(45, 60, null);
    expect(on.hand.pencil.begun).toEqual([{ x: 5, y: 10 }]);
    expect(on.moves[2]).toMatchObject({ where: { laid: "PATH" } });
    on.hand.press(60, 70, null);
    expect(on.moves[2]).toMatchObject({ where: { laid: "PATH", path: "M5 10L20 20" } });
    on.hand.press(70, 70, null);
    expect(on.moves[2]).toMatchObject({ where: { path: "M5 10L20 20L30 20" } });
    expect(on.hand.pencil.begun).toEqual([]);
  });

  it("draws a smile in one go, beside a line that is there", () => {
    open(2);
    const arc = Array.from({ length: 30 }, (_, i) => ({
      x: -12 + (24 * i) / 29,
      y: 10 + 6 * Math.sin((Math.PI * i) / 29),
    }));
    on.hand.pencil.drawBy(arc);
    const path = String((on.moves[2] as unknown as { where: { path: string } }).where.path);
    expect(path).toMatch(/^M-10 0L10 0M-12 10Q/);
    expect(on.hand.pencil.drawn).toHaveLength(2);
  });

  it("leaves a line that was not drawn here as it is, and adds its own", () => {
    open(2);
    const curve = "M0 0C1 1 2 2 3 3";
    on.moves[2] = {
      move: "line",
      colour: "navy",
      where: { laid: "PATH", path: curve },
    } as unknown as Move;
    on.hand.press(50, 50, null);
    on.hand.press(60, 50, null);
    expect(on.moves[2]).toMatchObject({ where: { path: `${curve}M10 0L20 0` } });
  });

  it("lays what can follow a line along what is dragged, whatever it followed before", () => {
    open(2);
    on.moves[2] = { move: "line", colour: "navy" } as unknown as Move;
    expect(on.hand.pencil.draws).toBe(false);
    expect(on.hand.pencil.takesStroke).toBe(true);
    on.hand.pencil.drawBy([
      { x: 0, y: 0 },
      { x: 5, y: 0 },
      { x: 10, y: 0 },
    ]);
    expect(on.moves[2]).toMatchObject({ where: { laid: "PATH", path: "M0 0L10 0" } });
    open(1);
    expect(on.hand.pencil.takesStroke).toBe(false);
  });

  it("puts a smaller dot on a dot", () => {
    on.moves[2] = { move: "dot", colour: "navy" } as unknown as Move;
    on.hand.lay(2, "MARKS");
    expect(on.moves[2]).toMatchObject({ size: "SMALL", where: { laid: "MARKS", marks: "dot 1" } });
    on.moves.push({ move: "dot", colour: "sky" } as unknown as Move);
    on.hand.lay(3, "MARKS");
    expect(on.moves[3]).toMatchObject({ diameterMm: 1, where: { marks: "dot 2" } });
    expect(on.moves[1]).not.toHaveProperty("size");
  });

  it("makes an outline of three presses, as large and where it was drawn", () => {
    on.moves[1] = { move: "second flood", colour: "poppy" } as unknown as Move;
    open(1);
    expect(on.hand.pencil.canOutline).toBe(true);
    expect(on.hand.pencil.draws).toBe(false);
    on.hand.pencil.outline(1);
    on.hand.press(40, 40, null);
    on.hand.press(60, 40, null);
    on.hand.press(60, 60, null);
    expect(on.moves[1]).toMatchObject({
      path: "M-10 -10L10 -10L10 10Z",
      sizeMm: 20,
      where: { laid: "PLACES", places: [{ x: 10, y: 0 }] },
    });
    expect(on.hand.pencil.draws).toBe(false);
    const [outline] = on.hand.pencil.drawn ?? [];
    expect(outline?.points[0]).toEqual({ x: 0, y: -10 });
    // Sized by its number afterwards it is another drawing.
    on.hand.set(1, "sizeMm", 30);
    expect(on.hand.pencil.drawn).toBeNull();
  });

  it("takes a section to a flood or away from it, and spells a group out first", () => {
    open(0);
    on.hand.press(1, 1, "a2");
    expect(on.moves[0]).toMatchObject({ on: "a-odd a2" });
    on.hand.press(1, 1, "a3");
    expect(on.moves[0]).toMatchObject({ on: "a1 a2" });
    on.hand.press(1, 1, "a1");
    on.hand.press(1, 1, "a2");
    // On none is on all.
    expect(on.moves[0]).not.toHaveProperty("on");
  });
});

describe("a colour that is pressed", () => {
  beforeEach(() => {
    on = new OnDesk([
      { move: "flood", colour: "sky", on: "a-odd" },
      { move: "flood", colour: "white", on: "a2" },
    ]);
  });

  it("is that of the move that is open", () => {
    open(1);
    on.hand.colour("poppy");
    expect(on.moves[1]).toMatchObject({ colour: "poppy", on: "a2" });
    expect(on.moves[0]).toMatchObject({ colour: "sky" });
  });

  it("takes a press beside the sections of placed marks for what comes next", () => {
    on = new OnDesk([{ move: "dot", on: "a1", colour: "poppy" }]);
    on.hand.take(0);
    on.hand.press(40, 50, "a1");
    expect(on.hand.open).toBe(0);
    expect(on.moves[0]).toMatchObject({ where: { laid: "PLACES", places: [{ x: 0, y: 0 }] } });
    on.hand.press(60, 50, "a2");
    expect(on.hand.open).toBeNull();
    expect(on.hand.chosen).toEqual(["a2"]);
    expect(on.moves[0]).toMatchObject({ where: { places: [{ x: 0, y: 0 }] } });
    // One that lies anywhere takes each press.
    on = new OnDesk([{ move: "dot", colour: "poppy" }]);
    on.hand.take(0);
    on.hand.press(60, 50, "a2");
    expect(on.hand.open).toBe(0);
  });

  it("changes the flood that covers just the chosen sections", () => {
    on.hand.choose("a3");
    on.hand.choose("a1");
    on.hand.colour("poppy");
    expect(on.moves).toHaveLength(2);
    expect(on.moves[0]).toMatchObject({ colour: "poppy", on: "a-odd" });
    expect(on.hand.chosen).toEqual([]);
  });

  it("floods the chosen sections where no flood covers just them", () => {
    on.hand.choose("a1");
    on.hand.choose("a2");
    on.hand.colour("poppy");
    expect(on.moves.at(-1)).toEqual({ move: "flood", colour: "poppy", on: "a1 a2" });
  });

  it("is taken for what is pressed next where nothing is chosen, and put down again", () => {
    on.hand.colour("poppy");
    expect(on.gestures).toEqual([]);
    expect(on.hand.bowl).toBe("poppy");
    on.hand.press(1, 1, "a2");
    expect(on.moves[1]).toMatchObject({ colour: "poppy", on: "a2" });
    on.hand.press(1, 1, "a1");
    expect(on.moves.at(-1)).toEqual({ move: "flood", colour: "poppy", on: "a1" });
    on.hand.colour("poppy");
    expect(on.hand.bowl).toBeNull();
    on.hand.press(1, 1, "a2");
    expect(on.hand.chosen).toEqual(["a2"]);
  });

  it("takes the outline of the same sections with it, and a second press parts them", () => {
    on = new OnDesk([
      { move: "outline", colour: "sky", on: "a1 a3" },
      { move: "outline", colour: "navy", on: "a-odd" },
      { move: "outline", colour: "sky", on: "a2" },
      { move: "flood", colour: "sky", on: "a-odd" },
    ]);
    open(3);
    const worn = () => on.moves.map((move) => (move as { colour?: string }).colour);
    on.hand.colour("poppy");
    expect(worn()).toEqual(["poppy", "navy", "sky", "poppy"]);
    on.hand.colour("poppy");
    expect(worn()).toEqual(["sky", "navy", "sky", "poppy"]);
    on.hand.colour("poppy");
    expect(worn()).toEqual(["sky", "navy", "sky", "poppy"]);
    on.hand.colour("white");
    // Parted, the outline stays as it is.
    expect(worn()).toEqual(["sky", "navy", "sky", "white"]);
  });

  it("parts nothing that has come into their place meanwhile", () => {
    on = new OnDesk([
      { move: "outline", colour: "sky", on: "a-odd" },
      { move: "flood", colour: "sky", on: "a-odd" },
      { move: "dot", colour: "poppy" },
    ]);
    open(1);
    on.hand.colour("poppy");
    const [outline, flood, dot] = on.moves as [Move, Move, Move];
    on.moves = [dot, flood, outline];
    on.hand.colour("poppy");
    expect(on.moves).toEqual([dot, flood, outline]);
  });

  it("floods an undivided cookie without naming a section", () => {
    on = new OnDesk([], ["a1"]);
    on.hand.choose("a1");
    on.hand.colour("poppy");
    expect(on.moves).toEqual([{ move: "flood", colour: "poppy" }]);
    on.hand.choose("a1");
    on.hand.colour("sky");
    expect(on.moves).toEqual([{ move: "flood", colour: "sky" }]);
  });
});

describe("marks that stand", () => {
  beforeEach(() => {
    on = new OnDesk([{ move: "dot", colour: "poppy" }]);
  });

  it("are at places of their own once one of them is moved", () => {
    on.hand.movePlace(0, 1, (place) => ({ ...place, y: 7 }));
    expect(on.moves[0]).toMatchObject({
      where: {
        laid: "PLACES",
        places: [
          { x: -10, y: 0 },
          { x: 10, y: 7 },
        ],
      },
    });
  });

  it("are taken off one by one, but not the last", () => {
    on.hand.removePlace(0, 0);
    expect(on.moves[0]).toMatchObject({ where: { places: [{ x: 10, y: 0 }] } });
    on.hand.removePlace(0, 0);
    expect(on.moves[0]).toMatchObject({ where: { places: [{ x: 10, y: 0 }] } });
  });

  it("are mirrored, and on one side again", () => {
    on.hand.mirror(0);
    expect(on.moves[0]).toMatchObject({ where: { mirrored: "BOTH_SIDES" } });
    on.hand.mirror(0);
    expect(on.moves[0]).toMatchObject({ where: {} });
    expect((on.moves[0] as unknown as { where: object }).where).not.toHaveProperty("mirrored");
  });
});

describe("a small design in a move", () => {
  it("is changed there, and its moves are typed into as their own", () => {
    on = new OnDesk([
      { move: "transfer", colour: "navy", moves: [{ move: "dot", colour: "sky" }] },
    ]);
    const small = new Hand(
      on.desk,
      () => {
        const view = on.view();
        const inner = on.moves[0] as unknown as { moves: Move[] };
        return { ...view, document: { ...view.document, moves: inner.moves } };
      },
      0,
    );
    expect(small.movesPlace).toBe("/designs/7/document/moves/0/moves");
    small.open = 0;
    small.colour("poppy");
    expect(on.moves).toEqual([
      { move: "transfer", colour: "navy", moves: [{ move: "dot", colour: "poppy" }] },
    ]);
    expect(on.gestures).toEqual(["0/0.colour"]);
    small.edit((moves) => moves.splice(0, 1));
    expect(on.moves[0]).not.toHaveProperty("moves");
  });
});
