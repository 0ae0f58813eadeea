package kindthimble.core.bench;

import java.util.OptionalDouble;

/**
 * What one cookie, weighed bare and iced, says of the hand: how many times as full as the plan's its coats are. Lines and dots come out of a tip and are
 * taken to weigh what the plan says.
 */
public final class TrialCookie {
    /** What is farther off is no hand, but a wrong weight. */
    public static final double LEAST = 0.5;

    public static final double MOST = 2;

    private TrialCookie() {}

    /**
     * @param bareGrams of the cookie
     * @param icedGrams of the same cookie after the pass
     * @param plannedGrams that the pass puts on it
     * @param coatGrams of those that are coats
     * @return the fullness, {@value #LEAST} to {@value #MOST}; nothing where the pass has no coat, or the weights can't be meant
     */
    public static OptionalDouble fullness(double bareGrams, double icedGrams, double plannedGrams, double coatGrams) {
        if (coatGrams <= 0 || bareGrams <= 0) {
            return OptionalDouble.empty();
        }
        double fullness = (icedGrams - bareGrams - (plannedGrams - coatGrams)) / coatGrams;
        return fullness >= LEAST && fullness <= MOST ? OptionalDouble.of(fullness) : OptionalDouble.empty();
    }
}
