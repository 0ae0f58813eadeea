package kindthimble.core.practice;

import java.util.SplittableRandom;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.ThinningCurve;

/**
 * What a practice kitchen hides: how its icing and its hands really are on one day. Nobody who practises sees it before the day is over.
 *
 * @param hand how many times the planned icing this day's hand puts on
 * @param cookieVariation coefficient of variation from cookie to cookie
 * @param curve how its base really gets thinner
 * @param seconds how many times the planned seconds a cookie takes
 * @param breaks chance that a cookie breaks
 * @param errs chance that a cookie goes wrong and is iced once more
 * @param dries how many times the planned minutes its room takes to dry what is put to dry
 */
public record Truth(
        double hand,
        double cookieVariation,
        ThinningCurve curve,
        double seconds,
        double breaks,
        double errs,
        double dries) {
    private static final double PERCENT = 100;
    private static final double COUNT_SD = 0.15;
    private static final double SLOPE_SD = 0.03;
    private static final double LEAST_SLOPE = 0.1;
    private static final double SECONDS_SD = 0.25;
    private static final double BREAKS = 0.03;
    private static final double LEAST_HAND = 0.3;
    private static final double DRIES_SD = 0.2;

    /** A day by chance of a kitchen whose habits are those that the plan reckons with. */
    public static Truth of(long seed, Habits habits, double ownCountSeconds) {
        // Of neighbouring seeds the days are unlike.
        SplittableRandom random = new SplittableRandom(seed);
        double hand = 1 + habits.mean(Habit.DAY_VARIATION_PERCENT) / PERCENT * random.nextGaussian();
        return new Truth(
                Math.max(LEAST_HAND, hand),
                habits.mean(Habit.COOKIE_VARIATION_PERCENT) / PERCENT,
                new ThinningCurve(
                        ownCountSeconds * Math.exp(COUNT_SD * random.nextGaussian()),
                        Math.max(LEAST_SLOPE, ThinningCurve.PER_GRAM + SLOPE_SD * random.nextGaussian())),
                Math.exp(SECONDS_SD * random.nextGaussian()),
                BREAKS,
                0,
                Math.exp(DRIES_SD * random.nextGaussian()));
    }

    /** The same with a hand that puts on so many times as much. */
    public Truth withHand(double times) {
        return new Truth(hand * times, cookieVariation, curve, seconds, breaks, errs, dries);
    }

    /** The same with so many cookies that go wrong and are iced once more. */
    public Truth erring(double chance) {
        return new Truth(hand, cookieVariation, curve, seconds, breaks, chance, dries);
    }
}
