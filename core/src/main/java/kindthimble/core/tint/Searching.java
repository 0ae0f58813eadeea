package kindthimble.core.tint;

import java.util.function.DoubleUnaryOperator;

/** The least of a function of one number: the best of a scan in equal ratios, then golden sections around it. */
final class Searching {
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;
    private static final int SECTIONS = 40;

    private Searching() {}

    /**
     * @param from over 0
     * @param to over from
     * @param scanned how many places are tried first
     * @return where it is least
     */
    static double least(double from, double to, int scanned, DoubleUnaryOperator of) {
        double ratio = Math.pow(to / from, 1.0 / scanned);
        double best = from;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= scanned; i++) {
            double at = from * Math.pow(ratio, i);
            double there = of.applyAsDouble(at);
            if (there < least) {
                least = there;
                best = at;
            }
        }
        return within(Math.max(from, best / ratio), Math.min(to, best * ratio), of);
    }

    /** The least of a function that has one between two numbers. */
    static double within(double from, double to, DoubleUnaryOperator of) {
        double a = from;
        double b = to;
        double c = b - GOLDEN * (b - a);
        double d = a + GOLDEN * (b - a);
        double atC = of.applyAsDouble(c);
        double atD = of.applyAsDouble(d);
        for (int i = 0; i < SECTIONS && b - a > 1e-7; i++) {
            if (atC < atD) {
                b = d;
                d = c;
                atD = atC;
                c = b - GOLDEN * (b - a);
                atC = of.applyAsDouble(c);
            } else {
                a = c;
                c = d;
                atC = atD;
                d = a + GOLDEN * (b - a);
                atD = of.applyAsDouble(d);
            }
        }
        return (a + b) / 2;
    }
}
