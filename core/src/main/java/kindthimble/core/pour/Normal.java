package kindthimble.core.pour;

import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * The standard normal distribution function from a table, since the risk of an order asks for it thousands of times: cubic Hermite
 * interpolation of values 1/64 apart (the density is the slope), which is off by less than 1e-9.
 */
final class Normal {
    private static final double REACH = 9;
    private static final int STEPS_PER_UNIT = 64;
    private static final NormalDistribution EXACT = new NormalDistribution();
    private static final double[] BELOW = new double[2 * (int) REACH * STEPS_PER_UNIT + 1];
    private static final double[] DENSITY = new double[BELOW.length];

    static {
        for (int i = 0; i < BELOW.length; i++) {
            double x = (double) i / STEPS_PER_UNIT - REACH;
            BELOW[i] = EXACT.cumulativeProbability(x);
            DENSITY[i] = EXACT.density(x);
        }
    }

    private Normal() {}

    /** Chance of a value below x. */
    static double below(double x) {
        if (x <= -REACH) {
            return 0;
        }
        if (x >= REACH) {
            return 1;
        }
        double at = (x + REACH) * STEPS_PER_UNIT;
        int i = Math.min((int) at, BELOW.length - 2);
        double t = at - i;
        double u = 1 - t;
        double slope0 = DENSITY[i] / STEPS_PER_UNIT;
        double slope1 = DENSITY[i + 1] / STEPS_PER_UNIT;
        return BELOW[i] * u * u * (1 + 2 * t) + BELOW[i + 1] * t * t * (3 - 2 * t) + t * u * (slope0 * u - slope1 * t);
    }

    static double density(double x) {
        return Math.exp(-x * x / 2) / Math.sqrt(2 * Math.PI);
    }

    /** The value that is exceeded with a chance. */
    static double exceededWith(double chance) {
        return EXACT.inverseCumulativeProbability(1 - chance);
    }
}
