import type { Layer } from "../../api/types";

/** What is filled as one area, its holes with it, is one stroke. */
const AREAS = ["DOUGH", "COAT", "FLOWING"];

/** The strokes of a pass one after the other, as a hand lays them: move by move, and of a move line by line and dot by dot. */
export function strokesOf(layers: Layer[], pass: number, moves: number[]): Layer[] {
  return moves.flatMap((move) =>
    layers
      .filter((layer) => layer.pass === pass && layer.move === move && layer.role !== "DOUGH")
      .flatMap((layer) =>
        AREAS.includes(layer.role)
          ? [layer]
          : layer.path
              .split(/(?=M)/)
              .filter((path) => path.trim() !== "")
              .map((path) => ({ ...layer, path })),
      ),
  );
}
