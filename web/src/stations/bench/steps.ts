import type { BenchStep } from "../../api/types";
import { touchedGate } from "../../core/rules";
import { NOTHING, type StepNow } from "./happened";

/** What is so of a step, and when it can be done. */
export type Standing = {
  step: BenchStep;
  now: StepNow;
  /** When it can be begun, in ms; null while something that it waits for is not done. */
  readyAt: number | null;
};

/** Something that dries, cools or is chilled. */
export type Drying = {
  step: BenchStep;
  now: StepNow;
  word: "chills" | "cools" | "dries" | "dries through";
  until: number;
  from: number;
};

type Nows = Record<string, StepNow>;

const nowOf = (nows: Nows, step: BenchStep) => nows[step.key] ?? NOTHING;

const toMs = (seconds: number) => seconds * 1000;

/** When each task was done, in ms: when the last of its steps was. */
function doneTasks(steps: BenchStep[], nows: Nows): Map<string, number> {
  const last = new Map<string, number>();
  const open = new Set<string>();
  for (const step of steps) {
    const now = nowOf(nows, step);
    if (!now.doneAt) open.add(step.task);
    else last.set(step.task, Math.max(last.get(step.task) ?? 0, Date.parse(now.doneAt)));
  }
  for (const task of open) last.delete(task);
  return last;
}

/** When what waits so long after a task may begin: earlier or later where somebody has touched it. */
function readyAfter(doneAt: number, seconds: number, now: StepNow): number {
  if (!now.touched) return doneAt + toMs(seconds);
  const touched = (Date.parse(now.touched.at) - doneAt) / 1000;
  return doneAt + toMs(touchedGate(seconds, touched, now.touched.verdict === "SKINNED"));
}

/** All steps that are not done, with when they can be. */
export function standings(steps: BenchStep[], nows: Nows): Standing[] {
  const done = doneTasks(steps, nows);
  const ofTask = new Map(steps.map((step) => [step.task, nowOf(nows, step)]));
  const isThere = new Set(steps.map((step) => step.task));
  const open = steps.filter((step) => !nowOf(nows, step).doneAt);
  const parts = new Map(open.toReversed().map((step) => [step.task, step.key]));
  return open.map((step) => {
    // A bowl comes down its ladder part by part.
    let readyAt: number | null = parts.get(step.task) === step.key ? 0 : null;
    for (const wait of step.waits) {
      if (!isThere.has(wait.task)) continue;
      const at = done.get(wait.task);
      if (at === undefined) readyAt = null;
      else if (readyAt !== null)
        readyAt = Math.max(readyAt, readyAfter(at, wait.seconds, ofTask.get(wait.task) ?? NOTHING));
    }
    return { step, now: nowOf(nows, step), readyAt };
  });
}

/** What is pressed with the beginning or the end of a step: of dough how much was wanted then, so that it is known when more is wanted later. */
export const amountOf = (step: BenchStep): number =>
  step.doing === "DOUGH" ? step.weighed.reduce((sum, line) => sum + line.grams, 0) : 0;

/** Begun on another device, and neither done nor put off since. */
export function isElsewhere(now: StepNow, device: string): boolean {
  return Boolean(now.device && now.device !== device && now.begunAt && !now.doneAt);
}

/**
 * The step to do now: the one that this device has begun; else the first by the clock that can be done, that nobody else has, that was not
 * put off or found impossible. Of those put off the one that was so least; null where all waits.
 */
export function nextStep(all: Standing[], device: string, at: number): Standing | null {
  const own = all.find((one) => one.now.begunAt && one.now.device === device);
  if (own) return own;
  const can = all.filter(
    (one) =>
      one.readyAt !== null &&
      one.readyAt <= at &&
      (one.now.device === null || one.now.device === device),
  );
  // What was begun and belongs to nobody comes first.
  const rank = (one: Standing) =>
    one.now.putOff + (one.now.cant ? 1000 : 0) - (one.now.begunAt && !one.now.putOff ? 0.5 : 0);
  return can.reduce<Standing | null>(
    (best, one) => (best === null || rank(one) < rank(best) ? one : best),
    null,
  );
}

/** What dries, cools or is chilled now, what is ready first first. */
export function drying(steps: BenchStep[], nows: Nows): Drying[] {
  const done = doneTasks(steps, nows);
  const found = new Map<string, Drying>();
  const byTask = new Map(steps.map((step) => [step.task, step]));
  for (const step of steps) {
    if (nowOf(nows, step).doneAt || nowOf(nows, step).begunAt) continue;
    for (const wait of step.waits) {
      const before = byTask.get(wait.task);
      const at = done.get(wait.task);
      if (!before || at === undefined || wait.seconds === 0) continue;
      const now = nowOf(nows, before);
      const until = readyAfter(at, wait.seconds, now);
      const word =
        wait.why === "CHILL"
          ? "chills"
          : wait.why === "COOL"
            ? "cools"
            : wait.why === "DRY_THROUGH"
              ? "dries through"
              : "dries";
      const known = found.get(before.task);
      if (!known || known.until < until)
        found.set(before.task, { step: before, now, word, until, from: at });
    }
  }
  return [...found.values()].sort((a, b) => a.until - b.until);
}
