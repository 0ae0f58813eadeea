import type { ClockView } from "../../api/types";

/** A time of the clock on the wall as milliseconds, to be counted with and not to be shown. */
export const at = (iso: string): number => Date.parse(`${iso}Z`);

const HOUR = 3_600_000;
/** A pause shorter than this is drawn as long as it is; a longer one, and the night, is folded. */
const LONGEST_PAUSE = 3 * HOUR;
const FOLDED_PX = 46;
const LEAST_PX_AN_HOUR = 24;

export type Stretch = { from: number; to: number; x: number; width: number; isFolded: boolean };
export type Scale = { x: (time: number) => number; width: number; stretches: Stretch[] };

/** Where times lie from left to right: working time as long as it is, nights and closed days folded. */
export function scaleOf(view: ClockView, room: number): Scale {
  const runs = view.rows.flatMap((row) => row.runs);
  const first = Math.min(...runs.map((run) => at(run.from)));
  const last = Math.max(
    at(view.handOver),
    ...runs.map((run) => Math.max(at(run.to), run.until ? at(run.until) : 0)),
  );
  const open: { from: number; to: number }[] = [];
  for (const sitting of view.sittings) {
    const from = Math.max(first, at(sitting.from));
    const to = Math.min(last, at(sitting.to));
    const before = open.at(-1);
    if (to <= from) continue;
    if (before && from - before.to < LONGEST_PAUSE) before.to = to;
    else open.push({ from, to });
  }
  // A day on which nothing of the order is done is folded like a night.
  const worked = open.filter(
    (one) =>
      runs.some((run) => at(run.from) < one.to && at(run.to) > one.from) ||
      (at(view.handOver) > one.from && at(view.handOver) <= one.to),
  );
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
  const anHour = Math.max(LEAST_PX_AN_HOUR, (room - folded * FOLDED_PX) / Math.max(1, hours));
  let x = 0;
  const stretches = parts.map((part) => {
    const width = part.isFolded ? FOLDED_PX : ((part.to - part.from) / HOUR) * anHour;
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
