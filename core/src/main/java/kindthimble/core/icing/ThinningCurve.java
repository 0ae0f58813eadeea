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

    /** What a base counts by itself, in seconds. */
    public static final double LEAST_SECONDS = 2;

    public static final double MOST_SECONDS = 300;

    /** No icing thins less, or more, than this by a gram of water. */
    public static final double LEAST_PER_GRAM = 0.02;

    public static final double MOST_PER_GRAM = 2;

    public ThinningCurve {
        if (!(ownCountSeconds > 0) || !(perGram > 0)) {
            throw new IllegalArgumentException("t0 and b are over 0");
        }
    }

    /** The curve nearest to such figures that an icing can have. */
    public static ThinningCurve within(double ownCountSeconds, double perGram) {
        return new ThinningCurve(
                Math.max(LEAST_SECONDS, Math.min(MOST_SECONDS, ownCountSeconds)),
                Math.max(LEAST_PER_GRAM, Math.min(MOST_PER_GRAM, perGram)));
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
