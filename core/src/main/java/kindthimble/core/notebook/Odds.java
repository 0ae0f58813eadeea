package kindthimble.core.notebook;

import java.util.List;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * How likely a crater is in a narrow place: {@code logit p = alpha + beta ln(limit/width)}, as probable as can be, and how sharply. Places wider than twice
 * the limit teach nothing.
 */
record Odds(double[] mean, double[][] covariance, int notes, double weight) {
    private static final double TEACHES_TO = 2;
    private static final int MOST_STEPS = 100;
    private static final double STILL = 1e-13;

    static Odds of(List<Weighted<Note.Place>> all, Priors.Logistic prior) {
        List<Weighted<Note.Place>> notes = all.stream()
                .filter(one -> one.note().width() <= TEACHES_TO * one.note().limit())
                .toList();
        double[] theta = prior.mu().clone();
        double[][] covariance = null;
        double cost = cost(notes, prior, theta);
        for (int step = 0; step < MOST_STEPS; step++) {
            double[] slope = new double[2];
            double[][] curve = new double[2][2];
            for (int i = 0; i < 2; i++) {
                double precision = 1 / (prior.sd()[i] * prior.sd()[i]);
                slope[i] = -(theta[i] - prior.mu()[i]) * precision;
                curve[i][i] = precision;
            }
            for (Weighted<Note.Place> one : notes) {
                double[] x = x(one.note());
                double p = chance(theta, x);
                for (int i = 0; i < 2; i++) {
                    slope[i] +=
                            one.weight() * x[i] * (one.note().yes() - one.note().of() * p);
                    for (int j = 0; j < 2; j++) {
                        curve[i][j] += one.weight() * one.note().of() * p * (1 - p) * x[i] * x[j];
                    }
                }
            }
            double det = curve[0][0] * curve[1][1] - curve[0][1] * curve[0][1];
            covariance =
                    new double[][] {{curve[1][1] / det, -curve[0][1] / det}, {-curve[0][1] / det, curve[0][0] / det}};
            double[] stride = {
                covariance[0][0] * slope[0] + covariance[0][1] * slope[1],
                covariance[1][0] * slope[0] + covariance[1][1] * slope[1]
            };
            double length = 1;
            double[] next = {theta[0] + stride[0], theta[1] + stride[1]};
            while (cost(notes, prior, next) > cost && length > STILL) {
                length /= 2;
                next = new double[] {theta[0] + length * stride[0], theta[1] + length * stride[1]};
            }
            theta = next;
            cost = cost(notes, prior, theta);
            if (length * (Math.abs(stride[0]) + Math.abs(stride[1])) < STILL) {
                break;
            }
        }
        return new Odds(
                theta,
                covariance,
                notes.size(),
                notes.stream().mapToDouble(Weighted::weight).sum());
    }

    private static double[] x(Note.Place place) {
        return new double[] {1, Math.log(place.limit() / place.width())};
    }

    private static double chance(double[] theta, double[] x) {
        return 1 / (1 + Math.exp(-theta[0] - theta[1] * x[1]));
    }

    private static double cost(List<Weighted<Note.Place>> notes, Priors.Logistic prior, double[] theta) {
        double cost = 0;
        for (int i = 0; i < 2; i++) {
            double off = (theta[i] - prior.mu()[i]) / prior.sd()[i];
            cost += off * off / 2;
        }
        for (Weighted<Note.Place> one : notes) {
            double[] x = x(one.note());
            double logit = theta[0] + theta[1] * x[1];
            cost += one.weight()
                    * (one.note().of() * Math.log1p(Math.exp(-Math.abs(logit)))
                            + one.note().of() * Math.max(0, logit)
                            - one.note().yes() * logit);
        }
        return cost;
    }

    Figure figure(String name, Figure.Scale scale, int which) {
        double sd = Math.sqrt(covariance[which][which]);
        NormalDistribution normal = new NormalDistribution(mean[which], sd);
        return new Figure(
                name,
                scale,
                mean[which],
                sd,
                normal.inverseCumulativeProbability(Notebook.LOW),
                normal.inverseCumulativeProbability(Notebook.HIGH),
                null,
                notes,
                weight,
                List.of(),
                null);
    }
}
