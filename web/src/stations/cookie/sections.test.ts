import { describe, expect, it } from "vitest";
import { groups, meant, sectionWords, toggled } from "./sections";

const named = (...names: string[]) => names.map((name) => ({ name }));
const ONE = named("a1");
const BANDS = named("a1", "a2", "a3", "a4", "a5");
const TWICE = named("a1", "a2", "b1", "b2", "b3");

describe("groups of sections", () => {
  it("are offered where there is something to choose", () => {
    expect(groups(ONE)).toEqual([]);
    expect(groups(named("a1", "a2"))).toEqual([]);
    expect(groups(BANDS).map((group) => group.words)).toEqual(["a-odd", "a-even"]);
    expect(groups(TWICE).map((group) => group.words)).toEqual(["a", "b", "b-odd", "b-even"]);
  });

  it("together mean each section once", () => {
    for (const sections of [BANDS, TWICE]) {
      const every = groups(sections).filter((group) => /odd|even/.test(group.words));
      for (const key of new Set(every.map((group) => group.words.charAt(0)))) {
        const own = every.filter((group) => group.words.startsWith(key));
        const names = own.flatMap((group) => meant(group.words, sections));
        expect([...names].sort()).toEqual(
          sections.map((one) => one.name).filter((name) => name.startsWith(key)),
        );
      }
    }
  });
});

describe("words for sections", () => {
  it("mean what they name", () => {
    expect(meant("a-odd", BANDS)).toEqual(["a1", "a3", "a5"]);
    expect(meant("a-even a5", BANDS)).toEqual(["a2", "a4", "a5"]);
    expect(meant("b", TWICE)).toEqual(["b1", "b2", "b3"]);
    expect(meant("", TWICE)).toEqual([]);
    expect(meant("c", TWICE)).toEqual([]);
  });

  it("are read as she reads them", () => {
    expect(sectionWords("a-odd", BANDS)).toBe("every other one");
    expect(sectionWords("b-even a1", TWICE)).toBe("the ones between of b and a1");
    expect(sectionWords("a", TWICE)).toBe("all of a");
    // Of a division that the cookie has no more.
    expect(sectionWords("c-odd c", BANDS)).toBe("every other one of c and all of c");
  });

  it("are put to others and taken away again", () => {
    expect(toggled("a1 a3", "a2")).toBe("a1 a3 a2");
    expect(toggled("a1 a3", "a1")).toBe("a3");
    expect(toggled("", "a1")).toBe("a1");
  });
});
