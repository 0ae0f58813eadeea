package kindthimble.core.bench;

import kindthimble.core.icing.ThinningCurve;

/**
 * How much water goes in next, from what a line has just said. Four fifths of what the curve asks for, as water is easy to add and hard to take back; and
 * never more than half of what is left until icing floods no more, so that a wrong count does no harm.
 */
public final class NextWater {
    /** Share of the way that is gone at a time. */
    private static final double SHARE = 0.8;

    private static final double CAREFUL = 0.5;

    /** Icing that floods is seldom thinner; nobody means to pass it. */
    private static final double THIN_SECONDS = 10;

    /** Thinner than that is wanted for dipping: then half of the way to so much of it. */
    private static final double BEYOND = 2.0 / 3;

    /** A person's count is so sure that this much off will do. */
    private static final double BAND = 0.1;

    private NextWater() {}

    /**
     * @param countSeconds that the line took now
     * @param wantedSeconds that it should take
     * @param baseGrams of base in the bowl
     * @param curve of that base
     * @return grams; 0 where it is right or too thin
     */
    public static double grams(double countSeconds, double wantedSeconds, double baseGrams, ThinningCurve curve) {
        if (countSeconds <= mostSeconds(wantedSeconds)) {
            return 0;
        }
        double thin = wantedSeconds > THIN_SECONDS ? THIN_SECONDS : wantedSeconds * BEYOND;
        double wanted = SHARE * Math.log(countSeconds / wantedSeconds);
        double careful = CAREFUL * Math.log(countSeconds / thin);
        return Math.min(wanted, careful) / curve.perGram() * baseGrams / 100;
    }

    /** Before anything was counted: most of what the plan says, from above as well. */
    public static double firstGrams(double plannedGrams, double inGrams) {
        return Math.max(0, SHARE * plannedGrams - inGrams);
    }

    /** The count that so much water makes, by what was counted: on the line of the curve through that. */
    public static double seconds(
            double countSeconds, double countedWater, double water, double baseGrams, ThinningCurve curve) {
        return countSeconds * Math.exp(-curve.perGram() * 100 * (water - countedWater) / baseGrams);
    }

    /** From so many seconds on it is right. */
    public static double leastSeconds(double wantedSeconds) {
        return wantedSeconds * (1 - BAND);
    }

    /** Up to so many seconds it is right. */
    public static double mostSeconds(double wantedSeconds) {
        return wantedSeconds * (1 + BAND);
    }
}
