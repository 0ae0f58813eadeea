import { at, differences, inside, joinedLists, lies, parts, put, same } from "./places";

/** A change that is not stored yet. */
export type Pending = {
  path: string;
  /** What stood there when it was made; undefined for nothing. */
  was: unknown;
  /** What is to stand there; undefined for nothing. */
  now: unknown;
  /** The element of a list that the place lies in, as it was: by it the place is found again when the list has changed. */
  owner?: unknown;
  /** The same for all that was typed into one field in one go. */
  gesture: string | null;
  /** Whether it was typed: then it stays as typed, whatever is wrong with it. */
  typed: boolean;
  /** On its way. */
  sent: boolean;
  /** The patch that it went with, made on that revision, as long as nobody knows whether it arrived: it is sent again so, and counts once. */
  patch?: { id: string; revision: number };
  /** Why it can't be stored, or not yet. */
  sentence?: string;
  /** Somebody else has changed the same place meanwhile, to this. */
  theirs?: { value: unknown };
};

/** Whether a change waits for her: it was refused, or somebody else changed the same. */
export const isHeld = (edit: Pending) => edit.sentence !== undefined || edit.theirs !== undefined;

/** The tree with changes in their places. */
export function applied<T>(tree: T, edits: Pending[]): T {
  return edits.reduce((now, edit) => put(now, edit.path, edit.now), tree);
}

/** Changes of one place one after the other are one, except where the first is on its way, or was. */
export function compact(edits: Pending[]): Pending[] {
  const all: Pending[] = [];
  for (const edit of edits) {
    const i = all.findLastIndex(
      (one) => one.path === edit.path && !one.sent && !one.patch && !edit.sent && !edit.patch,
    );
    const earlier = all[i];
    // What came between may lie around or inside: then the order counts.
    const between = all
      .slice(i + 1)
      .some((one) => lies(one.path, edit.path) || lies(edit.path, one.path));
    if (!earlier || between) all.push(edit);
    else all[i] = { ...edit, was: earlier.was, owner: earlier.owner };
  }
  return all.filter(
    (edit) => edit.sent || Boolean(edit.patch) || isHeld(edit) || !same(edit.was, edit.now),
  );
}

/** The place of the nearest element of a list that a place lies in. */
function ownerPlace(tree: unknown, path: string): string | undefined {
  const way = parts(path);
  for (let n = way.length - 1; n > 0; n--) {
    const list = way.slice(0, n - 1).reduce(inside, "");
    if (Array.isArray(at(tree, list))) return way.slice(0, n).reduce(inside, "");
  }
  return undefined;
}

/** What a hand changed in a tree, as changes to be stored. */
export function changes(
  before: unknown,
  after: unknown,
  gesture: string | null,
  typed: boolean,
): Pending[] {
  return differences(before, after).map(({ path, was, now }) => {
    const place = ownerPlace(before, path);
    return {
      path,
      was,
      now,
      ...(place && place !== path ? { owner: at(before, place) } : {}),
      gesture,
      typed,
      sent: false,
    };
  });
}

/** Where an element of a list is now; undefined when it is not there any more. */
function found(tree: unknown, path: string, owner: unknown): string | undefined {
  if (owner === undefined) return path;
  const place = ownerPlace(tree, path);
  if (!place) return undefined;
  const way = parts(place);
  const list = way.slice(0, -1).reduce(inside, "");
  const elements = at(tree, list) as unknown[];
  const here = Number(way.at(-1));
  const rest = path.slice(place.length);
  if (same(elements[here], owner)) return path;
  const elsewhere = elements.flatMap((one, i) => (same(one, owner) ? [i] : []));
  if (elsewhere.length === 1) return inside(list, elsewhere[0] ?? 0) + rest;
  return isOneOf(elements[here], owner) ? path : undefined;
}

/** Whether an element is the same thing, though something of it has changed: of moves of one kind that are alike but for one thing. */
function isOneOf(one: unknown, other: unknown): boolean {
  if (typeof one !== "object" || typeof other !== "object" || !one || !other) return false;
  const [here, known] = [one, other] as Record<string, unknown>[];
  if (!here || !known) return false;
  if (known["move"] !== undefined) {
    const names = new Set([...Object.keys(here), ...Object.keys(known)]);
    const unlike = [...names].filter(
      (name) => !same(here[name] ?? undefined, known[name] ?? undefined),
    );
    return here["move"] === known["move"] && unlike.length <= 1;
  }
  return ["key", "name"].some((by) => known[by] !== undefined && here[by] === known[by]);
}

/**
 * What is left to be stored when some of it has been dropped, as it was refused: what was changed of that goes with it, and what stands behind it in a
 * list is found again where it is now, so that nothing lands on its neighbour.
 */
export function without(edits: Pending[], dropped: Pending[], tree: unknown): Pending[] {
  const kept: Pending[] = [];
  for (const edit of edits) {
    if (dropped.includes(edit)) continue;
    const before = applied(
      tree,
      kept.filter((one) => !isHeld(one)),
    );
    const path = isHeld(edit) ? edit.path : standing(before, edit.path, edit.owner);
    if (path === undefined) continue;
    const here = at(before, path);
    const joined =
      Array.isArray(edit.was) && Array.isArray(edit.now) && Array.isArray(here)
        ? joinedLists(edit.was, edit.now, here)
        : undefined;
    kept.push(joined ? { ...edit, path, was: here, now: joined } : { ...edit, path });
  }
  return kept;
}

/** Where just this element of a list stands, the nearest to where it was; undefined when it is not there. */
function standing(tree: unknown, path: string, owner: unknown): string | undefined {
  if (owner === undefined) return path;
  const place = ownerPlace(tree, path);
  if (!place) return undefined;
  const way = parts(place);
  const list = way.slice(0, -1).reduce(inside, "");
  const was = Number(way.at(-1));
  const nearest = (at(tree, list) as unknown[])
    .flatMap((one, i) => (same(one, owner) ? [i] : []))
    .sort((a, b) => Math.abs(a - was) - Math.abs(b - was))[0];
  return nearest === undefined ? undefined : inside(list, nearest) + path.slice(place.length);
}

/**
 * The changes that are still to be stored, now that somebody else has stored something: those of other places stay, those that are
 * stored already go, and of the same place both stand side by side.
 */
export function rebased(edits: Pending[], tree: unknown): Pending[] {
  const kept: Pending[] = [];
  // Where elements are now of which something was changed, as they were then: what was changed of one in one go finds it together.
  const seen: { edit: Pending; place: string; now: string | undefined }[] = [];
  for (const edit of edits) {
    const waiting = kept.findLast((one) => one.theirs !== undefined && lies(edit.path, one.path));
    if (waiting) {
      // What she wrote last is hers: it goes with the version that waits to be chosen.
      const inner = edit.path.slice(waiting.path.length);
      const now = put(waiting.now, inner, edit.now);
      kept[kept.indexOf(waiting)] = { ...waiting, now, sent: edit.sent };
      continue;
    }
    // Each was made on what those before it put there.
    const before = applied(
      tree,
      kept.filter((one) => !isHeld(one)),
    );
    const was = edit.owner === undefined ? undefined : ownerPlace(before, edit.path);
    const rest = edit.path.slice(was?.length ?? 0);
    const together = seen.find(
      (one) =>
        one.place === was && one.edit.gesture === edit.gesture && same(one.edit.owner, edit.owner),
    );
    const path = together
      ? together.now && together.now + rest
      : found(before, edit.path, edit.owner);
    if (was !== undefined && !together)
      seen.push({ edit, place: was, now: path?.slice(0, path.length - rest.length) });
    if (path === undefined) {
      kept.push({ ...edit, sentence: undefined, theirs: { value: undefined } });
      continue;
    }
    const theirs = at(before, path);
    const place = ownerPlace(before, path);
    const owner = place && place !== path ? { owner: at(before, place) } : {};
    if (same(theirs, edit.now)) continue;
    if (same(theirs, edit.was)) {
      kept.push({ ...edit, ...owner, path });
    } else {
      const joined =
        Array.isArray(edit.was) && Array.isArray(edit.now) && Array.isArray(theirs)
          ? joinedLists(edit.was, edit.now, theirs)
          : undefined;
      kept.push(
        joined
          ? { ...edit, path, was: theirs, now: joined }
          : { ...edit, ...owner, path, sentence: undefined, theirs: { value: theirs } },
      );
    }
  }
  return compact(kept);
}

/**
 * Follows what is held while a hand changes a tree: where a list is sorted or cut, it finds its element again, and it does not slip into
 * what is stored.
 *
 * @param tree as it is shown, with what is held in it; is going to be changed
 * @return to be called after that: what is still held and where, and the tree without it
 */
export function followed<T>(held: Pending[], tree: T): () => { held: Pending[]; clean: T } {
  const owners = held.map((edit) => {
    const place = ownerPlace(tree, edit.path);
    return { edit, place, element: place ? at(tree, place) : undefined };
  });
  return () => {
    let clean = tree;
    const still: Pending[] = [];
    for (const { edit, place, element } of owners) {
      const path = place ? movedTo(tree, place, element) : "";
      if (path === undefined) continue;
      const now = path + edit.path.slice(place?.length ?? 0);
      const written = at(tree, now);
      // Of what was refused she has written something else: that is what counts now. Of two versions she still has to choose.
      if (!edit.theirs && !same(written, edit.now)) continue;
      clean = put(clean, now, edit.theirs ? edit.theirs.value : edit.was);
      still.push({ ...edit, path: now, now: written });
    }
    return { held: still, clean };
  };
}

function movedTo(tree: unknown, place: string, element: unknown): string | undefined {
  const list = parts(place).slice(0, -1).reduce(inside, "");
  const elements = at(tree, list);
  if (!Array.isArray(elements)) return undefined;
  const index =
    typeof element === "object" ? elements.indexOf(element) : Number(parts(place).at(-1));
  return index < 0 ? undefined : inside(list, index);
}
