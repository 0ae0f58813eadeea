import { createStore, del, get, keys, set } from "idb-keyval";
import type { Pending } from "./pending";

/** What was typed on this device and is not stored yet. */
export type Draft = { edits: Pending[] };

const REST_MS = 150;
const LEFT = "kind-thimble-left ";

/**
 * Keeps drafts in the browser's own database: they outlive a reload and a crash. What that has no time to write while the page is left,
 * is left in the smaller store that needs none. Without either (a private window) they last until the page is left.
 */
class Drafts {
  readonly #store = this.#open();
  readonly #next = new Map<string, Draft>();
  /** The newest of each that this page has written. */
  readonly #last = new Map<string, Draft>();
  #writing: ReturnType<typeof setTimeout> | undefined;

  #open() {
    if (!("indexedDB" in globalThis)) return undefined;
    try {
      return createStore("kind-thimble", "drafts");
    } catch {
      return undefined;
    }
  }

  async read(key: string): Promise<Draft | undefined> {
    const waiting = this.#next.get(key) ?? this.#left(key);
    if (waiting) return waiting;
    try {
      return this.#store && (await get<Draft>(key, this.#store));
    } catch {
      return undefined;
    }
  }

  /** What was left behind by a page; the database has it from now on. */
  #left(key: string): Draft | undefined {
    try {
      const text = localStorage.getItem(LEFT + key);
      if (text === null) return undefined;
      localStorage.removeItem(LEFT + key);
      const draft = JSON.parse(text) as Draft;
      this.write(key, draft);
      return draft;
    } catch {
      return undefined;
    }
  }

  /** All that have a draft. */
  async all(): Promise<string[]> {
    try {
      const left = Object.keys(localStorage)
        .filter((name) => name.startsWith(LEFT))
        .map((name) => name.slice(LEFT.length));
      return [...new Set([...left, ...(this.#store ? await keys<string>(this.#store) : [])])];
    } catch {
      return [];
    }
  }

  /** The page is left: what is not written by now is left where that takes no time. */
  leave(): void {
    for (const [key, draft] of this.#last) {
      try {
        localStorage.setItem(LEFT + key, JSON.stringify(draft));
      } catch {
        // Full or switched off: the database may still have the time.
      }
    }
    this.flush();
  }

  /** Writes soon; of several the last. */
  write(key: string, draft: Draft): void {
    this.#next.set(key, draft);
    this.#last.set(key, draft);
    this.#writing ??= setTimeout(() => this.flush(), REST_MS);
  }

  flush(): void {
    clearTimeout(this.#writing);
    this.#writing = undefined;
    for (const [key, draft] of this.#next) {
      if (!this.#store) break;
      const done = draft.edits.length === 0 ? del(key, this.#store) : set(key, draft, this.#store);
      done.catch(() => undefined); // A full or locked store: what is typed is still on the screen, and on its way.
    }
    this.#next.clear();
  }
}

export const drafts = new Drafts();
