import { answered, api } from "../api/client";
import type { ClockView } from "../api/types";
import type { OrderDesk } from "./order.svelte";

const REST_MS = 1500;
const SEARCHING_MS = 800;

/** An order on the clock. Fetched anew when changes of the order have come to rest. */
export class ClockDesk {
  view = $state.raw<ClockView | null>(null);
  trouble = $state("");
  /** Of which revision of the order it speaks. */
  revision = $state(-1);
  #asked = 0;
  #soon: ReturnType<typeof setTimeout> | undefined;

  constructor(private readonly desk: OrderDesk) {}

  /** Whether it speaks of the order as it is now. */
  get isFresh(): boolean {
    return this.view !== null && this.revision === this.desk.order?.revision;
  }

  lookSoon(rest = REST_MS): void {
    clearTimeout(this.#soon);
    this.#soon = setTimeout(() => void this.look(), rest);
  }

  forget(): void {
    clearTimeout(this.#soon);
  }

  async look(): Promise<void> {
    const asked = ++this.#asked;
    const revision = this.desk.order?.revision ?? -1;
    try {
      const view = await answered(
        api.GET("/api/orders/{order}/clock", { params: { path: { order: this.desk.id } } }),
      );
      if (asked !== this.#asked) return;
      this.view = view;
      this.revision = revision;
      this.trouble = "";
      // A better plan is looked for: see how far it is.
      if (view.search?.isSearching) this.lookSoon(SEARCHING_MS);
    } catch (e) {
      if (asked === this.#asked) this.trouble = (e as Error).message;
    }
  }

  /** Ends the search; the best plan so far stays. */
  async stop(): Promise<void> {
    await api.POST("/api/clock/stop");
    await this.look();
  }
}
