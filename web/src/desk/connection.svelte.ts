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
