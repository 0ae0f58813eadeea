const FIRST_WAIT_MS = 600;
const LONGEST_WAIT_MS = 8_000;

/** A call that was not answered for now: the computer is away, or busy, or its database is. It is worth trying again. */
export class Unreached extends Error {
  constructor(
    sentence = "The kitchen computer does not answer. What you type is kept on this device, and sent as soon as it answers.",
  ) {
    super(sentence);
  }
}

/** Whether the kitchen's computer answers; every screen says so when it does not. */
class Connection {
  sentence = $state("");
  #wake: (() => void)[] = [];

  away(sentence: string): void {
    this.sentence = sentence;
  }

  reached(): void {
    this.sentence = "";
    for (const wake of this.#wake.splice(0)) wake();
  }

  /** Asks, again and again while nothing answers; every screen says so meanwhile. */
  async persist<T>(ask: () => Promise<T>): Promise<T> {
    for (let wait = FIRST_WAIT_MS; ; wait = Math.min(LONGEST_WAIT_MS, wait * 2)) {
      try {
        const answer = await ask();
        this.reached();
        return answer;
      } catch (e) {
        if (!(e instanceof Unreached)) throw e;
        this.away(e.message);
        await this.wait(wait);
      }
    }
  }

  /** Waits before something is tried again: so long, or until something else has got through. */
  wait(ms: number): Promise<void> {
    return new Promise((resolve) => {
      const timer = setTimeout(resolve, ms);
      this.#wake.push(() => {
        clearTimeout(timer);
        resolve();
      });
    });
  }
}

export const connection = new Connection();
