package kindthimble.core.bench;

import java.util.List;

/**
 * What cookies, each weighed bare and iced, say of the hand: how many times as full as the plan's their coats are, and how far that moves the plan. One
 * cookie differs from the next, so that one says little and three say more: {@code hand^2/(hand^2 + cookie^2/n)} of what was found, as of a normal mean
 * with a normal prior. Lines and dots come out of a tip and are taken to weigh what the plan says.
 *
 * @param cookies that say something
 * @param found how many times as full their coats are
 * @param moved how many times as full the plan is to be then
 */
public record TrialCookie(int cookies, double found, double moved) {
    /** So many are enough to be worth it. */
    public static final int BETTER = 3;

    /** What is farther off is no hand, but a wrong weight. */
    private static final double LEAST = 0.5;

    private static final double MOST = 2;

    /** A hand as near as that to the plan is as planned. */
    private static final double NEAR = 0.02;

    public static final TrialCookie NONE = new TrialCookie(0, 1, 1);

    /** A cookie before and after; 0 for what was not weighed. */
    public record Weighed(double bareGrams, double icedGrams) {}

    /**
     * @param weighed each cookie
     * @param plannedGrams that the pass puts on one
     * @param coatGrams of those that are coats
     * @param cookieSpread coefficient of variation from cookie to cookie, over 0
     * @param handSpread coefficient of variation of the hand on the day
     * @return {@link #NONE} where none of them says anything
     */
    public static TrialCookie of(
            List<Weighed> weighed, double plannedGrams, double coatGrams, double cookieSpread, double handSpread) {
        double sum = 0;
        int n = 0;
        for (Weighed one : weighed) {
            double times = times(one, plannedGrams, coatGrams);
            if (times >= LEAST && times <= MOST) {
                sum += times;
                n++;
            }
        }
        if (n == 0) {
            return NONE;
        }
        double hand = handSpread * handSpread;
        double trust = hand / (hand + cookieSpread * cookieSpread / n);
        return new TrialCookie(n, sum / n, 1 + trust * (sum / n - 1));
    }

    /** Whether the plan may stay as it is. */
    public boolean isAsPlanned() {
        return Math.abs(moved - 1) < NEAR;
    }

    /** How full one coat is; 0 where it can't be told. */
    private static double times(Weighed one, double plannedGrams, double coatGrams) {
        return coatGrams <= 0 || one.bareGrams() <= 0
                ? 0
                : (one.icedGrams() - one.bareGrams() - (plannedGrams - coatGrams)) / coatGrams;
    }
}
