import { describe, expect, it } from "vitest";
import type { BenchEvent, BenchStep } from "../../api/types";
import { happened } from "./happened";
import { drying, nextStep, standings } from "./steps";

const START = Date.parse("2026-12-04T09:00:00Z");
const MINUTE = 60_000;

function step(key: string, waits: BenchStep["waits"] = []): BenchStep {
  return {
    key,
    task: key,
    order: 1,
    doing: "ICE",
    name: key,
    design: 1,
    pass: 1,
    tray: 1,
    cookies: 12,
    addition: 0,
    colour: null,
    hex: null,
    from: null,
    by: "",
    seconds: 60,
    ovenSeconds: 0,
    icedGrams: 0,
    coatGrams: 0,
    eachSeconds: 5,
    wetSeconds: 0,
    weighed: [],
    packaging: [],
    mixed: null,
    bags: [],
    waits,
    against: {
      work: "ice",
      minutes: 1,
      cookies: 12,
      eachSeconds: 5,
      setOutSeconds: 60,
      recipe: null,
      ownSeconds: 0,
      baseGrams: 0,
      school: "wall and flood",
      icedGrams: 0,
      coatGrams: 0,
      times: 1,
      bag: null,
    },
  };
}

const steps = [
  step("flood"),
  step("other"),
  step("line", [{ task: "flood", seconds: 600, why: "GATE" }]),
];

let ids = 0;
function event(
  minute: number,
  what: BenchEvent["what"],
  of: string,
  words = "",
  device = "tablet",
): BenchEvent {
  const at = new Date(START + minute * MINUTE).toISOString();
  return { id: `e${ids++}`, at, device, what, step: of, amount: 0, words, against: null };
}

function next(events: BenchEvent[], minute: number, device = "tablet"): string | undefined {
  return nextStep(standings(steps, happened(events)), device, START + minute * MINUTE)?.step.key;
}

describe("the next step", () => {
  it("is the first that can be done, and the line only when the flood has dried", () => {
    const flood = event(0, "DONE", "flood");
    expect(next([], 0)).toBe("flood");
    expect(next([flood], 1)).toBe("other");
    expect(next([flood, event(2, "DONE", "other")], 9)).toBeUndefined();
    expect(next([flood, event(2, "DONE", "other")], 10)).toBe("line");
  });

  it("leaves to others what they have begun, and stays with what one has begun", () => {
    const other = event(0, "BEGUN", "flood", "", "phone");
    expect(next([other], 1)).toBe("other");
    expect(next([other], 1, "phone")).toBe("flood");
  });

  it("comes back to what was put off when nothing else can be done", () => {
    const off = event(0, "PUT_OFF", "flood");
    expect(next([off], 1)).toBe("other");
    expect(next([off, event(1, "DONE", "other")], 2)).toBe("flood");
  });

  it("takes a bowl part by part", () => {
    const parts = [
      { ...step("tint"), task: "bowl" },
      { ...step("thin"), task: "bowl" },
    ];
    const off = happened([event(0, "PUT_OFF", "tint")]);
    expect(nextStep(standings(parts, off), "tablet", START)?.step.key).toBe("tint");
    const tinted = happened([event(0, "DONE", "tint")]);
    expect(nextStep(standings(parts, tinted), "tablet", START)?.step.key).toBe("thin");
  });

  it("goes by a touch: skinned is ready now, soft takes longer", () => {
    const before = [event(0, "DONE", "flood"), event(1, "DONE", "other")];
    expect(next([...before, event(5, "TOUCHED", "flood", "SKINNED")], 5)).toBe("line");
    const soft = [...before, event(10, "TOUCHED", "flood", "SOFT")];
    expect(next(soft, 11)).toBeUndefined();
    expect(drying(steps, happened(soft))[0]?.until).toBe(START + 12.5 * MINUTE);
    expect(next(soft, 13)).toBe("line");
  });
});
