import { describe, expect, it } from "vitest";
import type { CookieView, Layer } from "../api/types";
import { isOn, momentsOf, shineOf } from "./moments";

const pass = (number: number, stage: string, gate: string) =>
  ({ number, stage, gate }) as CookieView["passes"][number];
const layer = (inPass: number) => ({ pass: inPass }) as Layer;

describe("a cookie as it dries", () => {
  const moments = momentsOf([
    pass(0, "AHEAD", "BARE_COOKIE"),
    pass(1, "COAT", "BARE_COOKIE"),
    pass(2, "COAT", "SKINNED"),
    pass(3, "RAISED", "DRY_THROUGH"),
    pass(4, "MARKER", "LINES_DRY"),
  ]);

  it("goes through its passes, each wet and as the next one finds it", () => {
    expect(moments).toEqual([
      { pass: 1, shine: "wet" },
      { pass: 1, shine: "skinned" },
      { pass: 2, shine: "wet" },
      { pass: 2, shine: "dry" },
      { pass: 3, shine: "wet" },
      { pass: 3, shine: "dry" },
      { pass: 4, shine: "dry" },
    ]);
  });

  it("has on it what has gone on by then", () => {
    expect(isOn(layer(2), { pass: 1, shine: "dry" })).toBe(false);
    expect(isOn(layer(2), { pass: 2, shine: "wet" })).toBe(true);
  });

  it("shines where it is wet", () => {
    expect(shineOf(layer(2), { pass: 2, shine: "wet" })).toBe("wet");
    expect(shineOf(layer(1), { pass: 2, shine: "wet" })).toBe("skinned");
    expect(shineOf(layer(1), { pass: 3, shine: "wet" })).toBe("dry");
    expect(shineOf(layer(2), { pass: 2, shine: "dry" })).toBe("dry");
  });
});
