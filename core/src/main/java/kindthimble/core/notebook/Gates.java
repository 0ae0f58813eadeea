package kindthimble.core.notebook;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * When a coat is dry: it passed between the last look that found it soft and the first that did not, {@code ln(age/planned)} normal about g with a scatter of
 * which only the prior is known. A grid of 61 over g and 25 over the scatter; then 401 over g.
 */
final class Gates implements SetAside.Model<Gates.Coat, Gates.Fitted> {
    private static final NormalDistribution NORMAL = new NormalDistribution();
    private static final int G_POINTS = 61;
    private static final int SCATTER_POINTS = 25;
    private static final int FINE = 401;
    private static final double REACH = 2;
    private static final double G_REACH_SDS = 8;

    private final Priors.Plain prior;

    Gates(Priors.Plain prior) {
        this.prior = prior;
    }

    /**
     * All looks at one coat.
     *
     * @param taken by the youngest of them
     * @param soft at the last look that found it soft, ln(age/planned); minus infinity for none
     * @param passed at the first that did not; infinity for none
     * @param looks their ids
     */
    record Coat(Note.Taken taken, double soft, double passed, List<String> looks) implements Dated {
        private static final double HUNDREDTHS = 100;
        private static final double HALF = 0.005;

        static Coat of(List<Note.Look> looks) {
            double soft = Double.NEGATIVE_INFINITY;
            double passed = Double.POSITIVE_INFINITY;
            Note.Taken youngest = looks.get(0).taken();
            boolean keep = false;
            for (Note.Look look : looks) {
                double at = Math.log(look.age() / look.planned());
                if (look.passed()) {
                    passed = Math.min(passed, at);
                } else {
                    soft = Math.max(soft, at);
                }
                keep |= look.taken().keep();
                if (look.taken().day().isAfter(youngest.day())) {
                    youngest = look.taken();
                }
            }
            return new Coat(
                    new Note.Taken(youngest.id(), youngest.day(), youngest.hand(), keep),
                    soft,
                    passed,
                    looks.stream().map(Note::id).toList());
        }

        /** Whether it was soft at an age when it had passed before. */
        boolean contradicts() {
            return soft >= passed;
        }

        /** Between which hundredths it passed; a whole one, where both looks came close together. */
        List<Double> between() {
            double from = Math.rint(soft * HUNDREDTHS) / HUNDREDTHS;
            double to = Math.rint(passed * HUNDREDTHS) / HUNDREDTHS;
            return from < to ? List.of(from, to) : List.of(from - HALF, to + HALF);
        }
    }

    /**
     * What is believed of a gate.
     *
     * @param axes over (g, ln scatter)
     */
    record Fitted(Axes axes) {
        double scatter() {
            return axes.mean(at -> Math.exp(at[1]));
        }
    }

    private record Interval(double soft, double passed, double counts) {}

    @Override
    public Fitted fit(List<Weighted<Coat>> coats) {
        double scatter = Math.log(prior.s0());
        return new Fitted(Axes.of(
                new double[] {-G_REACH_SDS * prior.sd(), scatter - REACH},
                new double[] {G_REACH_SDS * prior.sd(), scatter + REACH},
                new int[] {G_POINTS, SCATTER_POINTS},
                logDensity(coats)));
    }

    private ToDoubleFunction<double[]> logDensity(List<Weighted<Coat>> coats) {
        // Coats that were seen alike decide together.
        Map<List<Double>, Double> seen = new LinkedHashMap<>();
        coats.forEach(one -> seen.merge(one.note().between(), one.weight(), Double::sum));
        List<Interval> intervals = seen.entrySet().stream()
                .map(one -> new Interval(one.getKey().get(0), one.getKey().get(1), one.getValue()))
                .toList();
        return at -> {
            double s = Math.exp(at[1]);
            double log = Axes.scatter(at[1], prior.s0(), prior.nu()) - at[0] * at[0] / (2 * prior.sd() * prior.sd());
            for (Interval one : intervals) {
                log += one.counts() * logBetween((one.soft() - at[0]) / s, (one.passed() - at[0]) / s);
            }
            return log;
        };
    }

    /** Logarithm of the chance of a standard normal between two points, by its lower tail. */
    private static double logBetween(double from, double to) {
        boolean upper = from + to > 0;
        double low = upper ? -to : from;
        double high = upper ? -from : to;
        double chance = below(high) - below(low);
        return chance > 0 ? Math.log(chance) : -high * high / 2 - Math.log(1 + Math.abs(high));
    }

    private static double below(double x) {
        return x == Double.NEGATIVE_INFINITY ? 0 : x == Double.POSITIVE_INFINITY ? 1 : NORMAL.cumulativeProbability(x);
    }

    /** Mean and sd of g, and the points below which it lies with some chances: from a finer grid. */
    double[] points(List<Weighted<Coat>> coats, Fitted fitted, double... chances) {
        double[][] grid = fitted.axes().points();
        double from = grid[0][0];
        double to = grid[grid.length - 1][0];
        double[][] fine = new double[FINE][2];
        double step = (to - from) / (FINE - 1);
        Axes axes = Axes.fixed(
                new double[] {from, grid[0][1]},
                new double[] {to, grid[grid.length - 1][1]},
                new int[] {FINE, SCATTER_POINTS},
                logDensity(coats));
        for (int i = 0; i < axes.weights().length; i++) {
            int at = i / SCATTER_POINTS;
            fine[at][0] = axes.points()[i][0];
            fine[at][1] += axes.weights()[i];
        }
        double mean = Arrays.stream(fine).mapToDouble(one -> one[0] * one[1]).sum();
        double variance = Arrays.stream(fine)
                .mapToDouble(one -> one[1] * (one[0] - mean) * (one[0] - mean))
                .sum();
        double[] points = new double[chances.length + 2];
        points[0] = mean;
        points[1] = Math.sqrt(variance);
        for (int k = 0; k < chances.length; k++) {
            double below = 0;
            int i = 0;
            // Each point stands for a strip of the grid about it.
            while (i < FINE - 1 && below + fine[i][1] < chances[k]) {
                below += fine[i++][1];
            }
            points[k + 2] = fine[i][0] + step * ((chances[k] - below) / fine[i][1] - 0.5);
        }
        return points;
    }

    @Override
    public double off(Fitted fitted, Coat coat) {
        // In sds of a normal of which the tail is as small.
        return -NORMAL.inverseCumulativeProbability(Math.max(Double.MIN_NORMAL, tail(fitted, coat)));
    }

    @Override
    public double tail(Fitted without, Coat coat) {
        double soft = coat.between().get(0);
        double passed = coat.between().get(1);
        double early = without.axes().mean(at -> below((passed - at[0]) / Math.exp(at[1])));
        double late = without.axes().mean(at -> below((at[0] - soft) / Math.exp(at[1])));
        return Math.min(early, late);
    }
}
