import type { FigureKnown } from "../../api/types";

/** Where a figure's numbers lie from left to right: all of them inside, with a tenth of room on each side. */
export function rangeOf(
  figure: Pick<FigureKnown, "was" | "is" | "low" | "high">,
  width: number,
): { was: number; is: number; low: number; high: number } {
  const { was, is, low, high } = figure;
  const least = Math.min(was, is, low, high);
  const most = Math.max(was, is, low, high);
  const room = (most - least) * 0.1 || 1;
  const x = (value: number) => ((value - least + room) / (most - least + 2 * room)) * width;
  return { was: x(was), is: x(is), low: x(low), high: x(high) };
}
