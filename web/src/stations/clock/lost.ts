export type Span = { from: string; to: string };

const DAY = 24 * 60;
const minutes = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));
const time = (of: number) =>
  `${String(Math.floor((of % DAY) / 60)).padStart(2, "0")}:${String(of % 60).padStart(2, "0")}:00`;

/** The spans of a day without so many minutes of work from a time on. */
export function without(spans: Span[], from: string, lost: number): Span[] {
  const now = minutes(from);
  let left = Math.round(lost);
  return spans.flatMap((span) => {
    const start = minutes(span.from);
    const end = minutes(span.to) || DAY;
    if (end <= now || left <= 0) return [span];
    const begin = Math.max(start, now);
    const gone = Math.min(left, end - begin);
    left -= gone;
    const before = begin > start ? [{ from: span.from, to: time(begin) }] : [];
    const after = begin + gone < end ? [{ from: time(begin + gone), to: span.to }] : [];
    return [...before, ...after];
  });
}
