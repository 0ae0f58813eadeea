import { Refusal, Unreached } from "../api/client";
import type { Problem } from "../api/types";
import { connection } from "./connection.svelte";

const FIRST_WAIT_MS = 500;
const LONGEST_WAIT_MS = 8_000;
const SLOW_MS = 2_500;
const SERVER_FAULT = 500;

/** What is to be done about something that was refused: go on with what is next, try again in a while, or send no more. */
export type Then = "next" | "wait" | "stop";

/** What is done to get one thing after the other to the kitchen's computer. */
export type Delivery<T> = {
  /** What goes next; undefined for nothing, and it ends. */
  next: () => T | undefined;
  send: (one: T) => Promise<void>;
  /** It did not arrive, for whatever reason. */
  failed?: (one: T) => void;
  refused: (one: T, problem: Problem) => Then | Promise<Then>;
};

/** All that is on its way from this page to the kitchen's computer, whatever it is: what is typed, what is pressed. */
class Outbox {
  readonly #sources: (() => number)[] = [];
  #known = $state(0);
  #slow = $state(0);

  /** How many things have not arrived yet. */
  get waiting(): number {
    return this.#known && this.#sources.reduce((sum, source) => sum + source(), 0);
  }

  /** Whether an answer takes so long that a hand wonders. */
  readonly isSlow = $derived(this.#slow > 0);

  /** @param source how many things of it have not arrived yet */
  add(source: () => number): void {
    this.#sources.push(source);
    // A desk may be made while something is worked out from it, where nothing may be changed that others look at.
    queueMicrotask(() => (this.#known = this.#sources.length));
  }

  /** Waits for an answer, and notes when that takes long. */
  async watched(sent: Promise<void>): Promise<void> {
    let slow = 0;
    const timer = setTimeout(() => (this.#slow += slow = 1), SLOW_MS);
    try {
      await sent;
    } finally {
      clearTimeout(timer);
      this.#slow -= slow;
    }
  }
}

export const outbox = new Outbox();

/** Sends one thing after the other; where nothing answers, again and again, after longer and longer waits. */
export class Line<T> {
  #isSending = false;

  constructor(private readonly delivery: Delivery<T>) {}

  /** Sends what there is; nothing more is needed where it does so already. */
  async send(): Promise<void> {
    if (this.#isSending) return;
    this.#isSending = true;
    const { next, send, failed, refused } = this.delivery;
    let wait = FIRST_WAIT_MS;
    const rest = async () => {
      await connection.wait(wait);
      wait = Math.min(LONGEST_WAIT_MS, wait * 2);
    };
    try {
      for (let one = next(); one !== undefined; one = next()) {
        try {
          await outbox.watched(send(one));
          connection.reached();
          wait = FIRST_WAIT_MS;
        } catch (e) {
          failed?.(one);
          if (e instanceof Refusal && e.problem.status < SERVER_FAULT) {
            const then = await refused(one, e.problem);
            if (then === "stop") return;
            if (then === "wait") await rest();
          } else if (e instanceof Refusal || e instanceof Unreached) {
            connection.away(e.message);
            await rest();
          } else {
            throw e;
          }
        }
      }
    } finally {
      this.#isSending = false;
    }
  }
}
