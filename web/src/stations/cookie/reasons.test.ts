import { describe, expect, it } from "vitest";
import { reason } from "./reasons";

const pass = {
  number: 2,
  stage: "RAISED",
  gate: "DRY_THROUGH",
  gateMinutes: 600,
  waitMinutes: 600,
  after: 0,
  move: 1,
  bleeds: true,
} as const;

describe("why a pass waits", () => {
  it("names both colours, and what would go wrong", () => {
    expect(reason(pass, "Coal", "White")).toBe("Coal on White: dry through, or it bleeds");
    expect(reason({ ...pass, bleeds: false }, "Rose", "White")).toBe(
      "Rose on White: dry through, so that it bears it",
    );
  });

  it("says a coat stands beside another", () => {
    expect(reason({ ...pass, stage: "COAT", gate: "SKINNED", bleeds: false }, "Sky", "White")).toBe(
      "Sky beside White: skinned, so that the crease shows",
    );
  });

  it("goes by the work where that decides", () => {
    const stencil = { ...pass, stage: "STENCIL", gate: "SURFACE_DRY", bleeds: false } as const;
    expect(reason(stencil, "Gold", "Gold")).toBe("Gold: surface-dry, or the stencil sticks");
    expect(reason({ ...stencil, stage: "AHEAD", gate: "LIFTS_OFF" }, "", "")).toBe(
      "lifts off the film, or it breaks",
    );
  });
});
