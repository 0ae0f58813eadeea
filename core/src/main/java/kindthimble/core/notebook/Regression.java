package kindthimble.core.notebook;

import java.util.Arrays;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealVector;

/**
 * Lines through what was measured: {@code y = x theta + e}, theta normal about 0 with known sds, e normal with a scatter s of which only the prior is known.
 * Given s all is normal; s is a grid.
 */
final class Regression {
    private static final int POINTS = 41;
    private static final double REACH = 3;

    private final double[] sd;
    private final double s0;
    private final double nu;
    private final double[][] xx;
    private final double[] xy;
    private double yy;
    private double weight;

    /**
     * @param sd of each theta
     * @param s0 the scatter that is believed
     * @param nu how many notes that is worth
     */
    Regression(double[] sd, double s0, double nu) {
        this.sd = sd;
        this.s0 = s0;
        this.nu = nu;
        xx = new double[sd.length][sd.length];
        xy = new double[sd.length];
    }

    /**
     * @param x what the thetas count in it
     * @param together how many were measured together: the mean of so many scatters so much less
     * @param counts what it counts by its age
     */
    void add(double[] x, double y, double together, double counts) {
        double precision = together * counts;
        for (int i = 0; i < x.length; i++) {
            for (int j = 0; j < x.length; j++) {
                xx[i][j] += precision * x[i] * x[j];
            }
            xy[i] += precision * x[i] * y;
        }
        yy += precision * y * y;
        weight += counts;
    }

    /** Given a scatter. */
    private final class Given {
        final double logDensity;
        final double[] theta;
        private final CholeskyDecomposition cholesky;

        Given(double u) {
            double precision = Math.exp(-2 * u);
            int n = sd.length;
            double[][] inverse = new double[n][n];
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    inverse[i][j] = precision * xx[i][j] + (i == j ? 1 / (sd[i] * sd[i]) : 0);
                }
            }
            cholesky = new CholeskyDecomposition(MatrixUtils.createRealMatrix(inverse));
            double[] right = Arrays.stream(xy).map(one -> precision * one).toArray();
            theta = cholesky.getSolver()
                    .solve(MatrixUtils.createRealVector(right))
                    .toArray();
            double fitted = 0;
            double logRoot = 0;
            for (int i = 0; i < n; i++) {
                fitted += right[i] * theta[i];
                logRoot += Math.log(cholesky.getL().getEntry(i, i));
            }
            logDensity = Axes.scatter(u, s0, nu) - weight * u - precision * yy / 2 + fitted / 2 - logRoot;
        }

        /** How unsure a sum of thetas is: its variance. */
        double variance(double[] x) {
            RealVector of = MatrixUtils.createRealVector(x);
            return of.dotProduct(cholesky.getSolver().solve(of));
        }
    }

    Fitted fitted() {
        double middle = Math.log(s0);
        Axes axes = Axes.of(
                new double[] {middle - REACH},
                new double[] {middle + REACH},
                new int[] {POINTS},
                at -> new Given(at[0]).logDensity);
        return new Fitted(
                axes, Arrays.stream(axes.points()).map(at -> new Given(at[0])).toArray(Given[]::new));
    }

    /** What is believed then. */
    static final class Fitted {
        private final Axes axes;
        private final Given[] given;

        private Fitted(Axes axes, Given[] given) {
            this.axes = axes;
            this.given = given;
        }

        /** Of one theta, moved by what it is called 0 at. */
        Mixture of(int theta, double zero) {
            double[] alone = new double[given[0].theta.length];
            alone[theta] = 1;
            return mixture(one -> zero + one.theta[theta], (one, s) -> one.variance(alone));
        }

        /** Of one more y, or the mean of several. */
        Mixture next(double[] x, double together) {
            return mixture(one -> dot(x, one.theta), (one, s) -> one.variance(x) + s * s / together);
        }

        double scatter() {
            return axes.mean(at -> Math.exp(at[0]));
        }

        private interface MeanOf {
            double of(Given one);
        }

        private interface VarianceOf {
            double of(Given one, double s);
        }

        private Mixture mixture(MeanOf mean, VarianceOf variance) {
            double[] means = new double[given.length];
            double[] variances = new double[given.length];
            for (int i = 0; i < given.length; i++) {
                means[i] = mean.of(given[i]);
                variances[i] = variance.of(given[i], Math.exp(axes.points()[i][0]));
            }
            return new Mixture(axes.weights(), means, variances);
        }

        private static double dot(double[] a, double[] b) {
            double sum = 0;
            for (int i = 0; i < a.length; i++) {
                sum += a[i] * b[i];
            }
            return sum;
        }
    }
}
