import { describe, expect, it } from "vitest";
import { chainOf, gateOf, type Link, linkOf, type Row, type Run, sentence, shadeOf } from "./runs";

const YEAR = new Date().getFullYear();
const at = (day: number, time: string) => `${YEAR}-12-0${day}T${time}:00`;

const run = (some: Partial<Run>): Run =>
  ({
    doing: "ICE",
    pass: 2,
    tray: 1,
    cookies: 12,
    from: at(3, "14:00"),
    to: at(3, "15:10"),
    until: null,
    gate: null,
    colour: null,
    hex: null,
    ...some,
  }) as Run;

const ROW = { name: "Diamond" } as Row;

describe("a piece of work on the clock", () => {
  it("is told with its tray, its times, and what it is by when", () => {
    const told = sentence(ROW, run({ until: at(3, "15:35"), gate: "SKINNED" }), "");
    expect(told).toMatch(/^Diamond, pass 2: ice 12, tray 1: \w+ 3 Dec, 14:00 to 15:10; skinned on/);
    expect(told).toMatch(/at 15:35$/);
  });

  it("goes into the oven in loads and not in trays", () => {
    expect(sentence(ROW, run({ doing: "BAKE", tray: 2 }), "")).toContain("bake 12, load 2:");
    expect(sentence(ROW, run({ doing: "DOUGH", tray: 0 }), "")).toMatch(/^make the dough: /);
  });

  it("of every kind has words of its own", () => {
    const kinds = ["DOUGH", "CUT", "BAKE", "BASE", "BOWL", "ICE", "PACK", "LABEL"] as const;
    const told = kinds.map((doing) => sentence(ROW, run({ doing }), "Sky"));
    expect(new Set(told).size).toBe(kinds.length);
    expect(told.join()).not.toContain("undefined");
  });

  it("has the look of its icing; dough and what has no colour of its own have theirs", () => {
    const sky = run({ colour: "Sky", hex: "#88AACC" });
    expect(shadeOf(sky)).toBe("#88AACC");
    expect(shadeOf(run({ doing: "BAKE" }))).not.toBe(shadeOf(run({})));
    expect(shadeOf(sky, false)).toBe(shadeOf(run({})));
  });

  it("waits for a gate in the shop's words, and for anything else in plain ones", () => {
    expect(gateOf(run({ gate: "DRY_THROUGH" }))).toBe("dry through");
    expect(gateOf(run({ gate: "COLD" }))).toBe("cold");
  });
});

const link = (some: Partial<Link>): Link =>
  ({
    doing: "ICE",
    name: "Diamond",
    pass: 1,
    tray: 1,
    from: at(3, "14:00"),
    because: "HANDS",
    why: null,
    ...some,
  }) as Link;

describe("what decides the end", () => {
  it("is told from its first link to its last, and of those between what waits", () => {
    const told = chainOf([
      link({ doing: "DOUGH", name: "Kites", pass: 0, tray: 0, because: "WAIT", why: "CHILL" }),
      link({ name: "left out" }),
      link({ because: "WAIT", why: "GATE", pass: 1 }),
      link({ because: "SITTING", pass: 2 }),
      link({ doing: "PACK", pass: 0 }),
    ]);
    expect(told).not.toContain("left out");
    expect(told.match(/; then /g)).toHaveLength(3);
    expect(told).toContain("dough Kites, which chills");
    expect(told).toContain("pass 1, tray 1, which dries");
    expect(told).toContain("and there the sitting ends");
    expect(told).toMatch(/packing Diamond, tray 1$/);
  });

  it("leaves the middle of a long one out, and says how much", () => {
    const many = Array.from({ length: 20 }, (_, i) =>
      link({ because: "WAIT", why: "GATE", name: `n${i}` }),
    );
    const told = chainOf(many);
    expect(told.split("; then ")).toHaveLength(7);
    const shown = many.filter(({ name }) => new RegExp(`\\b${name}\\b`).test(told)).length;
    expect(told).toContain(`${20 - shown} more such steps`);
  });

  it("of nothing is nothing", () => {
    expect(chainOf([])).toBe("");
    expect(linkOf(link({ doing: "BAKE", pass: 0, tray: 2 }))).toBe("baking Diamond");
  });
});
