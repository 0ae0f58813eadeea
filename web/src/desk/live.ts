import { connection, Unreached } from "./connection.svelte";
import { reach } from "./reach.svelte";

/**
 * What has changed somewhere: an order, or with null what belongs to the shop; -1 for whatever may have been missed. With how much was
 * pressed at its bench where it is about that.
 */
export type Heard = { order: number | null; revision: number; bench?: number | null };

type Listener = (heard: Heard) => void;

const AGAIN_MS = 2000;
const MISSED: Heard = { order: -1, revision: -1 };

/**
 * Hears from the server what has changed. A browser opens few lines to one server, so of all its pages one listens and tells the others.
 */
class Live {
  readonly #listeners = new Set<Listener>();
  readonly #pages = new BroadcastChannel("kind-thimble-live");

  constructor() {
    this.#pages.onmessage = (message: MessageEvent<Heard>) => this.#tell(message.data);
  }

  /** @return what stops the listening */
  listen(listener: Listener): () => void {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  }

  start(): void {
    const page = new Promise<never>(() => undefined);
    const listen = () => {
      this.#hear();
      return page;
    };
    if ("locks" in navigator) void navigator.locks.request("kind-thimble-live", listen);
    else void listen();
    document.addEventListener("visibilitychange", () => {
      if (document.visibilityState === "visible") this.#tell(MISSED);
    });
  }

  #hear(isAgain = false): void {
    const events = new EventSource("/api/live");
    let opened = isAgain;
    let isBroken = false;
    events.addEventListener("open", () => {
      connection.reached();
      isBroken = false;
      if (opened) this.#spread(MISSED);
      opened = true;
    });
    events.addEventListener("error", () => {
      if (!reach.isOut) connection.away(new Unreached().message);
      // Each page asks for itself: it may be that this device is not let in any more.
      if (!isBroken) this.#spread(MISSED);
      isBroken = true;
      // The browser itself tries again where the line broke, not where it was answered with something else.
      if (events.readyState === EventSource.CLOSED) setTimeout(() => this.#hear(true), AGAIN_MS);
    });
    events.addEventListener("changed", (event: MessageEvent<string>) =>
      this.#spread(JSON.parse(event.data) as Heard),
    );
  }

  #spread(heard: Heard): void {
    this.#pages.postMessage(heard);
    this.#tell(heard);
  }

  #tell(heard: Heard): void {
    for (const listener of this.#listeners) listener(heard);
  }
}

export const live = new Live();
