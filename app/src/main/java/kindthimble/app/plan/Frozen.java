package kindthimble.app.plan;

import java.util.List;
import java.util.Map;
import kindthimble.app.tint.GelService;
import kindthimble.app.tint.TintView;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.ShopSettings;

/**
 * A plan as it was when mixing started, kept whole with all that it came from: what is shown of it reads nothing else.
 *
 * @param format version of this document, {@value #FORMAT}
 * @param orders that are mixed together, the leading one first
 * @param pour the plan, by the keys of the leading order
 * @param shop the shop's numbers
 * @param recipe the base
 * @param tints of its bowls by key
 * @param gels the bottles on the shelf, by key
 */
public record Frozen(
        int format,
        List<Member> orders,
        PourView pour,
        ShopSettings shop,
        BaseRecipe recipe,
        Map<String, TintView> tints,
        Map<String, GelService.Bottle> gels) {
    public static final int FORMAT = 3;

    public Frozen {
        orders = List.copyOf(orders);
        tints = tints == null ? Map.of() : Map.copyOf(tints);
        gels = gels == null ? Map.of() : Map.copyOf(gels);
    }
}
