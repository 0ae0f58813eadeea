import type { ClockView } from "../../api/types";

/** A time of the clock on the wall as milliseconds, to be counted with and not to be shown. */
export const at = (iso: string): number => Date.parse(`${iso}Z`);

const HOUR = 3_600_000;
/** A pause shorter than this is drawn as long as it is; a longer one, and the night, is folded. */
const LONGEST_PAUSE = 3 * HOUR;
const AROUND = HOUR / 4;
/** A day's name has room over its stretch. */
const LEAST_OPEN_PX = 92;
const FOLDED_PX = 46;
const LEAST_PX_AN_HOUR = 30;
const MOST_PX_AN_HOUR = 190;

export type Stretch = { from: number; to: number; x: number; width: number; isFolded: boolean };
export type Scale = { x: (time: number) => number; width: number; stretches: Stretch[] };

/** Where times lie from left to right: working time as long as it is, nights and closed days folded. */
export function scaleOf(view: ClockView, room: number, rows: ClockView["rows"] = view.rows): Scale {
  const runs = rows.flatMap((row) => row.runs);
  const first = Math.min(...runs.map((run) => at(run.from)));
  const last = Math.max(
    at(view.handOver),
    ...runs.map((run) => Math.max(at(run.to), run.until ? at(run.until) : 0)),
  );
  // Open where hands work, and a little around; what lies further apart is folded.
  const open: { from: number; to: number }[] = [];
  const spans = [
    ...runs.map((run) => ({ from: at(run.from), to: at(run.to) })),
    { from: at(view.handOver), to: at(view.handOver) },
  ].sort((a, b) => a.from - b.from);
  for (const span of spans) {
    const before = open.at(-1);
    if (before && span.from - before.to < LONGEST_PAUSE) before.to = Math.max(before.to, span.to);
    else open.push({ from: Math.max(first, span.from - AROUND), to: span.to });
  }
  const worked = open.map((one) => ({ from: one.from, to: Math.min(last, one.to + AROUND) }));
  const parts: { from: number; to: number; isFolded: boolean }[] = [];
  let until = first;
  for (const one of worked) {
    if (one.from > until) parts.push({ from: until, to: one.from, isFolded: true });
    parts.push({ ...one, isFolded: false });
    until = one.to;
  }
  if (last > until) parts.push({ from: until, to: last, isFolded: last - until >= LONGEST_PAUSE });
  const folded = parts.filter((part) => part.isFolded).length;
  const hours =
    parts.reduce((sum, part) => sum + (part.isFolded ? 0 : part.to - part.from), 0) / HOUR;
  const anHour = Math.min(
    MOST_PX_AN_HOUR,
    Math.max(LEAST_PX_AN_HOUR, (room - folded * FOLDED_PX) / Math.max(1, hours)),
  );
  let x = 0;
  const stretches = parts.map((part) => {
    const width = part.isFolded
      ? FOLDED_PX
      : Math.max(LEAST_OPEN_PX, ((part.to - part.from) / HOUR) * anHour);
    const stretch = { ...part, x, width };
    x += width;
    return stretch;
  });
  return {
    width: x,
    stretches,
    x(time) {
      const inside = stretches.find((one) => time <= one.to) ?? stretches.at(-1);
      if (!inside) return 0;
      const share = (time - inside.from) / Math.max(1, inside.to - inside.from);
      return inside.x + Math.max(0, Math.min(1, share)) * inside.width;
    },
  };
}

/** Whole hours within the open stretches, every so many. */
export function hoursOf(scale: Scale): { x: number; word: string }[] {
  const ticks: { x: number; word: string }[] = [];
  const open = scale.stretches.filter((one) => !one.isFolded);
  const hours = open.reduce((sum, one) => sum + (one.to - one.from), 0) / HOUR;
  const every = (hours > 40 ? 4 : 2) * HOUR;
  for (const one of open) {
    for (let time = Math.ceil(one.from / every) * every; time < one.to; time += every) {
      ticks.push({ x: scale.x(time), word: String(new Date(time).getUTCHours()) });
    }
  }
  return ticks;
}
