import { describe, expect, it } from "vitest";
import type { BenchStep } from "../../api/types";
import type { InBag } from "./bags";
import { topUp } from "./topUp";

const step = (doing: string, mixed: object, more: object = {}) =>
  ({
    key: doing,
    task: "1 bowl",
    doing: "BOWL",
    colour: "poppy",
    weighed: [],
    mixed: {
      doing,
      waterGrams: 0,
      sugarGrams: 0,
      baseGrams: 0,
      countSeconds: 0,
      tips: [],
      ...mixed,
    },
    ...more,
  }) as unknown as BenchStep;

const steps = [
  step(
    "MIX",
    {},
    {
      doing: "BASE",
      colour: null,
      weighed: [
        { name: "icing sugar", grams: 800 },
        { name: "meringue powder", grams: 50 },
        { name: "water", grams: 150 },
      ],
    },
  ),
  step("TINT", {
    grams: 200,
    tint: { doses: [{ gel: "poppy", name: "Poppy", drops: 50, grams: 2 }] },
  }),
  step("THIN", { waterGrams: 4, baseGrams: 200, countSeconds: 50 }),
  step("THIN", { waterGrams: 6, baseGrams: 120, countSeconds: 15 }),
  step("BAG", { countSeconds: 50, tips: ["2"] }),
  step("BAG", { countSeconds: 15 }),
];
const bag = { colour: "poppy", tip: "", fullGrams: 120, bags: 1 } as InBag;

describe("a small bowl that tops a bag up", () => {
  it("holds what it should: base, water and no more, and the bowl's own drops by weight", () => {
    const made = topUp(steps, bag, 60);
    expect(made?.grams).toBe(65);
    // 4 in 200 and 6 in 120: 7 g of water to 100 g of base.
    expect(made?.water).toBeCloseTo((made?.base ?? 0) * 0.07, 9);
    expect((made?.base ?? 0) + (made?.water ?? 0)).toBeCloseTo(65, 9);
    expect(made?.weighed.reduce((sum, line) => sum + line.grams, 0)).toBeCloseTo(
      made?.base ?? 0,
      9,
    );
    // 2 g of gel in 200 g of base is 1 in 100.
    expect(made?.doses[0]?.grams).toBeCloseTo((made?.base ?? 0) / 100, 9);
    expect(made?.doses[0]?.drops).toBe(15);
    expect(made?.countSeconds).toBe(15);
  });

  it("is as stiff as the bag that it is for", () => {
    const made = topUp(steps, { ...bag, tip: "2" }, 20);
    expect(made?.water).toBeCloseTo((made?.base ?? 0) * 0.02, 9);
  });

  it("is not guessed where the steps do not say how", () => {
    expect(topUp(steps, { ...bag, colour: "navy" }, 20)).toBeNull();
  });
});
