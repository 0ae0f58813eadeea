import { answered, api } from "../api/client";
import { removeOrder } from "./orders";
import { toast } from "./toast.svelte";

const KEPT = "kind-thimble-example";

/** The example order of this device: shown with one press, and gone with one. */
class Example {
  order = $state<number | null>(Number(localStorage.getItem(KEPT)) || null);

  async show(then: () => void): Promise<void> {
    try {
      const shown = await answered(api.POST("/api/example"));
      this.#keep(shown.order);
      then();
    } catch (e) {
      toast.say((e as Error).message);
    }
  }

  async takeAway(then: () => void): Promise<void> {
    const order = this.order;
    if (order === null) return;
    this.#keep(null);
    await removeOrder(order, "The example", then);
  }

  #keep(order: number | null): void {
    this.order = order;
    if (order === null) localStorage.removeItem(KEPT);
    else localStorage.setItem(KEPT, String(order));
  }
}

export const example = new Example();
