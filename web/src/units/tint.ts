import type { TintRecipe } from "../api/types";
import { fixed, plural } from "./format";

/** How far two colours are apart, in words; the number is CIEDE2000. */
export function apart(deltaE: number): string {
  if (deltaE < 1) return "no eye tells them apart";
  if (deltaE < 2) return "told apart only side by side";
  if (deltaE < 3) return "near";
  return deltaE < 6 ? "off" : "another colour";
}

const MANY_DROPS = 20;

/** "3 drops 1 dab"; from twenty drops on nobody counts: "0.96 g (24 drops)". */
export function dose(of: { drops: number; dabs: number; grams: number }): string {
  return of.drops >= MANY_DROPS
    ? `${fixed(of.grams, 2)} g (${plural(of.drops, "drop")})`
    : inDrops(of);
}

/** "3 drops 1 dab"; empty for nothing. */
export function inDrops(of: { drops: number; dabs: number }): string {
  const drops = of.drops > 0 ? plural(of.drops, "drop") : "";
  const dabs = of.dabs > 0 ? plural(of.dabs, "dab") : "";
  return `${drops} ${dabs}`.trim();
}

/** "Poppy 38 drops, Lemon 2 drops 1 dab", or that nothing goes in. */
export function doses(recipe: TintRecipe): string {
  return recipe.doses.length === 0
    ? "leave it untinted"
    : recipe.doses.map((one) => `${one.name} ${dose(one)}`).join(", ");
}
