import { describe, expect, it } from "vitest";
import type { BenchEvent, BenchView } from "../../api/types";
import { bagStanding, type InBag } from "./bags";

const bag: InBag = {
  colour: "poppy",
  name: "Poppy",
  hex: "#E4523B",
  tip: "",
  bags: 1,
  fullGrams: 206,
  eachGrams: 8,
  keepsGrams: 8,
  countSeconds: 15,
};
const START = Date.parse("2026-12-04T09:00:00Z");

let ids = 0;
const event = (minute: number, what: BenchEvent["what"], amount: number, words = "") =>
  ({
    id: `e${ids++}`,
    at: new Date(START + minute * 60_000).toISOString(),
    device: "tablet",
    what,
    step: "run",
    amount,
    words,
  }) satisfies BenchEvent;

const iced = (n: number) => Array.from({ length: n }, (_, i) => event(i, "ICED", i + 1));

function view(of: InBag): BenchView {
  return {
    steps: [{ key: "run", task: "run", cookies: 24, bags: [of] }],
    cookieVariation: 0.12,
    handVariation: 0.08,
  } as unknown as BenchView;
}

describe("how a bag stands", () => {
  it("is by the plan until it is weighed", () => {
    const standing = bagStanding(view(bag), iced(6), bag);
    expect(standing.left).toBe(206 - 48);
    expect(standing.forecast).toBeNull();
  });

  it("is said early to be short: 10.75 g a cookie, 12.4 more of 18, 60 g", () => {
    const standing = bagStanding(view(bag), [...iced(6), event(30, "BAG", 141.5, "poppy")], bag);
    expect(standing.toGo).toBe(18);
    expect(standing.forecast?.each).toBeCloseTo(10.75, 9);
    expect(standing.forecast?.cookies).toBeCloseTo(12.4, 1);
    expect(standing.forecast?.short).toBeCloseTo(60, 9);
  });

  it("counts on the full bags beside it, and on what was taken out of an empty one", () => {
    const two = { ...bag, bags: 2, fullGrams: 110 };
    const first = bagStanding(view(two), [...iced(6), event(30, "BAG", 62, "poppy")], two);
    expect(first.forecast?.each).toBeCloseTo(8, 9);
    expect(first.forecast?.cookies).toBeCloseTo((62 + 110 - 16) / 8, 9);
    // After 14 cookies the first one is empty but for what it keeps.
    const second = bagStanding(view(two), [...iced(14), event(30, "BAG", 100, "poppy")], two);
    expect(second.forecast?.each).toBeCloseTo((110 - 8 + 10) / 14, 9);
    expect(second.forecast?.cookies).toBeCloseTo((100 - 8) / 8, 9);
  });

  it("counts what is iced once more, what is lost, and what was topped up", () => {
    const day = [...iced(6), event(30, "BAG", 141.5, "poppy")];
    const redone = bagStanding(view(bag), [...day, event(31, "REDONE", 6)], bag);
    expect(redone.toGo).toBe(19);
    expect(redone.forecast?.short).toBeCloseTo(60 + 10.75, 9);
    const again = bagStanding(
      view(bag),
      [...day, event(31, "REDONE", 6), event(33, "ICED", 6)],
      bag,
    );
    expect(again.toGo).toBe(18);
    expect(again.left).toBeCloseTo(141.5 - 10.75, 9);
    const inHand = bagStanding(view(bag), [...day, event(31, "REDONE", 7)], bag);
    expect(inHand.toGo).toBe(18);
    expect(inHand.left).toBeCloseTo(141.5 - 10.75, 9);
    const lost = bagStanding(view(bag), [...day, event(31, "BROKE", 7)], bag);
    expect(lost.toGo).toBe(17);
    const topped = bagStanding(view(bag), [...day, event(31, "ADDED", 60, "poppy")], bag);
    expect(topped.left).toBeCloseTo(201.5, 9);
    expect(topped.forecast?.each).toBeCloseTo(10.75, 9);
    expect(topped.forecast?.short).toBeCloseTo(0, 9);
  });
});
