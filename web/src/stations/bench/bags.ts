import type { BenchEvent, BenchStep, BenchView } from "../../api/types";
import { bagForecast, type Forecast } from "./arithmetic";
import { undone } from "./happened";

export type InBag = BenchStep["bags"][number];

const isSame = (a: InBag, b: InBag) => a.colour === b.colour && a.tip === b.tip;

/** Of a bag, how much icing has gone onto cookies by some time, counted in cookies of one of its steps. */
function cookies(
  steps: BenchStep[],
  pressed: BenchEvent[],
  bag: InBag,
  until: number,
): { iced: number; all: number } {
  const back = undone(pressed);
  let iced = 0;
  let all = 0;
  for (const step of steps) {
    const own = step.bags.find((one) => isSame(one, bag));
    if (!own || bag.eachGrams === 0) continue;
    const times = own.eachGrams / bag.eachGrams;
    const numbers = new Set(
      pressed
        .filter(
          (event) =>
            event.step === step.key &&
            event.what === "ICED" &&
            !back.has(event.id) &&
            Date.parse(event.at) <= until,
        )
        .map((event) => event.amount),
    );
    iced += numbers.size * times;
    all += step.cookies * times;
  }
  return { iced, all };
}

export type BagStanding = {
  bag: InBag;
  /** What is in it, weighed, or reckoned by the plan since then. */
  left: number;
  isWeighed: boolean;
  /** How many such cookies are still to be iced out of it. */
  toGo: number;
  /** Null before it was weighed, or where nothing was iced out of it by then. */
  forecast: Forecast | null;
};

/** How a bag stands: by its last weighing where there is one, else by the plan. */
export function bagStanding(view: BenchView, pressed: BenchEvent[], bag: InBag): BagStanding {
  const back = undone(pressed);
  const weighed = pressed
    .filter((event) => event.what === "BAG" && event.words === bagWord(bag) && !back.has(event.id))
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at))
    .at(-1);
  const now = cookies(view.steps, pressed, bag, Infinity);
  if (!weighed)
    return {
      bag,
      left: Math.max(bag.keepsGrams, bag.fullGrams - now.iced * bag.eachGrams),
      isWeighed: false,
      toGo: now.all - now.iced,
      forecast: null,
    };
  const then = cookies(view.steps, pressed, bag, Date.parse(weighed.at));
  if (then.iced === 0)
    return { bag, left: weighed.amount, isWeighed: true, toGo: 0, forecast: null };
  // Bags before this one are empty, as far as the plan can tell; those after it are full.
  const comesOut = bag.fullGrams - bag.keepsGrams;
  const empty = Math.min(bag.bags - 1, Math.floor((then.iced * bag.eachGrams) / comesOut));
  const full = bag.bags - 1 - empty;
  const toGo = then.all - then.iced;
  const forecast = bagForecast({
    full: bag.bags * bag.fullGrams - empty * bag.keepsGrams,
    left: weighed.amount + full * bag.fullGrams,
    keeps: (full + 1) * bag.keepsGrams,
    iced: then.iced,
    toGo,
    planned: bag.eachGrams,
    cookieVariation: view.cookieVariation,
    handVariation: view.handVariation,
  });
  const since = now.iced - then.iced;
  return {
    bag,
    left: Math.max(0, weighed.amount - since * forecast.each),
    isWeighed: true,
    toGo: Math.max(0, toGo - since),
    forecast: { ...forecast, cookies: Math.max(0, forecast.cookies - since) },
  };
}

/** By what a bag is told from others when it is weighed. */
export const bagWord = (bag: InBag) => (bag.tip ? `${bag.colour}, ${bag.tip}` : bag.colour);
