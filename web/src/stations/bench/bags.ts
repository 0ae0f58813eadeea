import type { BenchEvent, BenchStep, BenchView } from "../../api/types";
import { bagForecast, type Forecast } from "./arithmetic";
import { undone } from "./happened";

export type InBag = BenchStep["bags"][number];

const isSame = (a: InBag, b: InBag) => a.colour === b.colour && a.tip === b.tip;

/** Of a bag, how much icing has gone onto cookies by some time, and in all, counted in cookies of one of its steps. */
function cookies(
  steps: BenchStep[],
  pressed: BenchEvent[],
  bag: InBag,
  until: number,
): { iced: number; all: number } {
  let iced = 0;
  let all = 0;
  for (const step of steps) {
    const own = step.bags.find((one) => isSame(one, bag));
    if (!own || bag.eachGrams === 0) continue;
    const times = own.eachGrams / bag.eachGrams;
    const events = pressed.filter((event) => event.step === step.key);
    iced += timesIced(events.filter((event) => Date.parse(event.at) <= until)).iced * times;
    const { redone, lost } = timesIced(events);
    all += (step.cookies + redone - lost) * times;
  }
  return { iced, all };
}

/** How often a cookie was iced, to be iced once more, and lost before it was. */
function timesIced(events: BenchEvent[]): { iced: number; redone: number; lost: number } {
  const on = new Set<number>();
  const ever = new Set<number>();
  let iced = 0;
  let redone = 0;
  let lost = 0;
  for (const event of events) {
    if (event.what === "ICED" && !on.has(event.amount)) {
      on.add(event.amount);
      ever.add(event.amount);
      iced++;
    } else if (event.what === "REDONE") {
      // What went wrong in the hand has had its icing as well.
      if (!on.delete(event.amount)) iced++;
      ever.add(event.amount);
      redone++;
    } else if (event.what === "BROKE" && !ever.has(event.amount)) lost++;
  }
  return { iced, redone, lost };
}

/** What went into a bag beyond the plan, in some time. */
function added(pressed: BenchEvent[], bag: InBag, from: number, until: number): number {
  return pressed
    .filter((event) => event.what === "ADDED" && event.words === bagWord(bag))
    .filter((event) => Date.parse(event.at) > from && Date.parse(event.at) <= until)
    .reduce((grams, event) => grams + event.amount, 0);
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
export function bagStanding(view: BenchView, all: BenchEvent[], bag: InBag): BagStanding {
  const back = undone(all);
  const pressed = all
    .filter((event) => !back.has(event.id))
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
  const weighed = pressed
    .filter((event) => event.what === "BAG" && event.words === bagWord(bag))
    .at(-1);
  const now = cookies(view.steps, pressed, bag, Infinity);
  if (!weighed) {
    const full = bag.fullGrams + added(pressed, bag, -Infinity, Infinity);
    return {
      bag,
      left: Math.max(bag.keepsGrams, full - now.iced * bag.eachGrams),
      isWeighed: false,
      toGo: now.all - now.iced,
      forecast: null,
    };
  }
  const at = Date.parse(weighed.at);
  const then = cookies(view.steps, pressed, bag, at);
  if (then.iced === 0)
    return { bag, left: weighed.amount, isWeighed: true, toGo: 0, forecast: null };
  // Bags before this one are empty, as far as the plan can tell; those after it are full.
  const comesOut = bag.fullGrams - bag.keepsGrams;
  const empty = Math.min(bag.bags - 1, Math.floor((then.iced * bag.eachGrams) / comesOut));
  const full = bag.bags - 1 - empty;
  const since = now.iced - then.iced;
  const more = added(pressed, bag, at, Infinity);
  const forecast = bagForecast({
    full:
      bag.bags * bag.fullGrams - empty * bag.keepsGrams + added(pressed, bag, -Infinity, at) + more,
    left: weighed.amount + full * bag.fullGrams + more,
    keeps: (full + 1) * bag.keepsGrams,
    iced: then.iced,
    toGo: then.all - then.iced,
    planned: bag.eachGrams,
    cookieVariation: view.cookieVariation,
    handVariation: view.handVariation,
  });
  return {
    bag,
    left: Math.max(0, weighed.amount + more - since * forecast.each),
    isWeighed: true,
    toGo: Math.max(0, then.all - then.iced - since),
    forecast: { ...forecast, cookies: Math.max(0, forecast.cookies - since) },
  };
}

/** By what a bag is told from others when it is weighed. */
export const bagWord = (bag: InBag) => (bag.tip ? `${bag.colour}, ${bag.tip}` : bag.colour);
