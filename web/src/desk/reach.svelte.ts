import { answered, api, whenOut } from "../api/client";
import type { ReachView } from "../api/types";

/** Whether this device is let in; the kitchen's own computer always is. */
class Reach {
  view = $state.raw<ReachView | null>(null);
  /** The kitchen's computer does not let this device in, or not any more. */
  isOut = $state(false);

  async look(): Promise<void> {
    try {
      this.take(await answered(api.GET("/api/reach")));
    } catch {
      // Whoever needs it asks once more.
    }
  }

  take(view: ReachView): void {
    this.view = view;
    this.isOut = !view.isIn;
  }

  /** @throws Refusal when the password is wrong */
  async signIn(password: string, name: string): Promise<void> {
    this.take(await answered(api.POST("/api/reach/sign-in", { body: { password, name } })));
  }

  /** @throws Refusal when the key is used or too old */
  async pair(key: string, name: string): Promise<void> {
    this.take(await answered(api.POST("/api/reach/pair", { body: { key, name } })));
  }
}

export const reach = new Reach();
whenOut(() => (reach.isOut = true));
