import { createStore, del, get, keys, set } from "idb-keyval";
import type { Pending } from "./pending";

/** What was typed on this device and is not stored yet. */
export type Draft = { edits: Pending[] };

const REST_MS = 150;
const LEFT = "kind-thimble-left ";
const TAB = "kind-thimble-tab";
const BETWEEN = "@";

/**
 * Keeps drafts in the browser's own database: they outlive a reload and a crash. What that has no time to write while the page is left,
 * is left in the smaller store that needs none. Without either (a private window) they last until the page is left. Each tab has its own
 * drafts; those of a tab that is no more go to whoever opens the same thing next.
 */
class Drafts {
  readonly #store = this.#open();
  readonly #tab = this.#takeTab();
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

  /** This tab's name, which it keeps over a reload; a copy of a tab gets another one. */
  async #takeTab(): Promise<string> {
    const made = Math.random().toString(36).slice(2, 10);
    if (!hasLocks()) return made;
    try {
      const kept = sessionStorage.getItem(TAB) ?? made;
      const name = (await this.#hold(kept)) ? kept : made;
      if (name !== kept) await this.#hold(name);
      sessionStorage.setItem(TAB, name);
      return name;
    } catch {
      return made;
    }
  }

  /** Holds the lock that says the tab is there, for as long as it is; false when another one has it. */
  #hold(tab: string): Promise<boolean> {
    return new Promise((resolve) => {
      void navigator.locks.request(`${TAB} ${tab}`, { ifAvailable: true }, (lock) => {
        resolve(lock !== null);
        return lock ? new Promise<never>(() => undefined) : undefined;
      });
    });
  }

  async read(key: string): Promise<Draft | undefined> {
    const tab = await this.#tab;
    const own = this.#next.get(key);
    if (own) return own;
    try {
      const edits: Pending[] = [];
      for (const name of await this.#names()) {
        const [of = "", whose = ""] = name.split(BETWEEN);
        if (of !== key || (whose !== tab && (await this.#isThere(whose)))) continue;
        edits.push(...((await this.#taken(name))?.edits ?? []));
      }
      if (edits.length > 0) this.write(key, { edits });
      return { edits };
    } catch {
      return undefined;
    }
  }

  async #isThere(tab: string): Promise<boolean> {
    if (!hasLocks()) return false;
    const { held } = await navigator.locks.query();
    return (held ?? []).some((lock) => lock.name === `${TAB} ${tab}`);
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
    const tab = await this.#tab;
    for (const [key, draft] of this.#next) {
      if (!this.#store) break;
      const name = key + BETWEEN + tab;
      const done =
        draft.edits.length === 0 ? del(name, this.#store) : set(name, draft, this.#store);
      done.catch(() => undefined); // A full or locked store: what is typed is still on the screen, and on its way.
    }
    this.#next.clear();
  }

  /** The page is left: what is not written by now is left where that takes no time. */
  leave(): void {
    try {
      const tab = sessionStorage.getItem(TAB) ?? "";
      for (const [key, draft] of this.#last) {
        localStorage.setItem(LEFT + key + BETWEEN + tab, JSON.stringify(draft));
      }
    } catch {
      // Full or switched off: the database may still have the time.
    }
    void this.flush();
  }
}

function hasLocks(): boolean {
  return typeof navigator !== "undefined" && "locks" in navigator;
}

export const drafts = new Drafts();
