import { describe, expect, it } from "vitest";
import type { BenchOther, BenchStep } from "../../api/types";
import { clockOf, lineOf, lineOfOther, local, techniqueOf, titleOf } from "./words";
import { icingAge } from "../../core/rules";
import { CAUSES } from "./wrong";

const step = (some: object) =>
  ({
    doing: "ICE",
    name: "Diamond",
    pass: 2,
    tray: 1,
    cookies: 12,
    mixed: null,
    ...some,
  }) as BenchStep;

const mixed = (doing: string, some: object = {}) =>
  step({
    doing: "BOWL",
    name: "Sky",
    mixed: {
      doing,
      grams: 141.4,
      countSeconds: 15,
      waterGrams: 0,
      sugarGrams: 0,
      bags: 1,
      tips: [],
      cutMm: 2,
      tint: null,
      ...some,
    },
  });

describe("a step at the bench", () => {
  it("begins with what is done, in big type", () => {
    expect(titleOf(step({}))).toBe("Ice Diamond");
    expect(titleOf(step({ pass: 0 }))).toBe("Make ahead for Diamond");
    expect(titleOf(step({ doing: "PACK" }))).toBe("Pack 12 Diamond");
    expect(titleOf(mixed("MIX"))).toBe("Mix 141 g of base");
    expect(titleOf(mixed("TINT"))).toBe("Tint Sky");
    expect(titleOf(mixed("BAG"))).toBe("Bag Sky");
  });

  it("of thinning says what thinning it is: with water, with sugar, or none", () => {
    expect(titleOf(mixed("THIN", { waterGrams: 6 }))).toBe("Thin Sky to 15 seconds");
    expect(titleOf(mixed("THIN", { sugarGrams: 6 }))).toBe("Stiffen Sky");
    expect(titleOf(mixed("THIN"))).toBe("Take out Sky as it is");
    expect(titleOf(mixed("THIN", { waterGrams: 0.04 }))).toBe("Take out Sky as it is");
  });

  it("in a list says how much of it", () => {
    expect(lineOf(step({}))).toBe("Diamond, pass 2, tray 1: 12");
    expect(lineOf(step({ pass: 0 }))).toBe("Diamond ahead, tray 1: 12");
    expect(lineOf(mixed("BAG", { tips: ["2"] }))).toBe("Bag 141 g Sky, tip 2");
    expect(lineOf(mixed("BAG", { bags: 2 }))).toBe("Bag 141 g Sky, 2 × cut 2 mm");
    expect(lineOf(mixed("TINT", { tint: { doses: [{ drops: 3 }, { drops: 2 }] } }))).toBe(
      "Tint Sky: 5 drops in 141 g",
    );
    expect(lineOf(mixed("THIN", { waterGrams: 6 }))).toBe("Thin Sky to 15 seconds, 141 g");
  });

  it("of another order is told for every kind of work", () => {
    const kinds = ["DOUGH", "CUT", "BAKE", "BASE", "BOWL", "ICE", "PACK", "LABEL"] as const;
    const told = kinds.map((doing) =>
      lineOfOther({ doing, name: "Sock", pass: 1, tray: 2, cookies: 6 } as BenchOther),
    );
    expect(new Set(told).size).toBe(kinds.length);
    expect(told.join()).not.toContain("undefined");
    expect(told).toContain("Sock, pass 1, tray 2: 6");
  });

  it("tells how the hands hold the bag, by what is iced", () => {
    const stages = ["COAT", "SECOND", "RAISED", "AIRBRUSH", "STENCIL", "MARKER", "PAINT", "AHEAD"];
    const told = stages.map((stage) => techniqueOf(stage, false));
    expect(new Set(told).size).toBe(stages.length);
    expect(techniqueOf("RAISED", true)).not.toBe(techniqueOf("RAISED", false));
    expect(techniqueOf(undefined, false)).toBe("");
  });
});

describe("a timer", () => {
  it("counts seconds, minutes and hours, and stops at nothing", () => {
    expect([0, 0.2, 59, 60, 61.5, 3_599, 3_600, 3_725].map(clockOf)).toEqual([
      "0:00",
      "0:01",
      "0:59",
      "1:00",
      "1:02",
      "59:59",
      "1:00:00",
      "1:02:05",
    ]);
    expect(clockOf(-5)).toBe("0:00");
  });

  it("shows a moment as the wall does", () => {
    expect(local(new Date(2026, 11, 5, 9, 7).getTime())).toBe("2026-12-05T09:07");
  });
});

describe("icing as it ages", () => {
  it("is wet, then skinned, then dry, and never goes back", () => {
    const ages = Array.from({ length: 600 }, (_, i) => icingAge(i * 60, 120));
    expect(ages[0]).toBe("wet");
    expect(icingAge(120, 120)).toBe("wet");
    expect(icingAge(121, 120)).toBe("skinned");
    expect(ages.at(-1)).toBe("dry");
    const order = ["wet", "skinned", "dry"];
    const ranks = ages.map((age) => order.indexOf(age));
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
  });

  it("stays wet longer in a damp room, and is not dry before it has skinned", () => {
    expect(icingAge(300, 600)).toBe("wet");
    expect(icingAge(5 * 3_600, 2 * 3_600)).toBe("skinned");
    expect(icingAge(0, 0)).toBe("wet");
    expect(icingAge(130, 0)).toBe("skinned");
  });

  it("has something to be done at each age, whatever went wrong", () => {
    expect(new Set(CAUSES.map((cause) => cause.key)).size).toBe(CAUSES.length);
    for (const cause of CAUSES) {
      for (const age of ["wet", "skinned", "dry"] as const) {
        expect(cause.does[age].length).toBeGreaterThan(10);
        // What is iced again is said to be; what is not, is not.
        if (cause.redone[age])
          expect(cause.does[age]).toMatch(/ice it again|redo|write again|Lift/);
      }
    }
  });
});
