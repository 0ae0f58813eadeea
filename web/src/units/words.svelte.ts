import type { ShopView } from "../api/types";

/** What the shop calls the named consistencies. */
export type Words = ShopView["settings"]["words"];

const HOUSE: Words = {
  stiff: "stiff",
  piping: "piping",
  medium: "medium",
  flood: "flood",
  glaze: "glaze",
};

class Kitchen {
  words = $state.raw<Words>(HOUSE);

  /** Whether the house's flood is meant, which its count alone says. */
  get plainFlood(): boolean {
    return this.words.flood === HOUSE.flood;
  }
}

export const kitchen = new Kitchen();
