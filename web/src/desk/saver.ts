import { Refusal, Unreached } from "../api/client";
import type { Problem } from "../api/types";

const FIRST_WAIT_MS = 1000;
const LONGEST_WAIT_MS = 10_000;

type Hooks<Stored> = {
  stored: (stored: Stored, more: boolean) => void;
  refused: (problem: Problem) => void;
  unreached: (sentence: string) => void;
};

/**
 * Saves drafts one after the other: while one is on its way, only the newest of those that follow is kept. A draft that the
 * server refuses stays on the screen; one that does not reach it is sent again.
 */
export class Saver<Draft, Stored> {
  #next: Draft | undefined;
  #busy = false;
  #wait = FIRST_WAIT_MS;

  constructor(
    private readonly send: (draft: Draft) => Promise<Stored>,
    private readonly hooks: Hooks<Stored>,
  ) {}

  get busy(): boolean {
    return this.#busy;
  }

  push(draft: Draft): void {
    this.#next = draft;
    if (!this.#busy) void this.#run();
  }

  async #run(): Promise<void> {
    this.#busy = true;
    while (this.#next !== undefined) {
      const draft = this.#next;
      this.#next = undefined;
      try {
        const stored = await this.send(draft);
        this.#wait = FIRST_WAIT_MS;
        this.hooks.stored(stored, this.#next !== undefined);
      } catch (e) {
        if (e instanceof Refusal) {
          if (this.#next === undefined) this.hooks.refused(e.problem);
        } else if (e instanceof Unreached) {
          this.hooks.unreached(e.message);
          await new Promise((resolve) => setTimeout(resolve, this.#wait));
          this.#wait = Math.min(LONGEST_WAIT_MS, this.#wait * 2);
          this.#next ??= draft;
        } else {
          this.#busy = false;
          throw e;
        }
      }
    }
    this.#busy = false;
  }
}
