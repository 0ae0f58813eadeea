import type { BenchEvent } from "../../api/types";

/** What is so now of a step; as the server works it out, so that a device that is away goes on by itself. */
export type StepNow = {
  device: string | null;
  begunAt: string | null;
  begunGrams: number;
  doneAt: string | null;
  putOff: number;
  cant: string;
  water: number;
  counts: { seconds: number; water: number; at: string }[];
  iced: number[];
  everIced: number[];
  broken: number[];
  redone: number[];
  wrong: { cookie: number; cause: string; at: string }[];
  weights: Record<string, number>;
  added: Record<string, number>;
  bags: Record<string, { grams: number; iced: number }>;
  touched: { verdict: string; at: string } | null;
  /** On which cookies of it were iced. */
  devices: string[];
};

export const NOTHING: StepNow = {
  device: null,
  begunAt: null,
  begunGrams: 0,
  doneAt: null,
  putOff: 0,
  cant: "",
  water: 0,
  counts: [],
  iced: [],
  everIced: [],
  broken: [],
  redone: [],
  wrong: [],
  weights: {},
  added: {},
  bags: {},
  touched: null,
  devices: [],
};

/** Words of a beginning: taken over from another device. */
export const OVER = "OVER";

const compared = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);

/** By time, and of the same time by their id: the same whatever arrived when, and however often. */
function inOrder(events: BenchEvent[]): BenchEvent[] {
  const once = new Map<string, BenchEvent>();
  for (const event of events) if (!once.has(event.id)) once.set(event.id, event);
  return [...once.values()].sort(
    (a, b) => Date.parse(a.at) - Date.parse(b.at) || compared(a.id, b.id),
  );
}

/** Ids of what is taken back; an undoing can be taken back itself. */
export function undone(sorted: BenchEvent[]): Set<string> {
  const undone = new Set<string>();
  for (const event of sorted.toReversed()) {
    if (event.what === "UNDONE" && !undone.has(event.id)) undone.add(event.words);
  }
  return undone;
}

const numbers = (set: Set<number>) => [...set].sort((a, b) => a - b);

/** What is so now of each step, from all that was pressed. */
export function happened(events: BenchEvent[]): Record<string, StepNow> {
  const sorted = inOrder(events);
  const back = undone(sorted);
  const steps = new Map<string, BenchEvent[]>();
  for (const event of sorted) {
    if (event.what === "UNDONE" || back.has(event.id)) continue;
    const own = steps.get(event.step) ?? [];
    own.push(event);
    steps.set(event.step, own);
  }
  return Object.fromEntries([...steps].map(([step, own]) => [step, now(own)]));
}

function now(events: BenchEvent[]): StepNow {
  const step = structuredClone(NOTHING);
  const iced = new Set<number>();
  const everIced = new Set<number>();
  const broken = new Set<number>();
  let timesIced = 0;
  const begin = (event: BenchEvent) => {
    step.begunAt ??= event.at;
    if (event.what !== "ICED" && step.begunGrams === 0) step.begunGrams = event.amount;
    const takesOver = event.what === "BEGUN" && event.words === OVER;
    if (step.device === null || takesOver) step.device = event.device || step.device;
    step.cant = "";
  };
  // Two devices that did not hear of each other have counted each for itself: a number that is another's is the next that nobody has.
  const counted = (event: BenchEvent) => `${event.device} ${event.amount}`;
  const icedAs = new Map<number, string>();
  const elsewhere = new Map<string, number>();
  const cookie = (event: BenchEvent) => elsewhere.get(counted(event)) ?? event.amount;
  const icedHere = (event: BenchEvent) => {
    let number = cookie(event);
    if (iced.has(number) && icedAs.get(number) !== counted(event)) {
      for (number = 1; everIced.has(number); number++);
      elsewhere.set(counted(event), number);
    }
    icedAs.set(number, counted(event));
    return number;
  };
  for (const event of events) {
    switch (event.what) {
      case "BEGUN":
        begin(event);
        break;
      case "DONE":
        begin(event);
        step.doneAt ??= event.at;
        break;
      case "PUT_OFF":
        step.putOff++;
        step.device = null;
        break;
      case "CANT":
        step.cant = event.words || "not possible now";
        step.device = null;
        break;
      case "WEIGHED":
        step.weights[event.words] = event.amount;
        break;
      case "WATER":
        step.water += event.amount;
        break;
      case "COUNT":
        step.counts.push({ seconds: event.amount, water: step.water, at: event.at });
        break;
      case "ICED":
        begin(event);
        {
          const number = icedHere(event);
          if (!iced.has(number)) timesIced++;
          iced.add(number);
          everIced.add(number);
          if (!step.devices.includes(event.device)) step.devices.push(event.device);
        }
        break;
      case "BROKE":
        iced.delete(cookie(event));
        broken.add(cookie(event));
        break;
      case "REDONE":
        // What went wrong in the hand has had its icing as well.
        if (!iced.delete(cookie(event))) timesIced++;
        everIced.add(cookie(event));
        step.redone.push(cookie(event));
        break;
      case "ADDED":
        step.added[event.words] = (step.added[event.words] ?? 0) + event.amount;
        break;
      case "WRONG":
        step.wrong.push({ cookie: cookie(event), cause: event.words, at: event.at });
        break;
      case "BAG":
        step.bags[event.words] = { grams: event.amount, iced: timesIced };
        break;
      case "TOUCHED":
        step.touched = { verdict: event.words, at: event.at };
        break;
    }
  }
  step.devices.sort(compared);
  step.iced = numbers(iced);
  step.everIced = numbers(everIced);
  step.broken = numbers(broken);
  return step;
}
