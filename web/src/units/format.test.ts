import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import {
  aboutHandOver,
  chance,
  consistency,
  cutOf,
  fixed,
  grams,
  inches,
  lasting,
  ounces,
  outOf,
  plural,
  said,
  stirred,
} from "./format";
import { locale } from "./locale.svelte";
import { apart, dose, doses } from "./tint";
import { kitchen } from "./words.svelte";

const house = locale.customs;
const words = kitchen.words;
beforeEach(() => {
  vi.useFakeTimers();
  vi.setSystemTime(new Date(2026, 11, 2, 9, 0));
});
afterEach(() => {
  locale.customs = house;
  locale.measures = "GRAMS";
  kitchen.words = words;
  vi.useRealTimers();
});

describe("grams", () => {
  it("are what a scale reads: tenths under 20 g, whole from there on", () => {
    expect([0, 0.04, 6.03, 19.94, 19.96, 20.4, 20.5, 1250].map(grams)).toEqual([
      "0",
      "0.0",
      "6.0",
      "19.9",
      "20",
      "20",
      "21",
      "1,250",
    ]);
  });

  it("are written with the shop's point", () => {
    locale.customs = { ...house, numbers: "COMMA" };
    expect(grams(6.03)).toBe("6,0");
    expect(fixed(1250.5, 1)).toBe("1.250,5");
    expect(locale.point).toBe(",");
  });

  it("have ounces beside them only where the shop wants that", () => {
    expect(ounces(822)).toBe("");
    locale.measures = "GRAMS_AND_SPOONS";
    expect(ounces(822)).toBe(" (29.0 oz)");
    expect(ounces(28.35)).toBe(" (1.00 oz)");
    expect(inches(80, 25.4)).toBe(" (3.15 × 1.00 in)");
  });
});

describe("money", () => {
  it("has its currency's sign where that is written", () => {
    expect(locale.money(1250.5)).toBe("€1,250.50");
    expect(locale.sign).toBe("€");
    locale.customs = { ...house, numbers: "COMMA", currency: "USD" };
    expect(locale.money(3)).toBe("3,00\u00a0$");
  });

  it("in a currency that nobody knows is no end of the page", () => {
    locale.customs = { ...house, currency: "nothing" };
    expect(locale.money(3)).toBe("€3.00");
  });
});

describe("words for figures", () => {
  it("of a chance", () => {
    expect([0, -1, 0.02, 0.001, 0.3, 1].map(chance)).toEqual([
      "never",
      "never",
      "1 in 50",
      "1 in 1,000",
      "1 in 3",
      "1 in 1",
    ]);
  });

  it("of what takes minutes", () => {
    expect([0, 25, 59.4, 59.6, 60, 100, 300, 1440, 2880, 5719, 5755].map(lasting)).toEqual([
      "0 min",
      "25 min",
      "59 min",
      "1 h",
      "1 h",
      "1 h 40",
      "5 h",
      "24 h",
      "2 days",
      "3 days 23 h",
      "4 days",
    ]);
  });

  it("of one and many", () => {
    expect(plural(1, "bag")).toBe("1 bag");
    expect(plural(0, "bag")).toBe("0 bags");
    expect(plural(2, "box", "boxes")).toBe("2 boxes");
    expect(said("DRY_THROUGH")).toBe("dry through");
  });

  it("of what is stirred in: water, sugar, or nothing", () => {
    expect(stirred({ waterGrams: 6.03, sugarGrams: 0 })).toBe("+ 6.0 g water");
    expect(stirred({ waterGrams: 0, sugarGrams: 12 }, true)).toBe("+ 12.0 g icing sugar (4.8 tsp)");
    expect(stirred({ waterGrams: 0.04, sugarGrams: 0 })).toBe("as it is");
    expect(stirred({ waterGrams: 4.93, sugarGrams: 0 }, true)).toBe("+ 4.9 g water (1.0 tsp)");
  });

  it("of a consistency: its count alone only where the word says nothing more", () => {
    expect(consistency("PIPING", 50)).toBe(`${kitchen.words.piping} 50 s`);
    expect(consistency("FLOOD", 15)).toBe(
      kitchen.plainFlood ? "15 s" : `${kitchen.words.flood} 15 s`,
    );
    expect(consistency("PIPING", 12.55)).toContain("12.6 s");
    kitchen.words = { ...words, piping: "wall icing" };
    expect(consistency("PIPING", 50)).toBe("wall icing 50 s");
  });

  it("of what icing goes on out of", () => {
    const bag = { vessel: "BAG", bags: 1, tips: [], largeBags: false, coupler: false, cutMm: 2 };
    expect(outOf(bag)).toBe("cut 2 mm");
    expect(outOf({ ...bag, bags: 3, tips: ["2"] })).toBe("3 × tip 2");
    expect(outOf({ ...bag, tips: ["2", "3"], coupler: true })).toBe("tip 2 → 3");
    expect(outOf({ ...bag, tips: ["2", "cut 1.5"] })).toBe("tip 2, cut 1.5 mm");
    expect(outOf({ ...bag, bags: 2, largeBags: true })).toBe("2 large bags");
    expect(outOf({ ...bag, vessel: "BOTTLE", bags: 2 })).toBe("2 bottles");
    expect(outOf({ ...bag, vessel: "SCRAPER", bags: 2 })).toBe("scraper, 2 loads");
    expect(outOf({ ...bag, vessel: "DIP_BOWL" })).toBe("dip bowl");
    expect([cutOf("cut 1.5"), cutOf("2"), cutOf("cut")]).toEqual([1.5, null, null]);
  });

  it("about a hand-over that may not be meant", () => {
    expect(aboutHandOver("2026-12-05T10:00")).toBe("");
    expect(aboutHandOver("2026-12-02T10:00")).toBe("");
    expect(aboutHandOver("2026-12-01T10:00")).toContain("over");
    expect(aboutHandOver("2062-12-05T10:00")).toContain("in 2062");
    expect(aboutHandOver("")).toBe("");
  });
});

describe("a tint", () => {
  it("is counted in drops, and weighed from twenty on", () => {
    expect(dose({ drops: 3, dabs: 1, grams: 0.13 })).toBe("3 drops 1 dab");
    expect(dose({ drops: 0, dabs: 2, grams: 0.02 })).toBe("2 dabs");
    expect(dose({ drops: 19, dabs: 0, grams: 0.76 })).toBe("19 drops");
    expect(dose({ drops: 24, dabs: 0, grams: 0.96 })).toBe("0.96 g (24 drops)");
  });

  it("of nothing says so", () => {
    expect(doses({ doses: [] } as never)).toBe("leave it untinted");
    const one = { name: "Poppy", drops: 3, dabs: 0, grams: 0.12 };
    expect(doses({ doses: [one, { ...one, name: "Lemon", drops: 1 }] } as never)).toBe(
      "Poppy 3 drops, Lemon 1 drop",
    );
  });

  it("is the nearer the fewer differences there are", () => {
    const words = [0.9, 1.9, 2.9, 5.9, 6].map(apart);
    expect(new Set(words).size).toBe(5);
    expect(words[0]).toContain("no eye");
  });
});
