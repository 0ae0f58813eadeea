import { expect, test } from "vitest";
import type { ClockView } from "../../api/types";
import { at, scaleOf } from "./scale";

const run = (from: string, to: string) => ({ from, to, until: null });
const view = {
  handOver: "2026-12-05T10:00:00",
  rows: [
    {
      runs: [
        run("2026-12-03T20:00:00", "2026-12-03T21:00:00"),
        run("2026-12-04T09:00:00", "2026-12-04T10:00:00"),
      ],
    },
  ],
  sittings: [
    { from: "2026-12-03T19:00:00", to: "2026-12-03T22:00:00" },
    { from: "2026-12-04T09:00:00", to: "2026-12-04T13:00:00" },
    { from: "2026-12-04T14:00:00", to: "2026-12-04T18:00:00" },
    { from: "2026-12-05T08:00:00", to: "2026-12-05T13:00:00" },
  ],
} as unknown as ClockView;

test("times keep their order, work its length, and what lies between is folded", () => {
  const scale = scaleOf(view, 1000);
  const x = (iso: string) => scale.x(at(iso));
  expect(x("2026-12-03T20:00:00")).toBe(0);
  // An hour is as long on one day as on the other.
  const hour = x("2026-12-03T21:00:00") - x("2026-12-03T20:00:00");
  expect(x("2026-12-04T10:00:00") - x("2026-12-04T09:00:00")).toBeCloseTo(hour, 6);
  // Two nights of eleven and more hours are narrower than two hours.
  expect(x("2026-12-04T09:00:00") - x("2026-12-03T22:00:00")).toBeLessThan(2 * hour);
  expect(scale.stretches.filter((one) => one.isFolded)).toHaveLength(2);
  expect(x("2026-12-05T10:00:00")).toBeCloseTo(scale.width, 6);
});
