import type { Design } from "../api/types";

/** A design as it was or is: all that undo has to bring back. */
export type Snapshot = { design: number; count: number; document: Design };
type Step = { before: Snapshot; after: Snapshot; at: number; field: string };

const KEPT_ACROSS_RELOADS = 50;
const TYPED_TOGETHER_MS = 900;
const REST_MS = 400;

/** Steps of one order that can be undone and redone; the last 50 outlive a reload of the page. */
export class History {
  #key = "";
  #writing: ReturnType<typeof setTimeout> | undefined;
  #done = $state.raw<Step[]>([]);
  #undone = $state.raw<Step[]>([]);

  open(order: number): void {
    if (this.#writing !== undefined) this.#write();
    this.#key = `steps-of-order-${order}`;
    this.#undone = [];
    try {
      this.#done = JSON.parse(sessionStorage.getItem(this.#key) ?? "[]") as Step[];
    } catch {
      this.#done = [];
    }
  }

  constructor() {
    window.addEventListener("pagehide", () => {
      if (this.#writing !== undefined) this.#write();
    });
  }

  get canUndo(): boolean {
    return this.#done.length > 0;
  }

  get canRedo(): boolean {
    return this.#undone.length > 0;
  }

  /** Keeps a step; numbers typed into one field in one go are one step. */
  keep(before: Snapshot, after: Snapshot, field: string, now: number): void {
    const last = this.#done.at(-1);
    const together =
      last &&
      field !== "" &&
      last.field === field &&
      last.after.design === after.design &&
      now - last.at < TYPED_TOGETHER_MS;
    this.#done = together
      ? [...this.#done.slice(0, -1), { ...last, after, at: now }]
      : [...this.#done, { before, after, at: now, field }];
    this.#undone = [];
    this.#store();
  }

  undo(): Snapshot | undefined {
    const step = this.#done.at(-1);
    if (!step) return undefined;
    this.#done = this.#done.slice(0, -1);
    this.#undone = [...this.#undone, step];
    this.#store();
    return step.before;
  }

  redo(): Snapshot | undefined {
    const step = this.#undone.at(-1);
    if (!step) return undefined;
    this.#undone = this.#undone.slice(0, -1);
    this.#done = [...this.#done, step];
    this.#store();
    return step.after;
  }

  /** Writing many steps takes longer than a key: it is done when the hands rest, and before the page is left. */
  #store(): void {
    clearTimeout(this.#writing);
    this.#writing = setTimeout(() => this.#write(), REST_MS);
  }

  #write(): void {
    clearTimeout(this.#writing);
    this.#writing = undefined;
    try {
      sessionStorage.setItem(this.#key, JSON.stringify(this.#done.slice(-KEPT_ACROSS_RELOADS)));
    } catch {
      // Storage may be full or switched off; undo still works until the page is left.
    }
  }
}
