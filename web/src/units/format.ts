import type { State } from "../api/types";
import { daysBetween, todayHere } from "./dates";
import { locale } from "./locale.svelte";
import { kitchen, type Words } from "./words.svelte";

export { dayOf, daysAfter, daysBetween, timeOf } from "./dates";

/** A number as the shop writes it, with so many digits behind the point. */
export function fixed(n: number, digits: number): string {
  return locale.number(n, digits);
}

const OUNCE_GRAMS = 28.349523125;
const INCH_MM = 25.4;

/** The same in ounces, where the shop wants that beside the grams: " (29.0 oz)". */
export function ounces(g: number): string {
  return locale.isUs ? ` (${fixed(g / OUNCE_GRAMS, g < 283 ? 2 : 1)} oz)` : "";
}

/** The same in inches, where the shop wants that beside the mm: " (3.1 in)". */
export function inches(...mm: number[]): string {
  return locale.isUs ? ` (${mm.map((one) => fixed(one / INCH_MM, 2)).join(" × ")} in)` : "";
}

/** Grams as a scale in the kitchen shows them: whole from 20 g on, tenths below. */
export function grams(g: number): string {
  return g >= 19.95 || g === 0 ? fixed(Math.round(g), 0) : fixed(g, 1);
}

/** A figure with no more digits than a kitchen measures: 103, 25.4, 6.3, 0.26. */
export function short(n: number): string {
  const size = Math.abs(n);
  const digits = size >= 100 ? 0 : size >= 2 ? 1 : 2;
  return fixed(Math.round(n * 10 ** digits) / 10 ** digits, digits)
    .replace(/([.,]\d*?)0+$/, "$1")
    .replace(/[.,]$/, "");
}

/** A chance in words: 0.02 is "1 in 50". */
export function chance(p: number): string {
  return p <= 0 ? "never" : `1 in ${fixed(Math.round(1 / p), 0)}`;
}

export function plural(n: number, one: string, many = one + "s"): string {
  return `${fixed(n, 0)} ${n === 1 ? one : many}`;
}

const gates = {
  BARE_COOKIE: "",
  WET: "while wet",
  PRINT_DRY: "paint dry",
  TOUCHING: "line set",
  DOTS_SET: "dots set",
  SKINNED: "skinned",
  LINES_HOLD: "lines hold",
  HALF_DRY: "half-dry",
  LINES_SET: "lines set",
  FIRM: "firm",
  LINES_DRY: "lines dry",
  SURFACE_DRY: "surface-dry",
  LIFTS_OFF: "lifts off the film",
  DRY_THROUGH: "dry through",
  TEXTURE_SHEET: "sheet peels off",
};

/** The word of a drying gate; empty for the bare cookie. */
export function gateWord(gate: keyof typeof gates): string {
  return gates[gate];
}

const DAY_MINUTES = 24 * 60;

/** How long something takes: "25 min", "5 h", "1 h 40", "3 days 23 h". */
export function lasting(minutes: number): string {
  const whole = Math.round(minutes);
  const rest = whole % 60;
  if (whole >= 2 * DAY_MINUTES) {
    const hours = Math.round((whole % DAY_MINUTES) / 60);
    return hours === 0 || hours === 24
      ? `${Math.round(whole / DAY_MINUTES)} days`
      : `${Math.floor(whole / DAY_MINUTES)} days ${hours} h`;
  }
  if (whole < 60) return `${whole} min`;
  return rest === 0 ? `${whole / 60} h` : `${Math.floor(whole / 60)} h ${rest}`;
}

/** A constant of the server in words: "DRY_THROUGH" is "dry through". */
export function said(constant: string): string {
  return constant.toLowerCase().replaceAll("_", " ");
}

/** The word of a consistency, with its count where the word alone does not say it. */
export function consistency(state: State, seconds: number): string {
  const count = `${locale.number(seconds, Number.isInteger(Number(seconds.toFixed(1))) ? 0 : 1)} s`;
  return state === "FLOOD" && kitchen.plainFlood ? count : `${stateWord(state)} ${count}`;
}

const TEASPOON_WATER_GRAMS = 4.93;
const TEASPOON_SUGAR_GRAMS = 2.5;

/** What is stirred in: "+ 6.0 g water", "+ 12 g icing sugar", or "as it is". */
export function stirred(into: { waterGrams: number; sugarGrams: number }, spoons = false): string {
  const sugar = into.sugarGrams > 0.05;
  const g = sugar ? into.sugarGrams : into.waterGrams;
  if (g < 0.05) return "as it is";
  const tsp = g / (sugar ? TEASPOON_SUGAR_GRAMS : TEASPOON_WATER_GRAMS);
  return `+ ${fixed(g, 1)} g ${sugar ? "icing sugar" : "water"}${spoons ? ` (${fixed(tsp, 1)} tsp)` : ""}`;
}

/** What icing goes on out of: bags with their tips, a dip bowl, a scraper's loads, a spatula. */
export function outOf(portion: {
  vessel: string;
  bags: number;
  tips: string[];
  largeBags: boolean;
  coupler: boolean;
  cutMm: number;
}): string {
  const times = `${portion.bags > 1 ? `${portion.bags} × ` : ""}${portion.largeBags ? "large, " : ""}`;
  switch (portion.vessel) {
    case "BOTTLE":
      return portion.bags > 1 ? `${portion.bags} bottles` : "bottle";
    case "DIP_BOWL":
      return "dip bowl";
    case "SCRAPER":
      return portion.bags > 1 ? `scraper, ${portion.bags} loads` : "scraper";
    case "SPATULA":
      return "spatula";
    default:
      if (portion.largeBags && portion.tips.length === 0)
        return portion.bags > 1 ? `${portion.bags} large bags` : "large bag";
      return (
        times +
        (portion.tips.length
          ? tipsSaid(portion.tips, portion.coupler ? " → " : ", ")
          : `cut ${portion.cutMm} mm`)
      );
  }
}

const CUT = /^cut (\d+(?:\.\d+)?)$/;

/** The width in mm that a bag without a tip is cut to; null for a tip. */
export function cutOf(tip: string): number | null {
  const width = CUT.exec(tip)?.[1];
  return width === undefined ? null : Number(width);
}

function tipsSaid(all: string[], between: string): string {
  const tips = all.filter((tip) => cutOf(tip) === null);
  const cuts = all.filter((tip) => cutOf(tip) !== null).map((cut) => `${cut} mm`);
  return [...(tips.length ? [`tip ${tips.join(between)}`] : []), ...cuts].join(", ");
}

/** What the shop calls a consistency. */
export function stateWord(state: State): string {
  return kitchen.words[state.toLowerCase() as keyof Words];
}

/** What is odd about a hand-over; empty when nothing is. */
export function aboutHandOver(iso: string): string {
  const today = todayHere();
  const days = daysBetween(today, iso);
  if (!iso || Number.isNaN(days)) return "";
  if (days < 0) return "This day is over. If that is meant, leave it so; else pick another one.";
  return days > 366 ? `This is more than a year away, in ${iso.slice(0, 4)}.` : "";
}
