import { createStore, del, get, keys, set } from "idb-keyval";
import type { Pending } from "./pending";

/** What was typed on this device and is not stored yet. */
export type Draft = { edits: Pending[] };

const REST_MS = 150;

/** Keeps drafts in the browser's own database: they outlive a reload and a crash. Without one (a private window) they last until the page is left. */
class Drafts {
  readonly #store = this.#open();
  readonly #next = new Map<string, Draft>();
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
    const waiting = this.#next.get(key);
    if (waiting) return waiting;
    try {
      return this.#store && (await get<Draft>(key, this.#store));
    } catch {
      return undefined;
    }
  }

  /** All that have a draft. */
  async all(): Promise<string[]> {
    try {
      return this.#store ? await keys<string>(this.#store) : [];
    } catch {
      return [];
    }
  }

  /** Writes soon; of several the last. */
  write(key: string, draft: Draft): void {
    this.#next.set(key, draft);
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
