import type { CookieView, Laid, Move, Place, Where } from "../../api/types";
import { field, reference } from "../../desk/catalogue.svelte";

/** Where marks are, in her words. */
const WORDS: Record<Laid, string> = {
  SCATTERED: "scattered",
  ROWS: "in rows",
  RING: "in a ring",
  MIDDLE: "in the middle",
  PLACES: "where I press",
  EDGE: "along the edge",
  SEAMS: "along the seams",
  PATH: "along my own line",
  MARKS: "on earlier marks",
  SPREAD: "all over",
};

export const laidWord = (laid: Laid): string => WORDS[laid];

/** A line of her own before she has said where it runs. */
const STARTED_LINE = "M-10 0L10 0";

/** How close to a line of symmetry, or to another mark's height, a mark is drawn to it, in mm. */
const SNAP_MM = 1;

export function whereOf(move: Move): Where {
  return (field(move, "where") as Where | undefined) ?? {};
}

/** The ways of placing that a move offers, the usual one first; none for a move that can't be placed. */
export function ways(move: Move): Laid[] {
  const parameter = reference.move(move.move)?.parameters.find((one) => one.type === "WHERE");
  return (parameter?.options ?? []) as Laid[];
}

export function laidOf(move: Move): Laid | undefined {
  return whereOf(move).laid ?? ways(move)[0];
}

/** Earlier moves whose marks others can stand on, by the words that name them. */
export function earlierMarks(moves: Move[], before: number): { words: string; label: Move }[] {
  const counts = new Map<string, number>();
  return moves.slice(0, before).flatMap((move) => {
    const nth = (counts.get(move.move) ?? 0) + 1;
    counts.set(move.move, nth);
    return field(move, "key") || !field(move, "colour")
      ? []
      : [{ words: `${move.move} ${nth}`, label: move }];
  });
}

/** Where marks are when she picks a way of placing: so that there is something to see, and nothing is refused. */
export function started(laid: Laid, where: Where, moves: Move[], at: number): Where {
  const next: Where = { ...where, laid };
  if (laid === "PLACES" && !next.places?.length) next.places = [{ x: 0, y: 0 }];
  if (laid === "PATH" && !next.path) next.path = STARTED_LINE;
  if (laid === "MARKS" && !next.marks) {
    next.marks = earlierMarks(moves, at).at(-1)?.words ?? "";
  }
  return next;
}

const tenth = (mm: number) => Math.round(mm * 10) / 10;

/** A place from the middle of the cookie, to a tenth of a mm. */
export function placeAt(cookie: CookieView, x: number, y: number, turn?: number): Place {
  const place: Place = { x: tenth(x - cookie.middle.x), y: tenth(y - cookie.middle.y) };
  return turn ? { ...place, turn } : place;
}

/** The places of a move as they are now: its own, or those that its way of placing gives. */
export function placesNow(move: Move, at: number, cookie: CookieView): Place[] {
  const where = whereOf(move);
  if (laidOf(move) === "PLACES") return where.places ?? [];
  const turned = laidOf(move) === "RING" || laidOf(move) === "MIDDLE";
  return (cookie.standing[at] ?? []).map((pose) =>
    placeAt(cookie, pose.x, pose.y, turned ? Math.round(pose.turnDegrees) : undefined),
  );
}

export type Snapped = { place: Place; lines: { x?: number; y?: number }[] };

/** Drawn to the middle of the cookie, to the mirror image of another place, or to its height, where it is close. */
export function snapped(place: Place, others: Place[]): Snapped {
  const xs = [0, ...others.map((other) => -other.x), ...others.map((other) => other.x)];
  const ys = [0, ...others.map((other) => other.y)];
  const near = (of: number, to: number[]) => to.find((one) => Math.abs(one - of) <= SNAP_MM);
  const x = near(place.x, xs);
  const y = near(place.y, ys);
  const lines = [...(x === undefined ? [] : [{ x }]), ...(y === undefined ? [] : [{ y }])];
  return { place: { ...place, x: x ?? place.x, y: y ?? place.y }, lines };
}

/** A line of her own, one point longer; one that is only begun is put where she presses. */
export function extended(path: string | undefined, x: number, y: number): string {
  if (!path || path === STARTED_LINE) {
    return `M${tenth(x - 10)} ${tenth(y)}L${tenth(x + 10)} ${tenth(y)}`;
  }
  return `${path}L${tenth(x)} ${tenth(y)}`;
}
