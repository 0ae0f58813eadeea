import type { BenchEvent, BenchView } from "../api/types";
import { bagStanding, type Standing } from "./compiled.js";

// The rules of core that the bench needs where it is without the network, compiled for it.
export {
  canBeWeighed,
  firstWater,
  gelShows,
  gelTimes,
  icingAge,
  inProportion,
  leastSeconds,
  mostSeconds,
  nextWater,
  rescueBase,
  rescueGel,
  secondsAt,
  tooThin,
  topUp,
  touchedGate,
  trial,
  weightBand,
  type Standing,
} from "./compiled.js";

export type Bag = BenchView["bags"][number];

/**
 * How bags stand, from all that was pressed at the benches of the orders that drink from them.
 *
 * @param fuller how full coats turn out, of the plan: for what would be short then
 */
export function standingOf(view: BenchView, pressed: BenchEvent[], bag: Bag, fuller = 1): Standing {
  const events = pressed.map((event) => ({ ...event, atMs: Date.parse(event.at) }));
  return bagStanding(bag, events, view.cookieVariation, view.handVariation, fuller);
}
