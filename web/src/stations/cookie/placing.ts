import type { CookieView, HabitName, Laid, Move, Place, Where } from "../../api/types";
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

/** Where marks are when a way of placing is picked: none yet where the cookie is to be pressed first. */
export function started(laid: Laid, where: Where, moves: Move[], at: number): Where {
  const next: Where = { ...where, laid };
  if (laid === "PLACES" && !next.places) next.places = [];
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

/** A place as it is drawn to something near it, with the lines that say to what. */
export type Snapped = { place: Place; lines: { x?: number; y?: number; to?: Spot }[] };

type Spot = { x: number; y: number };

/** What a mark can be drawn to, all from the cookie's middle: other marks, the middles of sections, points along edges. */
export type Surroundings = {
  others: Place[];
  middles: Spot[];
  edges: Spot[];
  /** How far inside an edge it would touch that. */
  half: number;
};

const apart = (one: Spot, other: Spot) => Math.hypot(one.x - other.x, one.y - other.y);

function nearest(to: Spot, of: Spot[]): Spot | undefined {
  return of.reduce<Spot | undefined>(
    (best, one) => (!best || apart(one, to) < apart(best, to) ? one : best),
    undefined,
  );
}

/** Points at which a mark stands as far from its neighbour as that from the next, or half-way between two. */
function equalGaps(others: Place[]): Spot[] {
  return others.flatMap((one) =>
    others
      .filter((other) => other !== one)
      .flatMap((other) => [
        { x: 2 * other.x - one.x, y: 2 * other.y - one.y },
        { x: (one.x + other.x) / 2, y: (one.y + other.y) / 2 },
      ]),
  );
}

/** As far inside the edge as another mark, or so that it touches the edge; nothing where it is not near that. */
function alongEdge(place: Place, { others, edges, half }: Surroundings): Snapped | null {
  const edge = nearest(place, edges);
  const far = edge && apart(edge, place);
  if (!edge || !far) return null;
  const insets = [half, ...others.map((other) => apart(other, nearest(other, edges) ?? other))];
  const inset = insets.find((one) => one > 0 && Math.abs(one - far) <= SNAP_MM / 2);
  if (inset === undefined) return null;
  return {
    place: {
      ...place,
      x: tenth(edge.x + ((place.x - edge.x) * inset) / far),
      y: tenth(edge.y + ((place.y - edge.y) * inset) / far),
    },
    lines: [{ to: edge }],
  };
}

/**
 * Where it is close, drawn: to a section's middle or an equal gap; to the cookie's middle, to the mirror image of another place or to
 * its height; or to the distance from the edge that another one has.
 */
export function snapped(place: Place, around: Surroundings): Snapped {
  const { others, middles } = around;
  const point = nearest(place, [...middles, ...equalGaps(others)]);
  if (point && apart(point, place) <= SNAP_MM) {
    const x = tenth(point.x);
    const y = tenth(point.y);
    return { place: { ...place, x, y }, lines: [{ x }, { y }] };
  }
  const xs = [0, ...others.map((other) => -other.x), ...others.map((other) => other.x)];
  const ys = [0, ...others.map((other) => other.y)];
  const near = (of: number, to: number[]) => to.find((one) => Math.abs(one - of) <= SNAP_MM);
  const x = near(place.x, xs);
  const y = near(place.y, ys);
  if (x === undefined && y === undefined) {
    return alongEdge(place, around) ?? { place, lines: [] };
  }
  const lines = [...(x === undefined ? [] : [{ x }]), ...(y === undefined ? [] : [{ y }])];
  return { place: { ...place, x: x ?? place.x, y: y ?? place.y }, lines };
}

/** Points along the outlines that are drawn of sections, so far apart, from the cookie's middle. */
export function edgePoints(outlines: SVGGeometryElement[], middle: Spot, apartMm = 1): Spot[] {
  return outlines.flatMap((outline) => {
    const length = outline.getTotalLength();
    return Array.from({ length: Math.floor(length / apartMm) }, (_, i) => {
      const at = outline.getPointAtLength(i * apartMm);
      return { x: at.x - middle.x, y: at.y - middle.y };
    });
  });
}

/** How large a mark is: what of a move says so, how large it is now, and how far it goes; null for one without a size of its own. */
export function sizeOf(
  move: Move,
): { name: string; mm: number; least: number; most: number } | null {
  const parameter = ["diameterMm", "sizeMm", "widthMm", "heightMm"]
    .map((name) => reference.move(move.move)?.parameters.find((one) => one.name === name))
    .find((one) => one !== undefined);
  if (!parameter) return null;
  const given = Number(field(move, parameter.name));
  const habit = { SMALL: "SMALL_DOT_MM", LARGE: "LARGE_DOT_MM" }[
    String(field(move, "size"))
  ] as HabitName;
  const usual = parameter.habit
    ? reference.mean(parameter.habit)
    : Number(parameter.usual) || reference.mean(habit ?? "MEDIUM_DOT_MM");
  return {
    name: parameter.name,
    mm: given || (usual ?? 0),
    least: parameter.least ?? 0,
    most: parameter.most ?? 0,
  };
}
