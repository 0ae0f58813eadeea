const CALM_MS = 700;

let last = 0;

/** Removes, unless something was removed just now: the second of two quick presses is meant for the same thing. */
export function calmly(remove: () => void): void {
  const now = Date.now();
  if (now - last < CALM_MS) return;
  last = now;
  remove();
}
