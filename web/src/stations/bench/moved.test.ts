import { describe, expect, it } from "vitest";
import type { BenchStep } from "../../api/types";
import { moved, waitingFor } from "./moved";

const step = (key: string, from: string | null, ...waits: string[]) =>
  ({
    key,
    task: key,
    doing: "BAKE",
    name: key,
    cookies: 12,
    from,
    waits: waits.map((task) => ({ task, seconds: 0, why: "NEEDS" })),
  }) as unknown as BenchStep;

const never = () => false;

describe("what the clock has moved", () => {
  const before = [step("a", "2026-12-04T09:00:00"), step("b", "2026-12-04T10:00:00")];

  it("is said with how many, how far, and the first of it", () => {
    const after = [step("a", "2026-12-04T09:02:00"), step("b", "2026-12-04T10:35:00")];
    expect(moved(before, after, never)?.words).toBe(
      "The clock has put 1 step later, by 35 min at most: Bake 12 b at 10:35.",
    );
  });

  it("is nothing where all stays, within a few minutes, or is done", () => {
    expect(moved(before, before, never)).toBeNull();
    const after = [step("a", "2026-12-04T12:00:00"), step("b", "2026-12-04T10:04:00")];
    expect(moved(before, after, (one) => one.key === "a")).toBeNull();
  });

  it("can be both ways", () => {
    const after = [step("a", "2026-12-04T06:00:00"), step("b", "2026-12-04T10:30:00")];
    expect(moved(before, after, never)).toMatchObject({ later: 1, earlier: 1, mostMinutes: -180 });
  });
});

describe("what waits for a step", () => {
  it("is what waits for it, and for what waits for that", () => {
    const steps = [step("a", null), step("b", null, "a"), step("c", null, "b"), step("d", null)];
    const of = steps[0] as BenchStep;
    expect(waitingFor(steps, of).map((one) => one.key)).toEqual(["b", "c"]);
  });
});
