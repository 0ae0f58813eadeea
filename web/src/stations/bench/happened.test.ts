import { describe, expect, it } from "vitest";
import type { BenchEvent } from "../../api/types";
import day from "./day.json";
import { happened } from "./happened";

const events = day.events as BenchEvent[];

describe("what has happened at the bench", () => {
  it("is what the server works out from the same presses", () => {
    expect(happened(events)).toEqual(day.now);
  });

  it("is the same whatever arrived when, and however often", () => {
    for (let shift = 1; shift < events.length; shift++) {
      const other = [...events.slice(shift), ...events.slice(0, shift), ...events.slice(0, 5)];
      expect(happened(other)).toEqual(day.now);
    }
  });
});
