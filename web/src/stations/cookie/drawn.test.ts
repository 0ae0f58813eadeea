import { describe, expect, it } from "vitest";
import {
  bent,
  boxOf,
  edges,
  fitted,
  middle,
  moved,
  movedPoint,
  read,
  withPoint,
  withoutPoint,
  written,
} from "./drawn";
import type { Drawn, Spot } from "./drawn";

const line = (path: string) => (read(path) as Drawn[])[0] as Drawn;

/** Points along path data that only has M, L, Q and Z, by the formula of a quadratic curve. */
function along(path: string): Spot[] {
  return (read(path) as Drawn[]).flatMap((one) =>
    Array.from({ length: edges(one) }, (_, i) => {
      const from = one.points[i] as Spot;
      const to = one.points[(i + 1) % one.points.length] as Spot;
      const m = middle(one, i);
      const c = { x: 2 * m.x - (from.x + to.x) / 2, y: 2 * m.y - (from.y + to.y) / 2 };
      return [0, 0.25, 0.5, 0.75, 1].map((t) => ({
        x: (1 - t) ** 2 * from.x + 2 * t * (1 - t) * c.x + t * t * to.x,
        y: (1 - t) ** 2 * from.y + 2 * t * (1 - t) * c.y + t * t * to.y,
      }));
    }).flat(),
  );
}

describe("a line on the cookie", () => {
  it("is read as it was written", () => {
    for (const path of [
      "M-10 0L10 0",
      "M-12 4Q0 16 12 4",
      "M0 0L8 0Q12 4 8 8L0 8Z",
      "M0 0L1 1M5 5L6 6",
    ]) {
      expect(written(read(path) as Drawn[])).toBe(path);
    }
    expect(written(read("M0 0H5V7") as Drawn[])).toBe("M0 0L5 0L5 7");
    expect(written(read("M0 0L4 0L4 4L0 0Z") as Drawn[])).toBe("M0 0L4 0L4 4Z");
  });

  it("is left alone where it was not drawn here", () => {
    for (const path of [
      "M0 0C1 1 2 2 3 3",
      "M0 0l5 5",
      "M0 0A5 5 0 0 1 9 9",
      "M0 0L1",
      "L0 0",
      "M0 0",
    ]) {
      expect(read(path)).toBeNull();
    }
    expect(read("")).toEqual([]);
  });

  it("is bent through where its middle is dragged, and straight again near its chord", () => {
    const smile = bent(line("M-10 0L10 0"), 0, { x: 0, y: 6 });
    expect(written([smile])).toBe("M-10 0Q0 12 10 0");
    expect(middle(smile, 0)).toEqual({ x: 0, y: 6 });
    expect(written([bent(smile, 0, { x: 0.2, y: 0.3 })])).toBe("M-10 0L10 0");
  });

  it("keeps its bend when one of its ends is moved", () => {
    const longer = movedPoint(line("M-10 0Q0 12 10 0"), 1, { x: 20, y: 0 });
    expect(longer.points[1]).toEqual({ x: 20, y: 0 });
    expect(longer.bends[0]).toEqual({ x: 5, y: 6 });
  });

  it("looks the same with one point more", () => {
    const smile = "M-10 0Q0 12 10 0";
    const two = withPoint(line(smile), 0);
    expect(two.points).toHaveLength(3);
    const whole = along(smile);
    const halves = along(written([two]));
    // A quarter of the whole is half of its first half.
    expect(halves[2]?.x).toBeCloseTo(whole[1]?.x ?? NaN, 1);
    expect(halves[2]?.y).toBeCloseTo(whole[1]?.y ?? NaN, 1);
    expect(halves[7]?.x).toBeCloseTo(whole[3]?.x ?? NaN, 1);
    const square = withPoint(line("M0 0L8 0L8 8L0 8Z"), 3);
    expect(written([square])).toBe("M0 0L8 0L8 8L0 8L0 4Z");
  });

  it("loses a point at its end, in its middle, and none that it needs", () => {
    const bow = line("M0 0Q5 5 10 0L20 0");
    expect(written([withoutPoint(bow, 0) as Drawn])).toBe("M10 0L20 0");
    expect(written([withoutPoint(bow, 2) as Drawn])).toBe("M0 0Q5 5 10 0");
    expect(written([withoutPoint(bow, 1) as Drawn])).toBe("M0 0L20 0");
    const square = line("M0 0L8 0Q12 4 8 8L0 8Z");
    expect(written([withoutPoint(square, 0) as Drawn])).toBe("M8 0Q12 4 8 8L0 8Z");
    expect(written([withoutPoint(square, 3) as Drawn])).toBe("M0 0L8 0Q12 4 8 8Z");
    expect(withoutPoint(line("M0 0L8 0L8 8Z"), 1)).toBeNull();
    expect(withoutPoint(line("M0 0L8 0"), 1)).toBeNull();
  });
});

describe("what is drawn in one go", () => {
  const arc = (from: number, to: number, r: number) =>
    Array.from({ length: 40 }, (_, i) => {
      const angle = from + ((to - from) * i) / 39;
      return { x: r * Math.cos(angle), y: r * Math.sin(angle) };
    });

  it("is one curve where it is a smile", () => {
    const smile = fitted(arc(0.8 * Math.PI, 0.2 * Math.PI, 20)) as Drawn;
    expect(smile.points).toHaveLength(2);
    expect(Math.hypot(middle(smile, 0).x, middle(smile, 0).y)).toBeCloseTo(20, 0);
  });

  it("is straight where it nearly is, and more curves where it turns", () => {
    const straight = fitted(
      Array.from({ length: 20 }, (_, i) => ({ x: i, y: 0.2 * (i % 2) })),
    ) as Drawn;
    expect(straight.bends).toEqual([null]);
    const wave = fitted(
      Array.from({ length: 60 }, (_, i) => ({ x: i, y: 8 * Math.sin(i / 9.5) })),
    ) as Drawn;
    expect(wave.points.length).toBeGreaterThan(2);
    expect(wave.points.length).toBeLessThan(10);
  });

  it("is nothing where the hand did not move", () => {
    expect(fitted([{ x: 3, y: 3 }])).toBeNull();
    expect(
      fitted([
        { x: 3, y: 3 },
        { x: 3.2, y: 3 },
      ]),
    ).toBeNull();
  });
});

describe("how far lines reach", () => {
  it("has their bends with it", () => {
    // A quadratic curve reaches half-way to its control point.
    expect(boxOf(read("M-10 0Q0 12 10 0") as Drawn[])).toEqual({
      x: -10,
      y: 0,
      width: 20,
      height: 6,
    });
    expect(boxOf(moved(read("M0 0L8 0L8 8Z") as Drawn[], { x: 2, y: -1 }))).toEqual({
      x: 2,
      y: -1,
      width: 8,
      height: 8,
    });
  });
});
