// Lines and outlines that are drawn on the cookie: corners, and between two of them a straight edge or one that is bent through a point of its middle.

export type Spot = { x: number; y: number };

/** One line: its points in order, and of each of its edges the point in the middle of it where it is bent; null for a straight one. */
export type Drawn = { points: Spot[]; bends: (Spot | null)[]; closed: boolean };

/** Nearer than this to the middle of its chord, an edge is straight, in mm. */
const STRAIGHT_MM = 0.5;

/** A line drawn by hand may be so far off the curve that is taken for it, in mm. */
const OFF_MM = 1.2;

const MOST_CURVES = 8;

const tenth = (mm: number) => Math.round(mm * 10) / 10 || 0;
const between = (one: Spot, other: Spot): Spot => ({
  x: (one.x + other.x) / 2,
  y: (one.y + other.y) / 2,
});
export const apart = (one: Spot, other: Spot) => Math.hypot(one.x - other.x, one.y - other.y);

/** The point in the middle of a quadratic curve, and back: the control point of the one that goes through it. */
const middleOf = (from: Spot, control: Spot, to: Spot): Spot => ({
  x: (from.x + 2 * control.x + to.x) / 4,
  y: (from.y + 2 * control.y + to.y) / 4,
});
const controlOf = (from: Spot, middle: Spot, to: Spot): Spot => ({
  x: 2 * middle.x - (from.x + to.x) / 2,
  y: 2 * middle.y - (from.y + to.y) / 2,
});

/** Number of the point at which an edge ends. */
const endOf = (line: Drawn, edge: number) => (edge + 1) % line.points.length;

/** How many edges a line has. */
export const edges = (line: Drawn) => line.points.length - (line.closed ? 0 : 1);

/** The middle of an edge: where it is bent, or half-way along it. */
export function middle(line: Drawn, edge: number): Spot {
  const from = line.points[edge] as Spot;
  const to = line.points[endOf(line, edge)] as Spot;
  return line.bends[edge] ?? between(from, to);
}

/** Path data as lines; null where it is none that was drawn here (arcs, cubic curves, relative commands). */
export function read(path: string): Drawn[] | null {
  const parts = path.match(/[A-Za-z]|-?(?:\d+\.?\d*|\.\d+)(?:e-?\d+)?/gi) ?? [];
  const lines: Drawn[] = [];
  let line: Drawn | undefined;
  let command = "";
  for (let i = 0; i < parts.length;) {
    const part = parts[i] as string;
    if (/^[A-Za-z]$/.test(part)) {
      command = part;
      i++;
      if (command === "Z") {
        if (!line) return null;
        close(line);
        line = undefined;
        continue;
      }
      if (!"MLQHV".includes(command)) return null;
    }
    const wanted = { M: 2, L: 2, Q: 4, H: 1, V: 1 }[command];
    if (!wanted) return null;
    const at = parts.slice(i, i + wanted).map(Number);
    if (at.length < wanted || at.some((one) => !Number.isFinite(one))) return null;
    i += wanted;
    const last = line?.points.at(-1);
    if (command === "M") {
      line = { points: [{ x: at[0] as number, y: at[1] as number }], bends: [], closed: false };
      lines.push(line);
      command = "L";
    } else if (!line || !last) return null;
    else if (command === "Q") {
      const to = { x: at[2] as number, y: at[3] as number };
      line.bends.push(middleOf(last, { x: at[0] as number, y: at[1] as number }, to));
      line.points.push(to);
    } else {
      line.bends.push(null);
      line.points.push({
        x: command === "V" ? last.x : (at[0] as number),
        y: command === "H" ? last.y : ((command === "V" ? at[0] : at[1]) as number),
      });
    }
  }
  return lines.every((one) => one.points.length > (one.closed ? 2 : 1)) ? lines : null;
}

/** An outline that comes back to where it began has that point once. */
function close(line: Drawn) {
  line.closed = true;
  const first = line.points[0] as Spot;
  const last = line.points.at(-1) as Spot;
  if (line.points.length > 2 && apart(first, last) < 0.05) line.points.pop();
  else line.bends.push(null);
}

/** Lines as path data, to a tenth of a mm. */
export function written(lines: Drawn[]): string {
  const spot = (at: Spot) => `${tenth(at.x)} ${tenth(at.y)}`;
  return lines
    .map((line) => {
      const [first] = line.points;
      if (!first) return "";
      let path = `M${spot(first)}`;
      for (let i = 0; i < edges(line); i++) {
        const from = line.points[i] as Spot;
        const to = line.points[endOf(line, i)] as Spot;
        const bend = line.bends[i];
        // Closing it draws the last straight edge.
        if (!bend && line.closed && i === edges(line) - 1) break;
        path += bend ? `Q${spot(controlOf(from, bend, to))} ${spot(to)}` : `L${spot(to)}`;
      }
      return line.closed ? `${path}Z` : path;
    })
    .join("");
}

/** The same line with a point elsewhere; the edges beside it keep how far they are bent. */
export function movedPoint(line: Drawn, nth: number, to: Spot): Drawn {
  const old = line.points[nth];
  if (!old) return line;
  const by = { x: (to.x - old.x) / 2, y: (to.y - old.y) / 2 };
  return {
    ...line,
    points: line.points.map((one, i) => (i === nth ? to : one)),
    bends: line.bends.map((bend, i) =>
      bend && (i === nth || endOf(line, i) === nth) ? { x: bend.x + by.x, y: bend.y + by.y } : bend,
    ),
  };
}

/** The same line with an edge bent through a point, or straight where that is near its chord. */
export function bent(line: Drawn, edge: number, through: Spot): Drawn {
  const from = line.points[edge];
  const to = line.points[endOf(line, edge)];
  if (!from || !to) return line;
  const straight = apart(between(from, to), through) < STRAIGHT_MM;
  return {
    ...line,
    bends: line.bends.map((bend, i) => (i === edge ? (straight ? null : through) : bend)),
  };
}

/** The same line with one point more, in the middle of an edge: its shape stays. */
export function withPoint(line: Drawn, edge: number): Drawn {
  const from = line.points[edge];
  const to = line.points[endOf(line, edge)];
  if (!from || !to) return line;
  const bend = line.bends[edge];
  const at = middle(line, edge);
  let halves: (Spot | null)[] = [null, null];
  if (bend) {
    const control = controlOf(from, bend, to);
    halves = [middleOf(from, between(from, control), at), middleOf(at, between(control, to), to)];
  }
  return {
    ...line,
    points: [...line.points.slice(0, edge + 1), at, ...line.points.slice(edge + 1)],
    bends: [...line.bends.slice(0, edge), ...halves, ...line.bends.slice(edge + 1)],
  };
}

/** The same line without a point; null when no line is left. */
export function withoutPoint(line: Drawn, nth: number): Drawn | null {
  if (line.points.length <= (line.closed ? 3 : 2)) return null;
  const count = line.bends.length;
  const points = line.points.filter((_, i) => i !== nth);
  if (!line.closed && (nth === 0 || nth === line.points.length - 1)) {
    return { ...line, points, bends: nth === 0 ? line.bends.slice(1) : line.bends.slice(0, -1) };
  }
  // The two edges that met there are one, straight.
  const before = (nth + count - 1) % count;
  const bends = line.bends.map((bend, i) => (i === before ? null : bend));
  bends.splice(nth % count, 1);
  return { ...line, points, bends };
}

/** What was drawn in one go, as few curves as follow it: a smile is one. */
export function fitted(spots: Spot[]): Drawn | null {
  const first = spots[0];
  const last = spots.at(-1);
  if (!first || !last || spots.length < 2 || lengthOf(spots) < 1) return null;
  const line: Drawn = { points: [first], bends: [], closed: false };
  follow(spots, line, MOST_CURVES);
  return line;
}

function lengthOf(spots: Spot[]): number {
  return spots.slice(1).reduce((sum, one, i) => sum + apart(one, spots[i] as Spot), 0);
}

/** Adds curves along some points, parted in two where one is too far off them. */
function follow(spots: Spot[], line: Drawn, most: number) {
  const from = spots[0] as Spot;
  const to = spots.at(-1) as Spot;
  const whole = lengthOf(spots);
  // The control point that is least off all points, each at its share of the way: a sum of squares in one unknown.
  let weights = 0;
  let x = 0;
  let y = 0;
  let way = 0;
  const shares = spots.map(
    (one, i) => (way += i ? apart(one, spots[i - 1] as Spot) : 0) / (whole || 1),
  );
  spots.forEach((one, i) => {
    const t = shares[i] as number;
    const weight = 2 * t * (1 - t);
    weights += weight * weight;
    x += weight * (one.x - (1 - t) ** 2 * from.x - t * t * to.x);
    y += weight * (one.y - (1 - t) ** 2 * from.y - t * t * to.y);
  });
  const control = weights > 0 ? { x: x / weights, y: y / weights } : between(from, to);
  const off = spots.map((one, i) => {
    const t = shares[i] as number;
    return apart(one, {
      x: (1 - t) ** 2 * from.x + 2 * t * (1 - t) * control.x + t * t * to.x,
      y: (1 - t) ** 2 * from.y + 2 * t * (1 - t) * control.y + t * t * to.y,
    });
  });
  const worst = off.indexOf(Math.max(...off));
  if ((off[worst] ?? 0) > OFF_MM && most > 1 && worst > 1 && worst < spots.length - 2) {
    const half = Math.floor(most / 2);
    follow(spots.slice(0, worst + 1), line, half);
    follow(spots.slice(worst), line, half);
    return;
  }
  const through = middleOf(from, control, to);
  line.bends.push(apart(through, between(from, to)) < STRAIGHT_MM ? null : through);
  line.points.push(to);
}

/** What some lines reach: left, top, width and height, their bends with them. */
export function boxOf(lines: Drawn[]): { x: number; y: number; width: number; height: number } {
  const spots = lines.flatMap((line) => [
    ...line.points,
    ...line.bends.flatMap((bend, i) => {
      const from = line.points[i];
      const to = line.points[endOf(line, i)];
      return bend && from && to ? farthest(from, controlOf(from, bend, to), to) : [];
    }),
  ]);
  const xs = spots.map((one) => one.x);
  const ys = spots.map((one) => one.y);
  const x = Math.min(...xs);
  const y = Math.min(...ys);
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

/** Where a curve turns back, across and down. */
function farthest(from: Spot, control: Spot, to: Spot): Spot[] {
  return (["x", "y"] as const).flatMap((axis) => {
    const t = (from[axis] - control[axis]) / (from[axis] - 2 * control[axis] + to[axis]);
    return t > 0 && t < 1
      ? [
          {
            x: (1 - t) ** 2 * from.x + 2 * t * (1 - t) * control.x + t * t * to.x,
            y: (1 - t) ** 2 * from.y + 2 * t * (1 - t) * control.y + t * t * to.y,
          },
        ]
      : [];
  });
}

/** The same lines, moved. */
export function moved(lines: Drawn[], by: Spot): Drawn[] {
  const to = (one: Spot): Spot => ({ x: one.x + by.x, y: one.y + by.y });
  return lines.map((line) => ({
    ...line,
    points: line.points.map(to),
    bends: line.bends.map((bend) => bend && to(bend)),
  }));
}
