package kindthimble.core.notebook;

import java.util.Arrays;
import java.util.function.ToDoubleFunction;

/**
 * A grid over one or two unknowns, drawn together where they are probable: each axis is narrowed to where the profile is within 12.5 of its best, and one
 * point more on each side, until none narrows by 40 % any more.
 */
final class Axes {
    private static final double DEEP = 12.5;
    private static final double NARROWS_TO = 0.6;

    private final double[][] points;
    private final double[] weights;

    private Axes(double[][] points, double[] weights) {
        this.points = points;
        this.weights = weights;
    }

    /**
     * @param from where each axis begins
     * @param to where it ends
     * @param counts points on each
     * @param logDensity of a point, up to a constant
     */
    static Axes of(double[] from, double[] to, int[] counts, ToDoubleFunction<double[]> logDensity) {
        double[] low = from.clone();
        double[] high = to.clone();
        while (true) {
            double[][] points = points(low, high, counts);
            double[] logs = Arrays.stream(points).mapToDouble(logDensity).toArray();
            double best = Arrays.stream(logs).max().orElseThrow();
            boolean narrows = false;
            for (int axis = 0; axis < counts.length; axis++) {
                int first = counts[axis];
                int last = -1;
                for (int i = 0; i < logs.length; i++) {
                    if (logs[i] >= best - DEEP) {
                        int at = index(i, axis, counts);
                        first = Math.min(first, at);
                        last = Math.max(last, at);
                    }
                }
                double step = (high[axis] - low[axis]) / (counts[axis] - 1);
                double begin = low[axis] + step * Math.max(0, first - 1);
                double end = low[axis] + step * Math.min(counts[axis] - 1, last + 1);
                narrows |= end - begin <= NARROWS_TO * (high[axis] - low[axis]);
                low[axis] = begin;
                high[axis] = end;
            }
            if (!narrows) {
                return new Axes(points, normed(logs));
            }
        }
    }

    /** The same where the axes stay as they are. */
    static Axes fixed(double[] from, double[] to, int[] counts, ToDoubleFunction<double[]> logDensity) {
        double[][] points = points(from, to, counts);
        return new Axes(
                points, normed(Arrays.stream(points).mapToDouble(logDensity).toArray()));
    }

    private static double[] normed(double[] logs) {
        double best = Arrays.stream(logs).max().orElseThrow();
        double[] weights = Arrays.stream(logs).map(log -> Math.exp(log - best)).toArray();
        double sum = Arrays.stream(weights).sum();
        return Arrays.stream(weights).map(weight -> weight / sum).toArray();
    }

    private static int index(int point, int axis, int[] counts) {
        return axis == counts.length - 1 ? point % counts[axis] : point / counts[counts.length - 1];
    }

    private static double[][] points(double[] low, double[] high, int[] counts) {
        int all = Arrays.stream(counts).reduce(1, (a, b) -> a * b);
        double[][] points = new double[all][counts.length];
        for (int i = 0; i < all; i++) {
            for (int axis = 0; axis < counts.length; axis++) {
                points[i][axis] = low[axis] + (high[axis] - low[axis]) * index(i, axis, counts) / (counts[axis] - 1);
            }
        }
        return points;
    }

    double[][] points() {
        return points;
    }

    /** Of each point; together 1. */
    double[] weights() {
        return weights;
    }

    /** Mean of something over the grid. */
    double mean(ToDoubleFunction<double[]> of) {
        double mean = 0;
        for (int i = 0; i < points.length; i++) {
            mean += weights[i] * of.applyAsDouble(points[i]);
        }
        return mean;
    }

    /** Logarithm of the density of a scatter s at u = ln s: scaled inverse chi-square of s squared. */
    static double scatter(double u, double s, double nu) {
        return -nu * (u - Math.log(s)) - nu * s * s * Math.exp(-2 * u) / 2;
    }
}
