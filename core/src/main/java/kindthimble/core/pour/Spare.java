package kindthimble.core.pour;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * How likely an order's colours are to run short, and how much more of each is mixed so that this stays under a risk.
 *
 * <p>A cookie's icing varies independently from cookie to cookie ({@code v1}) and, for all cookies of the day, with the hand
 * ({@code v2}), which is the same whatever bowl it takes from: {@code sigma^2 = v1^2 sum m^2 + v2^2 (sum m)^2} for each bowl. A re-mixed
 * colour never matches, so the risk P is that of <em>any</em> bowl. With the hand {@code u} (standard normal), a bowl with a spare s is
 * enough with the chance {@code Phi((s - v2 M u) / (v1 sqrt(sum m^2)))}, independently of the others, so
 * {@code P = 1 - E_u[product of these]}: one integral over u, by adaptive Simpson quadrature. The spare of each bowl is {@code z sigma}
 * with the one z for which that is P. It lies between the z of P itself (all bowls vary as one) and that of
 * {@code 1 - (1 - P)^(1/k)} (k bowls, each on its own).
 */
public final class Spare {
    private static final double REACH = 8;
    private static final double TOLERANCE = 1e-8;
    private static final int DEEPEST = 18;
    private static final double Z_TOLERANCE = 1e-6;

    private final double cookieVariation;
    private final double dayVariation;
    private final List<Demand.OfColour> colours;

    /**
     * @param shop whose figures of variation count
     * @param demand the colours of the order, each a bowl
     */
    Spare(Habits habits, Demand demand) {
        cookieVariation = habits.mean(Habit.COOKIE_VARIATION_PERCENT) / 100;
        dayVariation = habits.mean(Habit.DAY_VARIATION_PERCENT) / 100;
        colours = demand.colours();
    }

    /** Standard deviation of what a colour takes, in grams. */
    double sigmaGrams(Demand.OfColour colour) {
        return Math.hypot(ofCookies(colour), ofDay(colour));
    }

    private double ofCookies(Demand.OfColour colour) {
        return cookieVariation * Math.sqrt(colour.squaredGrams());
    }

    private double ofDay(Demand.OfColour colour) {
        return dayVariation * colour.grams();
    }

    /** How many sigma each bowl gets, so that any of them runs short with this chance only. */
    double sigmas(double riskOfOrder) {
        double asOne = Normal.exceededWith(riskOfOrder);
        double varying = colours.stream().filter(c -> sigmaGrams(c) > 0).count();
        if (varying <= 1) {
            return asOne;
        }
        double eachAlone = Normal.exceededWith(1 - Math.pow(1 - riskOfOrder, 1 / varying));
        DoubleUnaryOperator tooMuch = z ->
                riskOfOrder(colours.stream().mapToDouble(c -> z * sigmaGrams(c)).toArray()) - riskOfOrder;
        double lowest = asOne - Z_TOLERANCE;
        double highest = eachAlone + Z_TOLERANCE;
        if (tooMuch.applyAsDouble(lowest) <= 0) {
            return asOne;
        }
        if (tooMuch.applyAsDouble(highest) >= 0) {
            return eachAlone;
        }
        return new BrentSolver(Z_TOLERANCE).solve(100, tooMuch::applyAsDouble, lowest, highest);
    }

    /** So many grams more are short with this chance only, whatever becomes of other colours. */
    double gramsAtRisk(Demand.OfColour colour, double risk) {
        return Normal.exceededWith(risk) * sigmaGrams(colour);
    }

    /** The chance that one colour runs short with a spare of so many grams: 0.5 for none. */
    double riskLeft(Demand.OfColour colour, double spareGrams) {
        double sigma = sigmaGrams(colour);
        if (sigma == 0) {
            return spareGrams > 0 ? 0 : 0.5;
        }
        return 1 - Normal.below(spareGrams / sigma);
    }

    /**
     * The chance that any colour runs short.
     *
     * @param spareGrams of each colour, in order
     */
    double riskOfOrder(double[] spareGrams) {
        double[] ofCookies = colours.stream().mapToDouble(this::ofCookies).toArray();
        double[] ofDay = colours.stream().mapToDouble(this::ofDay).toArray();
        DoubleUnaryOperator anyShort = u -> Normal.density(u) * (1 - allEnough(u, spareGrams, ofCookies, ofDay));
        return simpson(anyShort, -REACH, REACH);
    }

    /** The chance that all bowls are enough, where the hand on the day is so many sigma heavier than usual. */
    private static double allEnough(double hand, double[] spareGrams, double[] ofCookies, double[] ofDay) {
        double enough = 1;
        for (int i = 0; i < spareGrams.length && enough > 0; i++) {
            double left = spareGrams[i] - ofDay[i] * hand;
            enough *= ofCookies[i] > 0 ? Normal.below(left / ofCookies[i]) : left > 0 ? 1 : left == 0 ? 0.5 : 0;
        }
        return enough;
    }

    /** Adaptive Simpson quadrature; the range is cut into panels first, so that no narrow step is overlooked. */
    private static double simpson(DoubleUnaryOperator f, double from, double to) {
        int panels = 32;
        double sum = 0;
        double width = (to - from) / panels;
        double fa = f.applyAsDouble(from);
        for (int i = 0; i < panels; i++) {
            double a = from + i * width;
            double b = a + width;
            double fm = f.applyAsDouble((a + b) / 2);
            double fb = f.applyAsDouble(b);
            sum += simpson(f, a, b, fa, fm, fb, width / 6 * (fa + 4 * fm + fb), TOLERANCE / panels, DEEPEST);
            fa = fb;
        }
        return sum;
    }

    private static double simpson(
            DoubleUnaryOperator f,
            double a,
            double b,
            double fa,
            double fm,
            double fb,
            double whole,
            double tolerance,
            int depth) {
        double m = (a + b) / 2;
        double fl = f.applyAsDouble((a + m) / 2);
        double fr = f.applyAsDouble((m + b) / 2);
        double left = (m - a) / 6 * (fa + 4 * fl + fm);
        double right = (b - m) / 6 * (fm + 4 * fr + fb);
        double off = left + right - whole;
        if (depth == 0 || Math.abs(off) <= 15 * tolerance) {
            return left + right + off / 15;
        }
        return simpson(f, a, m, fa, fl, fm, left, tolerance / 2, depth - 1)
                + simpson(f, m, b, fm, fr, fb, right, tolerance / 2, depth - 1);
    }
}
