package kindthimble.core.icing;

import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Refused;

/**
 * How a base gets thinner with water: {@code ln t = ln t0 - b w}, with t the count in seconds and w grams of water to 100 g of
 * base.
 *
 * @param ownCountSeconds t0, the base's own count
 * @param perGram b, per gram of water in 100 g of base
 */
public record ThinningCurve(double ownCountSeconds, double perGram) {

    /** Grams of water stirred into 100 g of base, 0 or more. */
    public record Water(double grams) {
        /** The share of finished icing that was base: finished = base x (1 + w/100). */
        public double baseIn(double finishedGrams) {
            return finishedGrams / (1 + grams / 100);
        }
    }

    public ThinningCurve {
        if (!(ownCountSeconds > 0) || !(perGram > 0)) {
            throw new IllegalArgumentException("t0 and b are over 0");
        }
    }

    /**
     * Water for a consistency.
     *
     * @throws Refused when it is stiffer than the base itself
     */
    public Water waterPer100Base(Consistency wanted) {
        double grams = Math.log(ownCountSeconds / wanted.countSeconds()) / perGram;
        if (grams < -1e-9) {
            throw new Refused(
                    "countSeconds",
                    "This base counts %s s; it can be thinned, but not made stiffer than that. Ask for a lower count."
                            .formatted(Catalogue.plain(ownCountSeconds)));
        }
        return new Water(Math.max(0, grams));
    }
}
