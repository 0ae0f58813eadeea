package kindthimble.core.notebook;

import java.util.Arrays;
import java.util.List;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;

/**
 * Seconds by kind of work, from runs in which several kinds were done: {@code ln T = ln sum f_k a_k + e}. The most probable factors are looked for by
 * Gauss-Newton with halved steps; there the sum is a line in their logarithms, and the scatter is a grid.
 */
final class Hands implements SetAside.Model<Note.Run, Hands.Fitted> {
    private static final int MOST_STEPS = 200;
    private static final double STILL = 1e-12;
    private static final double LEAST_STEP = 1e-10;

    private final Priors.Plain prior;
    private final List<String> works;

    /**
     * @param works all kinds of work that were noted
     */
    Hands(Priors.Plain prior, List<String> works) {
        this.prior = prior;
        this.works = works;
    }

    /**
     * What is believed of the factors.
     *
     * @param mode the most probable logarithms
     * @param lines about those
     */
    record Fitted(double[] mode, Regression.Fitted lines) {}

    /** A run as a line in the logarithms of the factors, where those have certain values. */
    private record Row(double[] shares, double off) {
        static Row of(Note.Run run, List<String> works, double[] theta) {
            double[] shares = new double[works.size()];
            double sum = 0;
            for (int k = 0; k < shares.length; k++) {
                shares[k] = run.planned().getOrDefault(works.get(k), 0.0) * Math.exp(theta[k]);
                sum += shares[k];
            }
            for (int k = 0; k < shares.length; k++) {
                shares[k] /= sum;
            }
            return new Row(shares, Math.log(run.seconds()) - Math.log(sum));
        }

        /** What is measured of the line. */
        double y(double[] theta) {
            double y = off;
            for (int k = 0; k < shares.length; k++) {
                y += shares[k] * theta[k];
            }
            return y;
        }
    }

    @Override
    public Fitted fit(List<Weighted<Note.Run>> runs) {
        return from(runs, new double[works.size()]);
    }

    @Override
    public Fitted fit(List<Weighted<Note.Run>> runs, Fitted near) {
        return from(runs, near.mode());
    }

    private Fitted from(List<Weighted<Note.Run>> runs, double[] start) {
        double[] mode = mode(runs, start);
        double[] sd = new double[works.size()];
        Arrays.fill(sd, prior.sd());
        Regression lines = new Regression(sd, prior.s0(), prior.nu());
        for (Weighted<Note.Run> run : runs) {
            Row row = Row.of(run.note(), works, mode);
            lines.add(row.shares(), row.y(mode), 1, run.weight());
        }
        return new Fitted(mode, lines.fitted());
    }

    private double[] mode(List<Weighted<Note.Run>> runs, double[] start) {
        double[] theta = start.clone();
        double weight = runs.stream().mapToDouble(Weighted::weight).sum();
        double least = cost(runs, theta, weight);
        for (int step = 0; step < MOST_STEPS; step++) {
            double[] direction = direction(runs, theta, weight);
            double length = 1;
            double[] next = moved(theta, direction, length);
            double cost = cost(runs, next, weight);
            while (cost > least && length > LEAST_STEP) {
                length /= 2;
                next = moved(theta, direction, length);
                cost = cost(runs, next, weight);
            }
            theta = next;
            least = cost;
            double stride =
                    length * Arrays.stream(direction).map(Math::abs).max().orElse(0);
            if (stride < STILL) {
                break;
            }
        }
        return theta;
    }

    private static double[] moved(double[] from, double[] direction, double length) {
        double[] moved = from.clone();
        for (int k = 0; k < moved.length; k++) {
            moved[k] += length * direction[k];
        }
        return moved;
    }

    private double squares(List<Weighted<Note.Run>> runs, double[] theta) {
        double squares = prior.nu() * prior.s0() * prior.s0();
        for (Weighted<Note.Run> run : runs) {
            double off = Row.of(run.note(), works, theta).off();
            squares += run.weight() * off * off;
        }
        return squares;
    }

    /** {@code (nu + N)/2 ln(nu s1^2 + sum w r^2) + sum theta^2/(2 sd^2)}. */
    private double cost(List<Weighted<Note.Run>> runs, double[] theta, double weight) {
        double far = Arrays.stream(theta).map(one -> one * one).sum() / (2 * prior.sd() * prior.sd());
        return (prior.nu() + weight) / 2 * Math.log(squares(runs, theta)) + far;
    }

    private double[] direction(List<Weighted<Note.Run>> runs, double[] theta, double weight) {
        int n = theta.length;
        double variance = squares(runs, theta) / (prior.nu() + weight);
        double[] slope = new double[n];
        double[][] curve = new double[n][n];
        for (int k = 0; k < n; k++) {
            slope[k] = -theta[k] / (prior.sd() * prior.sd());
            curve[k][k] = 1 / (prior.sd() * prior.sd());
        }
        for (Weighted<Note.Run> run : runs) {
            Row row = Row.of(run.note(), works, theta);
            double precision = run.weight() / variance;
            for (int k = 0; k < n; k++) {
                slope[k] += precision * row.shares()[k] * row.off();
                for (int l = 0; l < n; l++) {
                    curve[k][l] += precision * row.shares()[k] * row.shares()[l];
                }
            }
        }
        return new CholeskyDecomposition(MatrixUtils.createRealMatrix(curve))
                .getSolver()
                .solve(MatrixUtils.createRealVector(slope))
                .toArray();
    }

    @Override
    public double off(Fitted fitted, Note.Run run) {
        Row row = Row.of(run, works, fitted.mode());
        Mixture next = fitted.lines().next(row.shares(), 1);
        return Math.abs(row.y(fitted.mode()) - next.mean()) / next.sd();
    }

    @Override
    public double tail(Fitted without, Note.Run run) {
        Row row = Row.of(run, works, without.mode());
        return without.lines().next(row.shares(), 1).tail(row.y(without.mode()));
    }
}
