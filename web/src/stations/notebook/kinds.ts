/** What can be noted by hand, and what has to be said of it. */
export type Field = {
  key: string;
  label: string;
  unit?: string;
  whole?: boolean;
  least: number;
  most: number;
  ways?: Record<string, string>;
};

export type Kind = { key: string; word: string; says: string; fields: Field[] };

const OF_BREAKING = { baked: "baked", iced: "iced", packed: "packed" };
const WORK = {
  mix: "mixing a batch",
  tint: "tinting a bowl",
  thin: "thinning",
  bag: "filling a bag",
  dough: "making the dough",
  label: "labelling an order",
};
const VESSELS = {
  bag: "a bag",
  bowl: "a bowl",
  mixer: "the mixer",
  "dip bowl": "a dip bowl",
  scraper: "the scraper",
};
const PIECES = {
  leaf: "leaves",
  rosette: "rosettes",
  star: "stars",
  flower: "flowers",
  petal: "petals",
};

const number = (
  key: string,
  label: string,
  unit: string,
  least: number,
  most: number,
  whole = false,
): Field => ({ key, label, unit, least, most, whole });
const choice = (key: string, label: string, ways: Record<string, string>): Field => ({
  key,
  label,
  ways,
  least: 0,
  most: 0,
});

/** @param bases and doughs by key, and what the shop calls them */
export function kindsOf(bases: Record<string, string>, doughs: Record<string, string>): Kind[] {
  return [
    {
      key: "count",
      word: "a count",
      says: "Draw a line through the icing; how long until it is gone?",
      fields: [
        choice("recipe", "base", bases),
        number("water", "water in 100 g of base", "g", 0, 60),
        number("seconds", "gone after", "s", 0.5, 600),
      ],
    },
    {
      key: "cookie",
      word: "a cookie, bare and iced",
      says: "One cookie before a pass and after it.",
      fields: [
        choice("school", "filled", {
          "wall and flood": "wall and flood",
          "one icing": "one icing",
          "no outline": "no outline",
          dip: "dipped",
        }),
        number("bare", "bare", "g", 1, 1000),
        number("iced", "iced", "g", 1, 1500),
        number("planned", "coat by the plan", "g", 0.1, 500),
      ],
    },
    {
      key: "step",
      word: "minutes",
      says: "How long something took, without pauses.",
      fields: [choice("work", "work", WORK), number("measured", "took", "min", 0.1, 600)],
    },
    {
      key: "broken",
      word: "broken cookies",
      says: "How many of so many broke, and when.",
      fields: [
        choice("when", "when they were", OF_BREAKING),
        number("n", "of", "", 1, 10000, true),
        number("broken", "broke", "", 0, 10000, true),
      ],
    },
    {
      key: "kept",
      word: "what was left in it",
      says: "Weighed when it is finished, less its empty weight.",
      fields: [choice("what", "in", VESSELS), number("measured", "left", "g", 0.1, 2000)],
    },
    {
      key: "piece",
      word: "pieces weighed together",
      says: "Pipe ten of 9 mm and weigh them together.",
      fields: [
        choice("what", "kind", PIECES),
        number("n", "how many", "", 1, 1000, true),
        number("measured", "together", "g", 0.01, 1000),
      ],
    },
    {
      key: "bake",
      word: "a spread test",
      says: "How much longer a cookie is after baking than its cutter.",
      fields: [choice("recipe", "dough", doughs), number("measured", "longer by", "%", -10, 25)],
    },
  ];
}

/** What goes with a kind and needs not be asked. */
export const ALSO: Record<string, Record<string, string | number>> = {
  broken: { form: "whole" },
  bake: { what: "spread" },
};
