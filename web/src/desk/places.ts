/** A tree of JSON, changed place by place. Places are JSON pointers (RFC 6901), such as /designs/7/count. */

type Container = Record<string, unknown> | unknown[];

const isContainer = (node: unknown): node is Container => typeof node === "object" && node !== null;

/** The parts of a pointer. */
export function parts(path: string): string[] {
  return path
    .split("/")
    .slice(1)
    .map((part) => part.replaceAll("~1", "/").replaceAll("~0", "~"));
}

/** A pointer to a place inside another one. */
export function inside(path: string, part: string | number): string {
  return `${path}/${String(part).replaceAll("~", "~0").replaceAll("/", "~1")}`;
}

/** The place that the server's field path names: moves[2].widthMm is /moves/2/widthMm. */
export function placeOf(field: string): string {
  return field === "" ? "" : `/${field.replaceAll(/\[(\d+)\]/g, ".$1").replaceAll(".", "/")}`;
}

/** Whether one place is the other, or lies inside it. */
export function lies(path: string, within: string): boolean {
  return path === within || path.startsWith(`${within}/`);
}

/** What stands in a place; undefined for nothing. */
export function at(tree: unknown, path: string): unknown {
  return parts(path).reduce<unknown>(
    (node, part) => (isContainer(node) ? (node as Record<string, unknown>)[part] : undefined),
    tree,
  );
}

/** Whether two trees hold the same; a place that is undefined is no place. */
export function same(one: unknown, other: unknown): boolean {
  if (one === other) return true;
  if (!isContainer(one) || !isContainer(other) || Array.isArray(one) !== Array.isArray(other)) {
    return false;
  }
  const names = new Set([...Object.keys(one), ...Object.keys(other)]);
  return [...names].every((name) =>
    same((one as Record<string, unknown>)[name], (other as Record<string, unknown>)[name]),
  );
}

/** The tree with something else in one place; undefined takes it away. What is not on the way there stays the same object. */
export function put<T>(tree: T, path: string, now: unknown): T {
  const [first, ...rest] = parts(path);
  if (first === undefined) return now as T;
  if (!isContainer(tree)) return tree;
  const below = (tree as Record<string, unknown>)[first];
  const value = rest.length === 0 ? now : put(below, rest.reduce(inside, ""), now);
  if (Array.isArray(tree)) {
    const copy = [...(tree as unknown[])];
    if (value === undefined) copy.splice(Number(first), 1);
    else copy[Number(first)] = value;
    return copy as T;
  }
  const copy = { ...(tree as Record<string, unknown>) };
  if (value === undefined) Reflect.deleteProperty(copy, first);
  else copy[first] = value;
  return copy as T;
}

export type Difference = { path: string; was: unknown; now: unknown };

/** Where two trees differ: lists of the same length element by element, others as a whole. */
export function differences(before: unknown, after: unknown, path = ""): Difference[] {
  if (same(before, after)) return [];
  const bothLists = Array.isArray(before) && Array.isArray(after);
  const bothObjects =
    isContainer(before) && isContainer(after) && !Array.isArray(before) && !Array.isArray(after);
  if (bothObjects || (bothLists && before.length === after.length && !isReordered(before, after))) {
    const names = new Set([...Object.keys(before), ...Object.keys(after)]);
    return [...names].flatMap((name) =>
      differences(
        (before as Record<string, unknown>)[name],
        (after as Record<string, unknown>)[name],
        inside(path, name),
      ),
    );
  }
  return [{ path, was: before, now: after }];
}

/** The same elements in another order are one change of the list, not a change of each element. */
function isReordered(before: unknown[], after: unknown[]): boolean {
  const changed = after.filter((one, i) => !same(one, before[i]));
  return changed.length > 1 && changed.some((one) => before.some((other) => same(one, other)));
}

/**
 * What two hands did to one list, where they did it apart from each other; undefined where they met. What both have put in at the same point is there
 * twice, theirs first: that was stored first.
 */
export function joinedLists(
  was: unknown[],
  mine: unknown[],
  theirs: unknown[],
): unknown[] | undefined {
  const ours = changedRange(was, mine);
  const others = changedRange(was, theirs);
  const apart = ours.to <= others.from || others.to <= ours.from;
  if (!apart) return undefined;
  const isOursFirst = ours.from < others.from || (ours.from === others.from && ours.to < others.to);
  const [first, second] = isOursFirst ? [ours, others] : [others, ours];
  return [
    ...was.slice(0, first.from),
    ...first.now,
    ...was.slice(first.to, second.from),
    ...second.now,
    ...was.slice(second.to),
  ];
}

function changedRange(was: unknown[], now: unknown[]) {
  let from = 0;
  while (from < was.length && from < now.length && same(was[from], now[from])) from++;
  let tail = 0;
  while (
    tail < was.length - from &&
    tail < now.length - from &&
    same(was[was.length - 1 - tail], now[now.length - 1 - tail])
  )
    tail++;
  return { from, to: was.length - tail, now: now.slice(from, now.length - tail) };
}
