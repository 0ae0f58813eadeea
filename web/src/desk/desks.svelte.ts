import { drafts } from "./drafts";
import { OrderDesk } from "./order.svelte";

/** The desks of this page. One that was left goes on storing what was typed on it. */
class Desks {
  /** The one that lies open; null outside orders. */
  open = $state.raw<OrderDesk | null>(null);
  readonly #all = new Map<number, OrderDesk>();

  of(id: number): OrderDesk {
    let desk = this.#all.get(id);
    if (!desk) {
      desk = new OrderDesk(id);
      this.#all.set(id, desk);
    }
    void desk.open();
    return desk;
  }

  /** What was typed before a crash or without a server is sent, whichever order it belongs to. */
  async sendDrafts(): Promise<void> {
    for (const key of await drafts.all()) {
      const order = /^order-(\d+)$/.exec(key)?.[1];
      if (order) this.of(Number(order));
    }
  }

  /** A field is left, or the page. */
  flush(): void {
    for (const desk of this.#all.values()) desk.paper.flush();
  }

  get all(): OrderDesk[] {
    return [...this.#all.values()];
  }
}

export const desks = new Desks();
