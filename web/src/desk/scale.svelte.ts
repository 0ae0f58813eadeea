import { answered, api, once } from "../api/client";

const LIVE_MS = 200;
const SEARCHING_MS = 3_000;

/** The scale at an order's bench, read a few times a second while something on the page watches it. */
export class BenchScale {
  /** What it shows; null where none answers. */
  grams = $state<number | null>(null);
  /** Whether it has come to rest. */
  isHeld = $state(false);
  constructor(private readonly of: () => number) {}

  get #of() {
    return { params: { path: { order: this.of() } } };
  }

  #watchers = 0;
  #timer: ReturnType<typeof setTimeout> | undefined;

  /** Begins to read it; what comes back ends that. */
  watch(): () => void {
    this.#watchers++;
    if (this.#watchers === 1) void this.#read();
    return () => {
      this.#watchers--;
      if (this.#watchers === 0) clearTimeout(this.#timer);
    };
  }

  async #read(): Promise<void> {
    try {
      const view = await answered(
        api.GET("/api/orders/{order}/scale", { ...this.#of, fetch: once }),
      );
      this.grams = view.grams;
      this.isHeld = view.isHeld;
    } catch {
      this.grams = null;
      this.isHeld = false;
    }
    if (this.#watchers > 0)
      this.#timer = setTimeout(
        () => void this.#read(),
        this.grams === null ? SEARCHING_MS : LIVE_MS,
      );
  }

  /** What lies on it counts as nothing from now on. */
  async tare(): Promise<void> {
    this.isHeld = false;
    try {
      const view = await answered(api.POST("/api/orders/{order}/scale/tare", this.#of));
      this.isHeld = view.isHeld;
    } catch {
      this.grams = null;
    }
  }
}
