package kindthimble.app.plan;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kindthimble.app.tint.GelService;
import kindthimble.app.tint.TintView;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.pour.Pour;

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
 * @param additions what was mixed more since, in order
 */
public record Frozen(
        int format,
        List<Member> orders,
        PourView pour,
        ShopSettings shop,
        BaseRecipe recipe,
        Map<String, TintView> tints,
        Map<String, GelService.Bottle> gels,
        List<Addition> additions) {
    public static final int FORMAT = 4;

    /**
     * @param pour what is mixed more, by the keys of the leading order
     * @param tints of its bowls by key
     */
    public record Addition(PourView pour, Map<String, TintView> tints) {
        public Addition {
            tints = Map.copyOf(tints);
        }
    }

    public Frozen {
        orders = List.copyOf(orders);
        tints = tints == null ? Map.of() : Map.copyOf(tints);
        gels = gels == null ? Map.of() : Map.copyOf(gels);
        additions = additions == null ? List.of() : List.copyOf(additions);
    }

    /** The same with other additions. */
    public Frozen with(List<Addition> others) {
        return new Frozen(format, orders, pour, shop, recipe, tints, gels, others);
    }

    /** All that was begun: the plan, and what was mixed more. */
    public List<Pour> begun() {
        return Stream.concat(Stream.of(pour), additions.stream().map(Addition::pour))
                .map(PourView::pour)
                .toList();
    }
}
