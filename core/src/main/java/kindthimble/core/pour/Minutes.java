package kindthimble.core.pour;

import kindthimble.core.mark.Icing;
import kindthimble.core.shop.HouseDefaults;

/** Hands on a pour: batches, bowls, consistencies and bags, by the minutes of each. */
public final class Minutes {
    private Minutes() {}

    /** All of a pour. */
    public static double of(Pour pour) {
        return pour.batches().size() * HouseDefaults.BATCH_MINUTES
                + pour.bowls().stream().mapToDouble(Minutes::of).sum();
    }

    /** One bowl: tinted, thinned and bagged. */
    public static double of(Pour.Bowl bowl) {
        return HouseDefaults.TINT_MINUTES
                + bowl.portions().stream()
                        .mapToDouble(p -> HouseDefaults.THIN_MINUTES + bags(p))
                        .sum();
    }

    static double bags(Pour.Portion portion) {
        boolean filled = portion.vessel() == Icing.Vessel.BAG || portion.vessel() == Icing.Vessel.BOTTLE;
        return filled ? portion.bags() * HouseDefaults.BAG_MINUTES : 0;
    }
}
