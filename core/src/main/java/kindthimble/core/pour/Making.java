package kindthimble.core.pour;

import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Icing;

/**
 * What goes into one gram of a portion's icing where it is made afresh: as strongly tinted as its bowl, and to its own count, whatever else comes down the same
 * ladder. The five add up to 1.
 *
 * @param base grams of base
 * @param water grams stirred in
 * @param sugar grams sifted in
 * @param gel grams dropped in
 * @param flavour grams of flavour
 */
public record Making(double base, double water, double sugar, double gel, double flavour) {
    /** So much that whatever bags and bowls keep is nothing beside it. */
    private static final double MUCH_GRAMS = 1_000;

    /** Of a portion of a bowl, with the numbers and the base that it was planned with. */
    public static Making of(Pour.Bowl bowl, Pour.Portion portion, Kitchen kitchen) {
        Demand.Portion wanted = new Demand.Portion(
                new Consistency(portion.countSeconds()),
                Icing.Vessel.BAG,
                List.of(),
                List.of(new Demand.Drink("", 0, MUCH_GRAMS, 1, 0, 0, null)));
        Pouring.Wishes tinted = new Pouring.Wishes(
                Set.of(),
                List.of(),
                bowl.gelShare() > 0 ? Map.of(bowl.colour(), bowl.gelShare()) : Map.of(),
                Map.of(),
                bowl.flavour() == null ? Map.of() : Map.of(bowl.colour(), bowl.flavour()));
        Pour.Portion made = new Pouring(kitchen, new Allowance.Flat(0), tinted)
                .of(new Demand(0, 0, List.of(new Demand.OfColour(bowl.colour(), 0, List.of(wanted)))))
                .bowls()
                .get(0)
                .portions()
                .get(0);
        double all = made.finishedGrams();
        return new Making(
                made.baseGrams() / all,
                made.waterGrams() / all,
                made.sugarGrams() / all,
                made.gelGrams() / all,
                made.flavourGrams() / all);
    }
}
