package kindthimble.core.bench;

import kindthimble.core.pour.Chance;

/**
 * Whether a bag reaches to the end of its cookies, from what was weighed after some of them. Cookies differ from each other, and the hand on the day
 * differs from the plan: what is known of the hand gets surer with each cookie (a normal mean with a normal prior).
 *
 * @param eachGrams that a cookie has taken
 * @param cookies that what is left would do for, by that
 * @param shortGrams that lack for those to go; 0 where none do
 * @param chance of running out before the last
 */
public record BagForecast(double eachGrams, double cookies, double shortGrams, double chance) {
    /** A bag that is likelier than this to run out is topped up now, while its colour can still be matched. */
    public static final double MOST_CHANCE = 0.05;

    /**
     * @param fullGrams that were in the bag
     * @param leftGrams that are in it now
     * @param keepsGrams that never come out
     * @param iced cookies since it was full, at least 1
     * @param toGo cookies that are still to be iced
     * @param plannedGrams that a cookie should take
     * @param cookieSpread coefficient of variation from cookie to cookie
     * @param handSpread coefficient of variation of the hand on the day
     */
    public static BagForecast of(
            double fullGrams,
            double leftGrams,
            double keepsGrams,
            int iced,
            int toGo,
            double plannedGrams,
            double cookieSpread,
            double handSpread) {
        double each = Math.max(0, fullGrams - leftGrams) / iced;
        double usable = Math.max(0, leftGrams - keepsGrams);
        double hand = Math.pow(handSpread * plannedGrams, 2);
        double cookie = Math.pow(cookieSpread * plannedGrams, 2);
        double trust = hand + cookie == 0 ? 0 : hand / (hand + cookie / iced);
        double mean = plannedGrams + trust * (each - plannedGrams);
        double variance = toGo * toGo * hand * (1 - trust) + toGo * cookie;
        return new BagForecast(
                each,
                each == 0 ? Double.POSITIVE_INFINITY : usable / each,
                Math.max(0, toGo * each - usable),
                Chance.above(usable, toGo * mean, Math.sqrt(variance)));
    }

    /** Whether something should be done about it now. */
    public boolean isShort() {
        return chance > MOST_CHANCE;
    }
}
