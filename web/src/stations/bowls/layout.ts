import type { Bowl, Portion, Pour } from "../../api/types";

/** Where everything of the pour stands, in pixels of the picture. */
export type PourLayout = {
  height: number;
  /** Pixels of width to a gram. */
  scale: number;
  base: { y: number; height: number; batches: { y: number; height: number; grams: number }[] };
  bowls: BowlPlace[];
};
export type BowlPlace = {
  bowl: Bowl;
  middle: number;
  radius: number;
  /** Where its stream leaves the base, and its width there. */
  fromY: number;
  width: number;
  portions: PortionPlace[];
};
export type PortionPlace = { portion: Portion; middle: number; fromY: number; width: number };

const ROW = 30;
const GAP = 14;
const TOP = 34;
const BOTTOM = 12;
const LEAST_STREAM = 1.5;
/** A small order does not fill the picture. */
const MOST_SCALE = 1;
const MOST_RADIUS = 25;
const LEAST_RADIUS = 9;

/**
 * Places the pour so that widths go by grams and no two rows overlap: each bag row takes what its stream needs, and never less
 * than its line of text. The picture is as tall as asked for, or taller when the rows need it.
 */
export function layOut(pour: Pour, wantedHeight: number): PourLayout {
  const room = wantedHeight - TOP - BOTTOM;
  const needed = (scale: number) =>
    pour.bowls.reduce(
      (sum, bowl) => sum + GAP + bowl.portions.reduce((h, p) => h + rowHeight(p, scale), 0),
      -GAP,
    );
  const total = pour.bowls.reduce((sum, bowl) => sum + bowl.mixedGrams, 0);
  let low = 0;
  let high = Math.min(MOST_SCALE, room / Math.max(1, total));
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (needed(middle) > room) high = middle;
    else low = middle;
  }
  // Wide enough to be seen, even where the rows alone already fill the height.
  const scale = Math.max(low, 120 / Math.max(1, total));
  const rows = needed(scale);
  const spread = pour.bowls.length > 1 ? Math.max(0, (room - rows) / (pour.bowls.length - 1)) : 0;
  const gap = GAP + Math.min(spread, 30);
  const height = Math.max(wantedHeight, rows + TOP + BOTTOM);

  const used = rows + (gap - GAP) * (pour.bowls.length - 1);
  let y = TOP + Math.max(0, (height - TOP - BOTTOM - used) / 2);
  const baseHeight = Math.max(40, total * scale);
  const baseY = TOP + (height - TOP - BOTTOM - baseHeight) / 2;
  let fromY = baseY;
  const bowls = pour.bowls.map((bowl) => {
    const width = Math.max(LEAST_STREAM, bowl.mixedGrams * scale);
    const inside = bowl.portions.map((p) => rowHeight(p, scale));
    const blockHeight = inside.reduce((a, b) => a + b, 0);
    const middle = y + blockHeight / 2;
    const share = Math.sqrt(bowl.baseGrams / Math.max(...pour.bowls.map((b) => b.baseGrams)));
    const streams = bowl.portions.map((p) => streamWidth(p, scale));
    let leaveY = middle - streams.reduce((a, b) => a + b, 0) / 2;
    let rowY = y;
    const portions = bowl.portions.map((portion, i) => {
      const place = {
        portion,
        middle: rowY + (inside[i] ?? ROW) / 2,
        fromY: leaveY,
        width: streams[i] ?? LEAST_STREAM,
      };
      rowY += inside[i] ?? ROW;
      leaveY += streams[i] ?? LEAST_STREAM;
      return place;
    });
    const placed = {
      bowl,
      middle,
      radius: Math.max(LEAST_RADIUS, Math.min(MOST_RADIUS * share, blockHeight / 2 + GAP / 2 - 2)),
      fromY,
      width,
      portions,
    };
    fromY += bowl.mixedGrams * (baseHeight / Math.max(1, total));
    y += blockHeight + gap;
    return placed;
  });
  const each = baseHeight / Math.max(1, pour.batches.length);
  return {
    height,
    scale,
    base: {
      y: baseY,
      height: baseHeight,
      batches: pour.batches.map((batch, i) => ({
        y: baseY + i * each,
        height: each,
        grams: batch.madeGrams,
      })),
    },
    bowls,
  };
}

/** A stream from a mother bowl, round on the right where no name stands, into a bowl that is let down from it. */
export function loop(from: BowlPlace, to: BowlPlace, x: number): string {
  const out = x + Math.min(120, 60 + 0.2 * Math.abs(to.middle - from.middle));
  return (
    `M${x + from.radius * 0.6} ${from.middle}C${out} ${from.middle} ${out} ${to.middle} ` +
    `${x + to.radius + 2} ${to.middle}`
  );
}

/** A band from one vertical edge to another, equally wide all along. */
export function band(
  x1: number,
  y1: number,
  w1: number,
  x2: number,
  y2: number,
  w2: number,
): string {
  const m = (x1 + x2) / 2;
  return (
    `M${x1} ${y1}C${m} ${y1} ${m} ${y2} ${x2} ${y2}` +
    `L${x2} ${y2 + w2}C${m} ${y2 + w2} ${m} ${y1 + w1} ${x1} ${y1 + w1}Z`
  );
}

function streamWidth(portion: Portion, scale: number): number {
  return Math.max(LEAST_STREAM, portion.baseGrams * scale);
}

function rowHeight(portion: Portion, scale: number): number {
  return Math.max(ROW, streamWidth(portion, scale) + 4);
}
