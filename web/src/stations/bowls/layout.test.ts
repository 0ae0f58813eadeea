import { describe, expect, it } from "vitest";
import type { Bowl, Pour } from "../../api/types";
import { Random } from "../../testing/random";
import { sorts } from "./batches";
import { band, layOut } from "./layout";

const bowl = (colour: string, portions: number[], kept = 5) =>
  ({
    colour,
    baseGrams: portions.reduce((a, b) => a + b, kept),
    // Some of it is let down into another bowl.
    mixedGrams: 1.3 * portions.reduce((a, b) => a + b, kept),
    portions: portions.map((baseGrams) => ({ baseGrams })),
  }) as unknown as Bowl;

const pour = (bowls: Bowl[], batches = [700, 700]) =>
  ({ bowls, batches: batches.map((madeGrams) => ({ madeGrams })) }) as unknown as Pour;

function anyPour(random: Random): Pour {
  return pour(
    Array.from({ length: 1 + random.below(12) }, (_, i) =>
      bowl(
        `c${i}`,
        Array.from({ length: 1 + random.below(4) }, () => 5 + random.below(900)),
      ),
    ),
    Array.from({ length: 1 + random.below(4) }, () => 300 + random.below(1_100)),
  );
}

describe("the picture of a pour", () => {
  it("is as wide everywhere as its grams, and no two rows lie on each other", () => {
    const random = new Random(12);
    for (let i = 0; i < 400; i++) {
      const of = anyPour(random);
      const wanted = 300 + random.below(500);
      const { bowls, base, scale, height } = layOut(of, wanted);
      expect(height).toBeGreaterThanOrEqual(wanted);
      for (const place of bowls) {
        for (const { portion, width } of place.portions) {
          expect(width).toBeCloseTo(Math.max(1.5, portion.baseGrams * scale), 6);
        }
        expect(place.width).toBeCloseTo(Math.max(1.5, place.bowl.mixedGrams * scale), 6);
      }
      const rows = bowls.flatMap((place) => place.portions);
      for (const [n, row] of rows.entries()) {
        const next = rows[n + 1];
        const below = row.middle + Math.max(30, row.width) / 2;
        if (next) expect(next.middle - Math.max(30, next.width) / 2).toBeGreaterThan(below - 1e-6);
        expect(below).toBeLessThanOrEqual(height);
      }
      // What leaves the base lies beside each other in it, and fills it.
      for (const [n, place] of bowls.entries()) {
        const next = bowls[n + 1];
        const share = (place.bowl.mixedGrams / total(of)) * base.height;
        if (next) expect(next.fromY - place.fromY).toBeCloseTo(share, 6);
        else expect(place.fromY + share).toBeCloseTo(base.y + base.height, 6);
      }
    }
  });

  it("has its bowls as large as their grams: twice the base is twice the area", () => {
    const { bowls } = layOut(pour([bowl("one", [400], 0), bowl("two", [800], 0)]), 500);
    const [one, two] = bowls.map((place) => place.radius);
    expect((two ?? 0) ** 2 / (one ?? 1) ** 2).toBeCloseTo(2, 6);
  });

  it("shows each batch, one below the other", () => {
    const { base } = layOut(pour([bowl("one", [900])], [700, 690]), 500);
    expect(base.batches.map((batch) => batch.grams)).toEqual([700, 690]);
    const [one, two] = base.batches;
    expect((one?.y ?? 0) + (one?.height ?? 0)).toBeCloseTo(two?.y ?? 0, 6);
  });

  it("of a crowded order grows, and that of a small one does not fill the sheet", () => {
    const many = pour(Array.from({ length: 30 }, (_, i) => bowl(`c${i}`, [20, 20])));
    expect(layOut(many, 400).height).toBeGreaterThan(30 * 60);
    expect(layOut(pour([bowl("one", [12], 0)]), 800).scale).toBeLessThanOrEqual(120 / 12);
  });
});

const total = (of: Pour) => of.bowls.reduce((sum, one) => sum + one.mixedGrams, 0);

describe("a stream", () => {
  it("begins and ends as wide as it is", () => {
    const [, y1, y2] = /^M0 (\d+).* 90 (\d+)L/.exec(band(0, 10, 4, 90, 50, 4)) ?? [];
    expect([y1, y2]).toEqual(["10", "50"]);
    expect(band(0, 10, 4, 90, 50, 4)).toContain("L90 54");
    expect(band(0, 10, 4, 90, 50, 4)).toContain("0 14Z");
  });
});

describe("batches", () => {
  it("that are alike are one sort, with how many there are", () => {
    const { batches } = pour([], [702, 702, 690]);
    expect(sorts(batches).map(({ times, batch }) => [times, batch.madeGrams])).toEqual([
      [2, 702],
      [1, 690],
    ]);
    expect(sorts([])).toEqual([]);
  });
});
