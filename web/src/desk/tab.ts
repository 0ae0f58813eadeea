const NAME = "kind-thimble-tab";

function hasLocks(): boolean {
  return typeof navigator !== "undefined" && "locks" in navigator;
}

/**
 * This tab among those of the browser. It keeps its name over a reload, a copy of it gets another one, and others see whether it is still there: what a tab
 * has kept belongs to it as long as it lives, and then to whoever opens the same thing.
 */
class Tab {
  readonly name: Promise<string> = this.#take();

  async #take(): Promise<string> {
    const made = Math.random().toString(36).slice(2, 10);
    if (!hasLocks()) return made;
    try {
      const kept = sessionStorage.getItem(NAME) ?? made;
      const name = (await this.#hold(kept)) ? kept : made;
      if (name !== kept) await this.#hold(name);
      sessionStorage.setItem(NAME, name);
      return name;
    } catch {
      return made;
    }
  }

  /** Holds the lock that says the tab is there, for as long as it is; false when another one has it. */
  #hold(name: string): Promise<boolean> {
    return new Promise((resolve) => {
      void navigator.locks.request(`${NAME} ${name}`, { ifAvailable: true }, (lock) => {
        resolve(lock !== null);
        return lock ? new Promise<never>(() => undefined) : undefined;
      });
    });
  }

  /** Its name at once, where there is no time to wait for it; empty before it has one. */
  get known(): string {
    return sessionStorage.getItem(NAME) ?? "";
  }

  /** Whether another tab is still open. */
  async isThere(name: string): Promise<boolean> {
    if (!hasLocks()) return false;
    const { held } = await navigator.locks.query();
    return (held ?? []).some((lock) => lock.name === `${NAME} ${name}`);
  }

  /** Whether what a tab has kept may be taken up here: it is this one, or no more. */
  async mayTake(name: string): Promise<boolean> {
    return name === (await this.name) || !(await this.isThere(name));
  }
}

export const tab = new Tab();
