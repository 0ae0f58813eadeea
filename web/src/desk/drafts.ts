import { createStore, del, get, keys, set } from "idb-keyval";
import type { Pending } from "./pending";
import { tab } from "./tab";

/** What was typed on this device and is not stored yet. */
export type Draft = { edits: Pending[] };

const REST_MS = 150;
const LEFT = "kind-thimble-left ";
const BETWEEN = "@";

/**
 * Keeps drafts in the browser's own database: they outlive a reload and a crash. What that has no time to write while the page is left,
 * is left in the smaller store that needs none. Without either (a private window) they last until the page is left. Each tab has its own
 * drafts; those of a tab that is no more go to whoever opens the same thing next.
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
    const own = this.#next.get(key);
    if (own) return own;
    try {
      const edits: Pending[] = [];
      for (const name of await this.#names()) {
        const [of = "", whose = ""] = name.split(BETWEEN);
        if (of !== key || !(await tab.mayTake(whose))) continue;
        edits.push(...((await this.#taken(name))?.edits ?? []));
      }
      if (edits.length > 0) this.write(key, { edits });
      return { edits };
    } catch {
      return undefined;
    }
  }

  /** All drafts of all tabs. */
  async #names(): Promise<string[]> {
    const left = Object.keys(localStorage)
      .filter((name) => name.startsWith(LEFT))
      .map((name) => name.slice(LEFT.length));
    return [...new Set([...left, ...(this.#store ? await keys<string>(this.#store) : [])])];
  }

  /** A draft, which is nowhere after that; what a page left behind is newer than what it wrote before. */
  async #taken(name: string): Promise<Draft | undefined> {
    const left = localStorage.getItem(LEFT + name);
    localStorage.removeItem(LEFT + name);
    const written = this.#store && (await get<Draft>(name, this.#store));
    if (this.#store) await del(name, this.#store);
    return left === null ? written : (JSON.parse(left) as Draft);
  }

  /** All things that have a draft. */
  async all(): Promise<string[]> {
    try {
      return [...new Set((await this.#names()).map((name) => name.split(BETWEEN)[0] ?? ""))];
    } catch {
      return [];
    }
  }

  /** Writes soon; of several the last. */
  write(key: string, draft: Draft): void {
    this.#next.set(key, draft);
    this.#last.set(key, draft);
    this.#writing ??= setTimeout(() => void this.flush(), REST_MS);
  }

  async flush(): Promise<void> {
    clearTimeout(this.#writing);
    this.#writing = undefined;
    const own = await tab.name;
    for (const [key, draft] of this.#next) {
      if (!this.#store) break;
      const name = key + BETWEEN + own;
      const done =
        draft.edits.length === 0 ? del(name, this.#store) : set(name, draft, this.#store);
      done.catch(() => undefined); // A full or locked store: what is typed is still on the screen, and on its way.
    }
    this.#next.clear();
  }

  /** The page is left: what is not written by now is left where that takes no time. */
  leave(): void {
    try {
      const own = tab.known;
      for (const [key, draft] of this.#last) {
        localStorage.setItem(LEFT + key + BETWEEN + own, JSON.stringify(draft));
      }
    } catch {
      // Full or switched off: the database may still have the time.
    }
    void this.flush();
  }
}

export const drafts = new Drafts();
