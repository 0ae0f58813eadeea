import type { BenchStep } from "../../api/types";
import { plural, timeOf } from "../../units/format";
import { lineOf } from "./words";

const MINUTE_MS = 60_000;
/** What the clock shifts by less, nobody has to know. */
const LEAST_MINUTES = 5;

export type Moved = { later: number; earlier: number; mostMinutes: number; words: string };

const wall = (time: string) => Date.parse(`${time}Z`);

/** What the clock has put anew since an earlier look, of the steps that are still to do; null for nothing to speak of. */
export function moved(
  before: BenchStep[],
  after: BenchStep[],
  isDone: (step: BenchStep) => boolean,
): Moved | null {
  const was = new Map(before.map((step) => [step.key, step.from]));
  const all = after
    .filter((step) => step.from && was.get(step.key) && !isDone(step))
    .map((step) => ({
      step,
      minutes: (wall(step.from ?? "") - wall(was.get(step.key) ?? "")) / MINUTE_MS,
    }))
    .filter((one) => Math.abs(one.minutes) >= LEAST_MINUTES);
  if (all.length === 0) return null;
  const later = all.filter((one) => one.minutes > 0).length;
  const most = all.reduce((a, b) => (Math.abs(b.minutes) > Math.abs(a.minutes) ? b : a));
  const first = all[0];
  const lasting = (minutes: number) =>
    Math.abs(minutes) < 120
      ? `${Math.round(Math.abs(minutes))} min`
      : `${Math.round(Math.abs(minutes) / 60)} h`;
  const way = later === all.length ? "later" : later === 0 ? "earlier" : "otherwise";
  return {
    later,
    earlier: all.length - later,
    mostMinutes: most.minutes,
    words: `The clock has put ${plural(all.length, "step")} ${way}, by ${lasting(most.minutes)} at most${
      first?.step.from ? `: ${lineOf(first.step)} at ${timeOf(first.step.from)}` : ""
    }.`,
  };
}

/** Names of what waits for a step, and for what waits for that; in the clock's order. */
export function waitingFor(steps: BenchStep[], of: BenchStep): BenchStep[] {
  const tasks = new Set([of.task]);
  const found: BenchStep[] = [];
  for (let grew = true; grew;) {
    grew = false;
    for (const step of steps) {
      if (tasks.has(step.task) || !step.waits.some((wait) => tasks.has(wait.task))) continue;
      tasks.add(step.task);
      grew = true;
    }
  }
  for (const step of steps) if (step.task !== of.task && tasks.has(step.task)) found.push(step);
  return found;
}
