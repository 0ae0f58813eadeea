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
};

/** The word of a drying gate; empty for the bare cookie. */
export function gateWord(gate: keyof typeof gates): string {
  return gates[gate];
}

const states = {
  STIFF: "stiff",
  PIPING: "piping",
  MEDIUM: "medium",
  FLOOD: "flood",
  GLAZE: "glaze",
};

/** The word of a consistency, with its count where the word alone does not say it. */
export function consistency(state: keyof typeof states, seconds: number): string {
  const count = `${Number(seconds.toFixed(1))} s`;
  return state === "FLOOD" ? count : `${states[state]} ${count}`;
}

export function stateWord(state: keyof typeof states): string {
  return states[state];
}

/** The date so many days after another, as the server writes it: "2026-12-05". */
export function daysAfter(iso: string, days: number): string {
  const [year = 0, month = 1, day = 1] = iso.slice(0, 10).split("-").map(Number);
  return new Date(Date.UTC(year, month - 1, day + days)).toISOString().slice(0, 10);
}
