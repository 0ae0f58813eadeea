package kindthimble.core.tracing;

import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.LUDecomposition;

/**
 * Uneven light on a picture. What changes slowly where colours are flat is light and not colour: the steps of log luminance between dots some way
 * apart in one flat place are those of one smooth surface of second order, found by least squares over all of them, twice, the second time without
 * what the first does not explain.
 */
final class Light {
    private static final int APART = 12;
    private static final int EVERY = 3;
    private static final double MOST_STEP = 0.12;
    private static final double DARKEST = 0.02;
    private static final double LEAST_SPREAD = 0.06;
    private static final int TERMS = 5;

    private Light() {}

    /** By how much each dot has to be made lighter or darker; null where the light is even. */
    static float[] factors(Picture picture) {
        int w = picture.width();
        int h = picture.height();
        int[] dots = picture.argb();
        float[] log = new float[w * h];
        for (int i = 0; i < log.length; i++) {
            float y = dots[i] >>> 24 < 128 ? 0 : LabDots.luminance(dots[i]);
            log[i] = y < DARKEST ? Float.NaN : (float) Math.log(y);
        }
        double[] surface = new double[TERMS];
        for (int pass = 0; pass < 3; pass++) {
            double most = pass == 0 ? MOST_STEP : pass == 1 ? MOST_STEP / 2 : MOST_STEP / 3;
            double[][] normal = new double[TERMS][TERMS];
            double[] right = new double[TERMS];
            int used = 0;
            for (int y = 0; y + APART < h; y += EVERY) {
                for (int x = 0; x + APART < w; x += EVERY) {
                    used += step(log, w, h, x, y, APART, 0, surface, most, normal, right);
                    used += step(log, w, h, x, y, 0, APART, surface, most, normal, right);
                }
            }
            if (used < 200) {
                return null;
            }
            DecompositionSolver solver = new LUDecomposition(new Array2DRowRealMatrix(normal)).getSolver();
            if (!solver.isNonSingular()) {
                return null;
            }
            surface = solver.solve(new ArrayRealVector(right)).toArray();
        }
        return factors(surface, w, h);
    }

    private static int step(
            float[] log,
            int w,
            int h,
            int x,
            int y,
            int dx,
            int dy,
            double[] surface,
            double most,
            double[][] normal,
            double[] right) {
        int from = y * w + x;
        int to = (y + dy) * w + x + dx;
        int middle = (y + dy / 2) * w + x + dx / 2;
        double change = log[to] - log[from];
        // A flat place changes evenly from one end to the other; an edge does not.
        double bend = log[middle] - (log[from] + log[to]) / 2;
        double[] f = new double[TERMS];
        double[] a = terms((double) x / w - 0.5, (double) y / h - 0.5);
        double[] b = terms((double) (x + dx) / w - 0.5, (double) (y + dy) / h - 0.5);
        double expected = 0;
        for (int i = 0; i < TERMS; i++) {
            f[i] = b[i] - a[i];
            expected += f[i] * surface[i];
        }
        if (!(Math.abs(change - expected) < most && Math.abs(bend) < most / 2)) {
            return 0;
        }
        for (int i = 0; i < TERMS; i++) {
            for (int j = 0; j < TERMS; j++) {
                normal[i][j] += f[i] * f[j];
            }
            right[i] += f[i] * change;
        }
        return 1;
    }

    private static double[] terms(double u, double v) {
        return new double[] {u, v, u * u, u * v, v * v};
    }

    private static float[] factors(double[] surface, int w, int h) {
        float[] factors = new float[w * h];
        double least = Double.MAX_VALUE;
        double most = -Double.MAX_VALUE;
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                double[] t = terms((double) x / w - 0.5, (double) y / h - 0.5);
                double sum = 0;
                for (int i = 0; i < TERMS; i++) {
                    sum += t[i] * surface[i];
                }
                factors[y * w + x] = (float) sum;
                least = Math.min(least, sum);
                most = Math.max(most, sum);
            }
        }
        if (most - least < LEAST_SPREAD) {
            return null;
        }
        // The lightest place is as it should be: paper is white where the light falls.
        for (int i = 0; i < factors.length; i++) {
            factors[i] = (float) Math.exp(most - factors[i]);
        }
        return factors;
    }
}
