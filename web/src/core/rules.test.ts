import { describe, expect, it } from "vitest";
import type { BenchEvent, BenchView } from "../api/types";
import { nextWater, standingOf, tooThin } from "./rules";

const BASE = { countSeconds: 30, perGram: 0.23, sugarPer100: 78, waterPer100: 16 };

describe("the rules that are compiled for the page", () => {
  it("answer as core does: 58 g of a base of 30 s bring 100 g back from 10 s to 15", () => {
    expect(tooThin(10, 15, 100, BASE).stiffGrams).toBeCloseTo(58.5, 1);
    expect(tooThin(10, 36, 100, BASE).stiffGrams).toBe(Infinity);
    expect(nextWater(15.5, 15, 208, BASE)).toBe(0);
  });

  it("take what was pressed as the application answers it", () => {
    const bag = {
      key: "poppy 15 s BAG",
      fills: [{ bags: 1, fullGrams: 206, filledAt: "bagged", firstBag: 1 }],
      keepsGrams: 8,
      drinks: [{ step: "run", cookies: 24, eachGrams: 8, coatGrams: 8 }],
    } as unknown as BenchView["bags"][number];
    const event = (minute: number, what: BenchEvent["what"], amount: number, words = "") => ({
      id: `${what}${minute}`,
      at: new Date(Date.parse("2026-12-04T09:00:00Z") + minute * 60_000).toISOString(),
      device: "tablet",
      what,
      step: "run",
      amount,
      words,
      against: null,
    });
    const pressed = [1, 2, 3, 4, 5, 6].map((n) => event(n, "ICED", n));
    const view = { cookieVariation: 0.12, handVariation: 0.08 } as BenchView;
    expect(standingOf(view, pressed, bag).leftGrams).toBe(158);
    const weighed = standingOf(view, [...pressed, event(30, "BAG", 141.5, bag.key)], bag);
    expect(weighed.toGo).toBe(18);
    expect(weighed.reaches).toBeCloseTo(12.4, 1);
    expect(weighed.shortGrams).toBeCloseTo(60, 9);
    expect(weighed.isShort).toBe(true);
  });
});
