import { describe, expect, it } from "vitest";
import type { Layer } from "../api/types";
import { litGroups } from "./light";

function layer(role: Layer["role"], move: number, pass: number): Layer {
  return {
    role,
    colour: "white",
    path: "",
    strokeMm: null,
    move,
    pass,
    at: null,
  } as unknown as Layer;
}

const flood = (move: number, state: string) => ({ move, state }) as never;

describe("what is lit together", () => {
  it("is a coat with its outline and all that sinks into it, wherever it is listed", () => {
    const groups = litGroups(
      [
        layer("DOUGH", -1, 0),
        layer("BEAD", 0, 1),
        layer("COAT", 1, 1),
        layer("COAT", 2, 2),
        layer("SUNK", 3, 1),
        layer("RAISED", 4, 3),
      ],
      [flood(0, "PIPING"), flood(1, "FLOOD"), flood(2, "FLOOD"), flood(3, "FLOOD")],
      null,
    );
    expect(groups.map((group) => [group.light, group.layers.map((one) => one.move)])).toEqual([
      ["none", [-1]],
      ["soft", [0, 1, 3]],
      ["soft", [2]],
      ["raised", [4]],
    ]);
  });

  it("goes by the count of the coat, whatever is put into it", () => {
    const lit = (state: string) =>
      litGroups(
        [layer("COAT", 0, 1), layer("SUNK", 1, 1)],
        [flood(0, state), flood(1, "FLOOD")],
        null,
      )[0]?.light;
    expect(["GLAZE", "FLOOD", "MEDIUM", "STIFF"].map(lit)).toEqual([
      "glaze",
      "soft",
      "domed",
      "domed",
    ]);
  });

  it("gives each raised move a shade of its own, until there are too many", () => {
    const few = [0, 1, 2].map((move) => layer("RAISED", move, 1));
    expect(litGroups(few, [], null).length).toBe(3);
    const many = Array.from({ length: 40 }, (_, move) => layer("RAISED", move, 1));
    expect(litGroups(many, [], null).length).toBe(1);
    expect(litGroups(many, [], null)[0]?.layers.length).toBe(40);
  });

  it("paints every layer once", () => {
    const roles = [
      "DOUGH",
      "COAT",
      "SUNK",
      "RAISED",
      "DRESSING",
      "PRINT",
      "FLOWING",
      "BEAD",
    ] as const;
    const all = Array.from({ length: 60 }, (_, i) => layer(roles[i % 8] ?? "COAT", i, i % 5));
    const painted = litGroups(all, [], null).flatMap((group) => group.layers);
    expect(new Set(painted).size).toBe(60);
    expect(painted.length).toBe(60);
  });

  it("shines as its pass does", () => {
    const groups = litGroups([layer("COAT", 0, 1), layer("COAT", 1, 2)], [], {
      pass: 2,
      shine: "wet",
    });
    expect(groups.map((group) => group.shine)).toEqual(["skinned", "wet"]);
  });
});
