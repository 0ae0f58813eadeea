import type { Move } from "../../api/types";
import { same } from "../../desk/places";

/**
 * Of each move as it is shown, which of those that were measured it is: while a change is on its way the list may be longer, shorter or in another
 * order than what the figures were worked out from. Null where it is none of them.
 */
export function measuredAs(shown: Move[], measured: Move[]): (number | null)[] {
  const found: (number | null)[] = shown.map(() => null);
  const free = new Set(measured.keys());
  const take = (i: number, j: number | undefined) => {
    if (j === undefined) return;
    found[i] = j;
    free.delete(j);
  };
  shown.forEach((move, i) => {
    if (same(move, measured[i])) take(i, i);
  });
  shown.forEach((move, i) => {
    if (found[i] === null)
      take(
        i,
        [...free].find((j) => same(move, measured[j])),
      );
  });
  // What was changed itself is of the same kind, and stands between the same neighbours.
  shown.forEach((move, i) => {
    if (found[i] !== null) return;
    const before = found.slice(0, i).findLast((one) => one !== null) ?? -1;
    const after = found.slice(i + 1).find((one) => one !== null) ?? measured.length;
    const between = [...free].filter((j) => j > before && j < after);
    take(
      i,
      between.find((j) => measured[j]?.move === move.move),
    );
  });
  return found;
}
