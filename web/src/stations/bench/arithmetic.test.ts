import { describe, expect, it } from "vitest";
import {
  fullness,
  rescueBase,
  rescueDrops,
  bagForecast,
  inProportion,
  nextWater,
  stiffGrams,
  weightBand,
} from "./arithmetic";

describe("arithmetic at the bench", () => {
  it("adds water from above", () => {
    expect(nextWater(22, 15, 208, 0.23)).toBeCloseTo(2.77, 2);
    expect(nextWater(16.4, 15, 208, 0.23)).toBe(0);
    expect(nextWater(22, 10.5, 208, 0.23)).toBeCloseTo(
      ((0.5 * Math.log(22 / 10)) / 0.23) * 2.08,
      9,
    );
  });

  it("brings back what is too thin", () => {
    const water = (Math.log(80 / 11) / 0.23) * 2;
    const more = stiffGrams(11, 15, 200, 80, 0.23);
    expect(80 * Math.exp((-0.23 * water * 100) / (200 + more))).toBeCloseTo(15, 9);
    expect(stiffGrams(15, 80, 200, 80, 0.23)).toBe(Infinity);
  });

  it("says early that a bag will not reach", () => {
    const forecast = bagForecast({
      full: 206,
      left: 141.5,
      keeps: 8,
      iced: 6,
      toGo: 18,
      planned: 8,
      cookieVariation: 0.12,
      handVariation: 0.08,
    });
    expect(forecast.each).toBeCloseTo(10.75, 9);
    expect(forecast.cookies).toBeCloseTo(12.4, 1);
    expect(forecast.short).toBeCloseTo(60, 9);
    expect(forecast.chance).toBeGreaterThan(0.99);
  });

  it("lets the rest follow what came out over", () => {
    const then = inProportion([689, 46, 113.9], 0, 702);
    expect(then[1]).toBeCloseTo(46.9, 1);
    expect(then[2]).toBeCloseTo(116, 0);
    expect(weightBand(4)).toBe(0.2);
    expect(weightBand(700)).toBe(14);
  });
});

describe("a trial cookie and a colour", () => {
  it("says how full the coat is: (31.8 - 24 - 1.2) / 6 = 1.1", () => {
    expect(fullness(24, 31.8, 7.2, 6)).toBeCloseTo(1.1, 9);
    expect(fullness(24, 24, 7.2, 6)).toBeNull();
    expect(fullness(24, 60, 7.2, 6)).toBeNull();
    expect(fullness(24, 31.8, 7.2, 0)).toBeNull();
  });

  it("brings a bowl back: gel in all of it is that of the recipe then", () => {
    // 200 g that look like 1.25 times 10 drops: 12.5 drops in 250 g are 10 in 200.
    expect(rescueBase(200, 1.25)).toBe(50);
    expect(12.5 / (200 + rescueBase(200, 1.25))).toBeCloseTo(10 / 200, 9);
    expect(rescueDrops(10, 0.8)).toBeCloseTo(2, 9);
  });
});
