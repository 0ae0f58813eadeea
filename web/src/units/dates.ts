import { locale } from "./locale.svelte";

const DAY_MS = 86_400_000;
const DAYS = ["Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"];
export const MONTHS = [
  "January",
  "February",
  "March",
  "April",
  "May",
  "June",
  "July",
  "August",
  "September",
  "October",
  "November",
  "December",
];

/** A date of the server, which has no zone, as its parts. */
function partsOf(iso: string) {
  const [year = 0, month = 1, day = 1] = iso.slice(0, 10).split("-").map(Number);
  return { year, month, day, utc: Date.UTC(year, month - 1, day) };
}

/** Today by the clock on the wall, as the server writes a date. */
export function todayHere(): string {
  const now = new Date();
  return isoOf(Date.UTC(now.getFullYear(), now.getMonth(), now.getDate()));
}

function isoOf(utc: number): string {
  return new Date(utc).toISOString().slice(0, 10);
}

/** "Sat 5 Dec", with the year where it is not this one; by the shop's customs "Sat, Dec 5" or "Sat 2026-12-05". */
export function dayOf(iso: string, always = false): string {
  const { year, month, day, utc } = partsOf(iso);
  const weekday = DAYS[new Date(utc).getUTCDay()] ?? "";
  const name = (MONTHS[month - 1] ?? "").slice(0, 3);
  const far = always || year !== new Date().getFullYear();
  switch (locale.customs.dates) {
    case "YEAR_FIRST":
      return `${weekday} ${iso.slice(0, 10)}`;
    case "MONTH_FIRST":
      return `${weekday}, ${name} ${day}${far ? `, ${year}` : ""}`;
    default:
      return `${weekday} ${day} ${name}${far ? ` ${year}` : ""}`;
  }
}

/** The day of the week, "Sat". */
export function weekdayOf(iso: string): string {
  return DAYS[new Date(partsOf(iso).utc).getUTCDay()] ?? "";
}

/** "10:00" */
export function timeOf(iso: string): string {
  return iso.slice(11, 16);
}

/** Whole days from one date to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((partsOf(to).utc - partsOf(from).utc) / DAY_MS);
}

/** The date so many days after another: "2026-12-05". */
export function daysAfter(iso: string, days: number): string {
  return isoOf(partsOf(iso).utc + days * DAY_MS);
}

/** The first day of the week that a date lies in. */
export function weekOf(iso: string): string {
  const weekday = new Date(partsOf(iso).utc).getUTCDay();
  return daysAfter(iso, -((weekday - locale.weekStart + 7) % 7));
}

/** The month after so many others: "2026-12" and 1 is "2027-01". */
export function monthsAfter(month: string, months: number): string {
  const { year, month: m } = partsOf(`${month}-01`);
  return isoOf(Date.UTC(year, m - 1 + months, 1)).slice(0, 7);
}

/** The weeks of a month, each with its seven days; null where a day belongs to another month. */
export function weeksOf(month: string): (string | null)[][] {
  const first = weekOf(`${month}-01`);
  const weeks: (string | null)[][] = [];
  for (let day = first; weeks.length === 0 || day.startsWith(month); day = daysAfter(day, 7)) {
    weeks.push(
      Array.from({ length: 7 }, (_, i) => {
        const one = daysAfter(day, i);
        return one.startsWith(month) ? one : null;
      }),
    );
  }
  return weeks;
}

/**
 * What a typed date means: 5 Dec, Dec 5 2027, 5.12., 12/5/2026, 2026-12-05, a weekday for the next of it. Undefined when it is no date.
 *
 * @param today a date without a year is the next of that name from then on
 */
export function readDate(text: string, today: string): string | undefined {
  const plain = text.trim().toLowerCase();
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(plain);
  if (iso) return valid(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  const words = plain.split(/[\s,./-]+/).filter(Boolean);
  const numbers = words.filter((word) => /^\d+$/.test(word)).map(Number);
  const month = words
    .map((word) =>
      MONTHS.findIndex((name) => word.length > 2 && name.toLowerCase().startsWith(word)),
    )
    .find((found) => found >= 0);
  const weekday = words
    .map((word) => DAYS.findIndex((name) => word.startsWith(name.toLowerCase())))
    .find((found) => found >= 0);
  if (numbers.length === 0 && month === undefined && weekday !== undefined) {
    const now = new Date(partsOf(today).utc).getUTCDay();
    return daysAfter(today, (weekday - now + 7) % 7 || 7);
  }
  const [first = 0, second = 0, third] = numbers;
  if (month !== undefined) return near(first, month + 1, numbers[1], today);
  if (numbers.length < 2) return undefined;
  return locale.customs.dates === "MONTH_FIRST"
    ? near(second, first, third, today)
    : near(first, second, third, today);
}

function near(day: number, month: number, year: number | undefined, today: string) {
  if (year !== undefined) return valid(year < 100 ? 2000 + year : year, month, day);
  const here = partsOf(today).year;
  const date = valid(here, month, day);
  return date !== undefined && date < today ? valid(here + 1, month, day) : date;
}

function valid(year: number, month: number, day: number): string | undefined {
  if (year < 2000 || year > 2199) return undefined;
  const iso = isoOf(Date.UTC(year, month - 1, day));
  return iso === `${year}-${String(month).padStart(2, "0")}-${String(day).padStart(2, "0")}`
    ? iso
    : undefined;
}

/** What a typed time means: 10, 9:30, 9.30, 3 pm. Undefined when it is no time. */
export function readTime(text: string): string | undefined {
  const found = /^(\d{1,2})(?:[:.h]?(\d{2}))?\s*(am|pm)?$/.exec(text.trim().toLowerCase());
  if (!found) return undefined;
  const half = found[3];
  const hour = (Number(found[1]) % (half ? 12 : 25)) + (half === "pm" ? 12 : 0);
  const minute = Number(found[2] ?? 0);
  if (hour > 23 || minute > 59 || (half && Number(found[1]) > 12)) return undefined;
  return `${String(hour).padStart(2, "0")}:${String(minute).padStart(2, "0")}`;
}

/** A moment in ms as an instant in words that every machine reads. */
export function instantOf(ms: number): string {
  return new Date(ms).toISOString();
}

/** The day and the time of a moment in a place's own words; of one that can't be read, each as it was typed. */
export function dayAndTime(moment: string): [day: string, time: string] {
  const readable = /^(\d{4}-\d\d-\d\d)T(.*)$/.exec(moment) ?? /^(.*)T(\d\d:\d\d.*)$/.exec(moment);
  const [, day = moment, time = ""] = readable ?? /^([^T]*)T(.*)$/.exec(moment) ?? [];
  return [day, /^\d\d:\d\d:\d\d/.test(time) ? time.slice(0, 5) : time];
}
