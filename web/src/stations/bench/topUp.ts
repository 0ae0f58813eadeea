import type { BenchStep } from "../../api/types";
import type { InBag } from "./bags";

/** A small bowl that tops a bag up: mixed, tinted and thinned in the proportions of the one that it has to match. */
export type TopUp = {
  /** Finished icing. */
  grams: number;
  base: number;
  water: number;
  sugar: number;
  /** What the base is mixed from. */
  weighed: { name: string; grams: number }[];
  doses: { name: string; drops: number; grams: number }[];
  countSeconds: number;
};

const DROP_GRAMS = 0.04;
/** A bowl keeps so much, and a spatula. */
const BOWL_KEEPS_GRAMS = 5;

/** What goes into so much icing for a bag; null where the order's own steps do not say how it was made. */
export function topUp(steps: BenchStep[], bag: InBag, wanted: number): TopUp | null {
  const own = steps.filter((step) => step.colour === bag.colour && step.mixed);
  const bagged = own.find(
    (step) =>
      step.mixed?.doing === "BAG" &&
      (bag.tip ? step.mixed.tips.includes(bag.tip) : step.mixed.tips.length === 0),
  );
  const thinned =
    own.find(
      (step) =>
        step.mixed?.doing === "THIN" &&
        bagged?.mixed &&
        Math.abs(step.mixed.countSeconds - bagged.mixed.countSeconds) < 1e-6,
    ) ?? null;
  const batch = steps.find((step) => step.doing === "BASE" && step.weighed.length > 0);
  if (!bagged || !batch) return null;
  const grams = wanted + BOWL_KEEPS_GRAMS;
  // Water and sugar go in by the base, as they did down the ladder.
  const water = waterPerBase(own, thinned);
  const sugar =
    thinned?.mixed && thinned.mixed.baseGrams > 0
      ? thinned.mixed.sugarGrams / thinned.mixed.baseGrams
      : 0;
  const base = grams / (1 + water + sugar);
  const all = batch.weighed.reduce((sum, line) => sum + line.grams, 0);
  const tint = own.find((step) => step.mixed?.tint)?.mixed;
  return {
    grams,
    base,
    water: water * base,
    sugar: sugar * base,
    weighed: batch.weighed.map((line) => ({ name: line.name, grams: (line.grams / all) * base })),
    doses: (tint?.tint?.doses ?? []).map((dose) => {
      const of = tint && tint.grams > 0 ? (dose.grams / tint.grams) * base : 0;
      return { name: dose.name, grams: of, drops: Math.round(of / DROP_GRAMS) };
    }),
    countSeconds: bagged.mixed?.countSeconds ?? 0,
  };
}

/** Grams of water to a gram of base when a portion is taken out: all that went in on the way down to it. */
function waterPerBase(own: BenchStep[], until: BenchStep | null): number {
  let share = 0;
  for (const step of own) {
    if (step.mixed?.doing !== "THIN") continue;
    if (step.mixed.baseGrams > 0) share += step.mixed.waterGrams / step.mixed.baseGrams;
    if (step === until) break;
  }
  return until ? share : 0;
}
