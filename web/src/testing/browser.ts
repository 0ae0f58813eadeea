import { IDBFactory } from "fake-indexeddb";
import { vi } from "vitest";

/** What a browser keeps as text, for one tab or for all. */
export class TextStore {
  [name: string]: unknown;

  constructor() {
    Object.defineProperties(this, {
      getItem: { value: (name: string) => (this[name] as string | undefined) ?? null },
      setItem: { value: (name: string, text: string) => void (this[name] = text) },
      removeItem: { value: (name: string) => Reflect.deleteProperty(this, name) },
    });
  }
}

type Held = (lock: object | null) => Promise<unknown> | undefined;

/** The locks of a browser: each is held by one page, until that page has gone. */
export class Locks {
  readonly #held = new Map<string, object>();
  readonly #waiting: { name: string; page: object; then: Held }[] = [];

  /** The locks as one page sees them. */
  of(page: object): LockManager {
    const request = async (name: string, ...more: unknown[]) => {
      const then = more.at(-1) as Held;
      const { ifAvailable = false } = more.length > 1 ? (more[0] as LockOptions) : {};
      await Promise.resolve();
      if (!this.#held.has(name)) this.#hold(name, page, then);
      else if (ifAvailable) void then(null);
      else this.#waiting.push({ name, page, then });
    };
    const query = () =>
      Promise.resolve({ held: [...this.#held.keys()].map((name) => ({ name })), pending: [] });
    return { request, query } as unknown as LockManager;
  }

  #hold(name: string, page: object, then: Held): void {
    this.#held.set(name, page);
    const given = then({ name });
    void Promise.resolve(given).then(() => given === undefined && this.#held.delete(name));
  }

  /** A page has gone: who waits for its locks gets them. */
  left(page: object): void {
    for (const [name, holder] of [...this.#held]) {
      if (holder !== page) continue;
      this.#held.delete(name);
      const i = this.#waiting.findIndex((one) => one.name === name && one.page !== page);
      const [next] = i < 0 ? [] : this.#waiting.splice(i, 1);
      if (next) this.#hold(name, next.page, next.then);
    }
  }
}

/** A browser with its tabs: what all of them share, and what each has of its own. */
export class Browser {
  readonly database = new IDBFactory();
  readonly localStorage = new TextStore();
  readonly locks = new Locks();

  /** What is run from now on runs in a page of this tab. */
  page(tab: TextStore): object {
    const page = {};
    vi.resetModules();
    vi.stubGlobal("indexedDB", this.database);
    vi.stubGlobal("localStorage", this.localStorage);
    vi.stubGlobal("sessionStorage", tab);
    vi.stubGlobal("navigator", { locks: this.locks.of(page) });
    return page;
  }
}

/** Lets what has been handed to the browser's database get there: it works in turns, however busy the machine is. */
export async function settled(): Promise<void> {
  for (let turn = 0; turn < 25; turn++) await new Promise((resolve) => setTimeout(resolve, 1));
}

/** Waits until something is so. */
export async function until(isSo: () => boolean | Promise<boolean>): Promise<void> {
  // A machine that also builds may be slow; what never comes is no slower for that.
  await vi.waitFor(
    async () => {
      if (!(await isSo())) throw new Error("not yet");
    },
    { timeout: 10_000, interval: 10 },
  );
}
