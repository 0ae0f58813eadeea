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

    /** One bowl: made up, thinned and bagged. */
    public static double of(Pour.Bowl bowl) {
        return making(bowl)
                + bowl.fromJars().size() * HouseDefaults.JAR_MINUTES
                + bowl.portions().stream()
                        .mapToDouble(p -> HouseDefaults.THIN_MINUTES + bags(p))
                        .sum();
    }

    /** To divide a bowl off and bring it to its colour. */
    static double making(Pour.Bowl bowl) {
        if (bowl.letDown() != null) {
            return HouseDefaults.LET_DOWN_MINUTES;
        }
        return bowl.untinted() ? HouseDefaults.DIVIDE_MINUTES : HouseDefaults.TINT_MINUTES;
    }

    static double bags(Pour.Portion portion) {
        boolean filled = portion.vessel() == Icing.Vessel.BAG || portion.vessel() == Icing.Vessel.BOTTLE;
        return filled ? portion.bags() * HouseDefaults.BAG_MINUTES : 0;
    }
}
