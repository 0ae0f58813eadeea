type Said = { sentence: string; action?: { word: string; run: () => void } };

class ToastState {
  said = $state<Said | null>(null);
  #timer: ReturnType<typeof setTimeout> | undefined;

  /** Says a sentence, with one thing that can be done about it, for a while. */
  say(sentence: string, action?: Said["action"]): void {
    this.said = { sentence, action };
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => (this.said = null), 12_000);
  }

  /** Does what was offered. */
  act(): void {
    const run = this.said?.action?.run;
    this.said = null;
    run?.();
  }

  clear(): void {
    this.said = null;
  }
}

export const toast = new ToastState();
