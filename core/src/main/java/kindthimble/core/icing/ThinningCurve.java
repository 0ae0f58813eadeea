package kindthimble.core.icing;

/**
 * How a base gets thinner with water: {@code ln t = ln t0 - b w}, with t the count in seconds and w grams of water to 100 g of
 * base.
 *
 * @param ownCountSeconds t0, the base's own count
 * @param perGram b, per gram of water in 100 g of base
 */
public record ThinningCurve(double ownCountSeconds, double perGram) {
    /** b of a base that has not been measured, per g of water in 100 g of it (kitchen practice). */
    public static final double PER_GRAM = 0.23;

    /** No icing thins less than this by a gram of water. */
    public static final double LEAST_PER_GRAM = 0.02;

    public ThinningCurve {
        if (!(ownCountSeconds > 0) || !(perGram > 0)) {
            throw new IllegalArgumentException("t0 and b are over 0");
        }
    }

    /** Seconds that icing counts with so many grams of water in 100 g of its base. */
    public double secondsWith(double waterPer100Base) {
        return ownCountSeconds * Math.exp(-perGram * waterPer100Base);
    }

    /** Grams of water for 100 g of base to reach a consistency; negative when the base has too much already. */
    public double waterPer100Base(Consistency wanted) {
        return Math.log(ownCountSeconds / wanted.countSeconds()) / perGram;
    }
}
