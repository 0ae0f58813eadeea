package kindthimble.app.mixing;

import java.util.List;
import java.util.Map;
import kindthimble.app.bowls.PourView;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.tint.TintView;
import kindthimble.core.design.Design;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.shop.ShopSettings;

/**
 * A plan as it was when mixing started, kept whole with all that it came from.
 *
 * @param pour the plan
 * @param details of the order
 * @param designs of the order
 * @param shop the shop's numbers
 * @param recipe the base
 * @param tints of its bowls by key; null in a plan of before there were any
 */
record Frozen(
        PourView pour,
        OrderDetails details,
        List<Counted> designs,
        ShopSettings shop,
        BaseRecipe recipe,
        Map<String, TintView> tints) {
    /** A design and how many of it. */
    record Counted(int count, Design document) {}

    MixingView.FrozenFrom kept() {
        return new MixingView.FrozenFrom(
                designs.stream()
                        .map(design -> design.count() + " " + design.document().name())
                        .toList(),
                recipe.name(),
                details.floodSeconds(),
                details.extra());
    }
}
