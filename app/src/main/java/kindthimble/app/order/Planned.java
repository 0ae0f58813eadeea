package kindthimble.app.order;

import java.util.List;
import kindthimble.app.bowls.PourView;
import kindthimble.app.tint.Tinter;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.shop.ShopSettings;

/**
 * A plan with what it was made with.
 *
 * @param view the pour, by the keys of the order that was asked for
 * @param recipe the base
 * @param settings the shop's numbers
 * @param tinter for that base
 * @param orders numbers of the orders that are mixed together, the leading one first
 */
public record Planned(PourView view, BaseRecipe recipe, ShopSettings settings, Tinter tinter, List<Long> orders) {}
