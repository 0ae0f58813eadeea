import { answered, api } from "../api/client";
import type { MixingView } from "../api/types";
import type { OrderDesk } from "./order.svelte";
import { toast } from "./toast.svelte";

const REST_MS = 120;

/** How an order is mixed: all that follows from its pour. Fetched anew whenever the order's plan changes. */
export class MixingDesk {
  view = $state.raw<MixingView | null>(null);
  trouble = $state("");
  #asked = 0;
  #soon: ReturnType<typeof setTimeout> | undefined;

  constructor(private readonly desk: OrderDesk) {}

  /** Looks when changes have come to rest: while a slider is drawn, the pour goes first. */
  lookSoon(): void {
    clearTimeout(this.#soon);
    this.#soon = setTimeout(() => void this.look(), this.view ? REST_MS : 0);
  }

  /** Looks anew; of several looks under way only the newest counts. */
  async look(): Promise<void> {
    const asked = ++this.#asked;
    try {
      const view = await answered(
        api.GET("/api/orders/{order}/mixing", { params: { path: { order: this.desk.id } } }),
      );
      if (asked === this.#asked) {
        this.#take(view);
        this.trouble = "";
      }
    } catch (e) {
      if (asked === this.#asked) {
        this.view = null;
        this.trouble = (e as Error).message;
      }
    }
  }

  /** A kept plan speaks of colours that may have left the palette since. What was looked up before a change never replaces what came after it. */
  #take(view: MixingView): void {
    if (this.view && view.revision < this.view.revision) return;
    this.view = view;
    this.desk.known = view.names;
  }

  forget(): void {
    clearTimeout(this.#soon);
    this.#asked++;
    this.view = null;
    this.trouble = "";
  }

  start(): Promise<void> {
    return this.#act(() =>
      api.POST("/api/orders/{order}/mixing/start", { params: { path: { order: this.desk.id } } }),
    );
  }

  restart(): Promise<void> {
    return this.#act(() =>
      api.DELETE("/api/orders/{order}/mixing/start", { params: { path: { order: this.desk.id } } }),
    );
  }

  /** Keeps what is still to be mixed as it is. */
  mixMore(): Promise<void> {
    return this.#act(() =>
      api.POST("/api/orders/{order}/mixing/more", { params: { path: { order: this.desk.id } } }),
    );
  }

  /** The last of what was mixed more follows the order again. */
  mixNoMore(): Promise<void> {
    return this.#act(() =>
      api.DELETE("/api/orders/{order}/mixing/more", { params: { path: { order: this.desk.id } } }),
    );
  }

  /** Mixes another order together with this one, or has it mixed alone again; both follow. */
  mixWith(other: number, together: boolean): Promise<void> {
    const params = { path: { order: this.desk.id, other } };
    return this.#act(() =>
      together
        ? api.POST("/api/orders/{order}/mixing/with/{other}", { params })
        : api.DELETE("/api/orders/{order}/mixing/with/{other}", { params }),
    );
  }

  /** Sets a jar aside for this order, or back on the shelf; the pour follows. */
  takeJar(jar: number, taken: boolean): Promise<void> {
    const params = { path: { order: this.desk.id, jar } };
    return this.#act(() =>
      taken
        ? api.POST("/api/orders/{order}/mixing/jars/{jar}", { params })
        : api.DELETE("/api/orders/{order}/mixing/jars/{jar}", { params }),
    );
  }

  async #act(call: () => Parameters<typeof answered<MixingView>>[0]): Promise<void> {
    await this.desk.paper.settled();
    this.#asked++;
    try {
      this.#take(await answered(call()));
      await this.desk.refresh();
    } catch (e) {
      toast.say((e as Error).message);
    }
  }
}
