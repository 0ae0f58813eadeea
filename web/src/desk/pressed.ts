import type { BenchEvent } from "../api/types";

/** Those of some events that are not among others. */
export function notAmong(known: BenchEvent[], events: BenchEvent[]): BenchEvent[] {
  const ids = new Set(known.map((event) => event.id));
  return events.filter((event) => !ids.has(event.id));
}
