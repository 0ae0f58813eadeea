package kindthimble.core.bench;

import kindthimble.core.pour.Chance;

/**
 * Whether bags reach to the end of their cookies, from what was weighed after some of them. Cookies differ from each other, and the hand on the day
 * differs from the plan: what is known of the hand gets surer with each cookie (a normal mean with a normal prior).
 *
 * @param times how many times the plan the cookies have taken; 1 where nothing was weighed
 * @param shortGrams that lack for those to go, as they were iced so far; 0 where none do
 * @param chance of running out before the last
 */
public record BagForecast(double times, double shortGrams, double chance) {
    /** Bags that are likelier than this to run out are topped up now, while their colour can still be matched. */
    public static final double MOST_CHANCE = 0.05;

    /**
     * Grams that cookies take by the plan.
     *
     * @param grams of all of them
     * @param squares sum of the squares of what each takes
     */
    public record Planned(double grams, double squares) {
        static final Planned NONE = new Planned(0, 0);

        Planned and(double cookies, double each) {
            return new Planned(grams + cookies * each, squares + cookies * each * each);
        }
    }

    /**
     * From what was weighed.
     *
     * @param usedGrams that came out, by weight
     * @param usableGrams that can still come out
     * @param iced what those that are iced should have taken, over 0
     * @param toGo what those to be iced should take
     * @param cookieSpread coefficient of variation from cookie to cookie
     * @param handSpread coefficient of variation of the hand on the day
     */
    public static BagForecast weighed(
            double usedGrams, double usableGrams, Planned iced, Planned toGo, double cookieSpread, double handSpread) {
        double times = Math.max(0, usedGrams) / iced.grams();
        double hand = handSpread * handSpread;
        double cookie = cookieSpread * cookieSpread;
        double noise = cookie * iced.squares() / (iced.grams() * iced.grams());
        double trust = hand + noise == 0 ? 0 : hand / (hand + noise);
        double mean = toGo.grams() * (1 + trust * (times - 1));
        double variance = toGo.grams() * toGo.grams() * hand * (1 - trust) + toGo.squares() * cookie;
        return new BagForecast(
                times,
                Math.max(0, toGo.grams() * times - usableGrams),
                Chance.above(usableGrams, mean, Math.sqrt(variance)));
    }

    /**
     * By the plan alone, where nothing was weighed since they were filled.
     *
     * @param usableGrams that can come out of all of them together, from full on
     * @param iced what those that are iced should have taken
     * @param toGo what those to be iced should take
     */
    public static BagForecast planned(
            double usableGrams, Planned iced, Planned toGo, double cookieSpread, double handSpread) {
        if (toGo.grams() <= 0) {
            return new BagForecast(1, 0, 0);
        }
        double all = iced.grams() + toGo.grams();
        double variance =
                Math.pow(all * handSpread, 2) + (iced.squares() + toGo.squares()) * cookieSpread * cookieSpread;
        return new BagForecast(1, Math.max(0, all - usableGrams), Chance.above(usableGrams, all, Math.sqrt(variance)));
    }

    /** Whether something should be done about it now. */
    public boolean isShort() {
        return chance > MOST_CHANCE;
    }
}
