package kindthimble.app.plan;

import java.util.List;
import kindthimble.app.tint.Tinter;
import kindthimble.core.kitchen.Kitchen;

/**
 * A plan with what it was made with.
 *
 * @param view the pour, by the keys of the order that was asked for
 * @param kitchen the shop, the base and how the bowls look, by keys that all orders of the mixing know
 * @param tinter for that base
 * @param orders numbers of the orders that are mixed together, the leading one first
 */
public record Planned(PourView view, Kitchen kitchen, Tinter tinter, List<Long> orders) {}
