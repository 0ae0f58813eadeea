import type { State } from "../api/types";
import { kitchen, type Words } from "./words.svelte";

/** Grams as a scale in the kitchen shows them: whole from 20 g on, tenths below. */
export function grams(g: number): string {
  return g >= 19.95 || g === 0 ? Math.round(g).toLocaleString("en") : g.toFixed(1);
}

/** A chance in words: 0.02 is "1 in 50". */
export function chance(p: number): string {
  return p <= 0 ? "never" : `1 in ${Math.round(1 / p).toLocaleString("en")}`;
}

export function plural(n: number, one: string, many = one + "s"): string {
  return `${n.toLocaleString("en")} ${n === 1 ? one : many}`;
}

const day = new Intl.DateTimeFormat("en-GB", { weekday: "short", day: "numeric", month: "short" });

/** A date of the server (no zone) as a Date at local time. */
export function local(iso: string): Date {
  return new Date(iso.length === 10 ? iso + "T00:00" : iso);
}

/** "Sat 5 Dec" */
export function dayOf(iso: string): string {
  return day.format(local(iso)).replace(",", "");
}

/** "10:00" */
export function timeOf(iso: string): string {
  return iso.slice(11, 16);
}

/** Whole days from one date to another. */
export function daysBetween(from: string, to: string): number {
  const a = local(from.slice(0, 10)).getTime();
  const b = local(to.slice(0, 10)).getTime();
  return Math.round((b - a) / 86_400_000);
}

const gates = {
  BARE_COOKIE: "",
  WET: "while wet",
  SKINNED: "skinned",
  HALF_DRY: "half-dry",
  FIRM: "firm",
  SURFACE_DRY: "surface-dry",
  DRY_THROUGH: "dry through",
  TEXTURE_SHEET: "sheet peels off",
};

/** The word of a drying gate; empty for the bare cookie. */
export function gateWord(gate: keyof typeof gates): string {
  return gates[gate];
}

/** How long something takes: "25 min", "5 h", "1 h 40". */
export function lasting(minutes: number): string {
  const whole = Math.round(minutes);
  const rest = whole % 60;
  if (whole < 60) return `${whole} min`;
  return rest === 0 ? `${whole / 60} h` : `${Math.floor(whole / 60)} h ${rest}`;
}

/** A constant of the server in words: "DRY_THROUGH" is "dry through". */
export function said(constant: string): string {
  return constant.toLowerCase().replaceAll("_", " ");
}

/** The word of a consistency, with its count where the word alone does not say it. */
export function consistency(state: State, seconds: number): string {
  const count = `${Number(seconds.toFixed(1))} s`;
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
  return `+ ${g.toFixed(1)} g ${sugar ? "icing sugar" : "water"}${spoons ? ` (${tsp.toFixed(1)} tsp)` : ""}`;
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
          ? `tip ${portion.tips.join(portion.coupler ? " → " : ", ")}`
          : `cut ${portion.cutMm} mm`)
      );
  }
}

/** What the shop calls a consistency. */
export function stateWord(state: State): string {
  return kitchen.words[state.toLowerCase() as keyof Words];
}

/** The date so many days after another, as the server writes it: "2026-12-05". */
export function daysAfter(iso: string, days: number): string {
  const [year = 0, month = 1, day = 1] = iso.slice(0, 10).split("-").map(Number);
  return new Date(Date.UTC(year, month - 1, day + days)).toISOString().slice(0, 10);
}
