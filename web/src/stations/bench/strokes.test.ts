import { describe, expect, it } from "vitest";
import type { Layer } from "../../api/types";
import { strokesOf } from "./strokes";

const layer = (role: string, move: number, pass: number, path: string) =>
  ({ role, move, pass, path, colour: "poppy" }) as unknown as Layer;

const layers = [
  layer("DOUGH", -1, 0, "M0 0Z"),
  layer("SUNK", 3, 1, "M1 1Z M2 2Z"),
  layer("BEAD", 1, 1, "M0 0L1 1M5 5L6 6"),
  layer("COAT", 2, 1, "M0 0L9 9Z M3 3L4 4Z"),
  layer("RAISED", 4, 2, "M0 0Z"),
];

describe("the strokes of a pass", () => {
  it("come move by move, each line and dot by itself, a coat with its holes as one", () => {
    const strokes = strokesOf(layers, 1, [1, 2, 3]);
    expect(strokes.map((one) => one.path.trim())).toEqual([
      "M0 0L1 1",
      "M5 5L6 6",
      "M0 0L9 9Z M3 3L4 4Z",
      "M1 1Z",
      "M2 2Z",
    ]);
  });

  it("are all of what is painted: nothing is lost, nothing twice", () => {
    const all = strokesOf(layers, 1, [1, 2, 3])
      .map((one) => one.path)
      .join("");
    const length = layers
      .filter((one) => one.pass === 1)
      .reduce((n, one) => n + one.path.length, 0);
    expect(all.length).toBe(length);
  });
});
