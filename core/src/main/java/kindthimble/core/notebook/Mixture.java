package kindthimble.core.notebook;

import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.distribution.continuous.NormalDistribution;

/** Normal distributions, mixed: what is believed of a figure when its scatter is not known either. Weights add up to 1. */
final class Mixture {
    private static final NormalDistribution NORMAL = new NormalDistribution();
    private static final double REACH_SDS = 40;
    private static final double EXACT = 1e-13;
    private static final int MOST_TRIES = 500;

    private final double[] weights;
    private final double[] means;
    private final double[] variances;

    Mixture(double[] weights, double[] means, double[] variances) {
        this.weights = weights;
        this.means = means;
        this.variances = variances;
    }

    double mean() {
        double mean = 0;
        for (int i = 0; i < weights.length; i++) {
            mean += weights[i] * means[i];
        }
        return mean;
    }

    double sd() {
        double mean = mean();
        double variance = 0;
        for (int i = 0; i < weights.length; i++) {
            double off = means[i] - mean;
            variance += weights[i] * (variances[i] + off * off);
        }
        return Math.sqrt(variance);
    }

    /** Chance of a value below x. */
    double below(double x) {
        double chance = 0;
        for (int i = 0; i < weights.length; i++) {
            chance += weights[i] * NORMAL.cumulativeProbability((x - means[i]) / Math.sqrt(variances[i]));
        }
        return chance;
    }

    /** Chance of a value above x, exact where it is small. */
    double above(double x) {
        double chance = 0;
        for (int i = 0; i < weights.length; i++) {
            chance += weights[i] * NORMAL.cumulativeProbability((means[i] - x) / Math.sqrt(variances[i]));
        }
        return chance;
    }

    /** The smaller of the chances of a value as low, or as high. */
    double tail(double x) {
        return Math.min(below(x), above(x));
    }

    /** The value that is not reached with a chance between 0 and 1. */
    double quantile(double chance) {
        double mean = mean();
        double reach = REACH_SDS * sd();
        return new BrentSolver(EXACT).solve(MOST_TRIES, x -> below(x) - chance, mean - reach, mean + reach);
    }
}
