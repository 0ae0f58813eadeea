package kindthimble.core.notebook;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * How full a hand ices: {@code y = m + h + e}, m a school's, h that of an order (scatter sh), e a cookie's (scatter sc, of k cookies weighed together
 * {@code sc^2/k}). Both scatters are a hand's, whatever the school, and a grid of 25 x 25; given them all is normal.
 */
final class Fullness implements SetAside.Model<Note.Weighing, Fullness.Fitted> {
    private static final int POINTS = 25;
    private static final double REACH = 3;

    /** A cookie's usual scatter, by which the logarithm's mean is put right and a scale's steps are judged. */
    private static final double USUAL = 0.12;

    /** How far a difference of two readings scatters, in steps of the scale. */
    private static final double OF_A_STEP = 0.41;

    private final Priors.Coats prior;

    Fullness(Priors.Coats prior) {
        this.prior = prior;
    }

    /** What the variance of a weighing is, of a cookie's. */
    static double share(Note.Weighing note) {
        double step = OF_A_STEP * note.step() / note.planned();
        return 1.0 / note.cookies() + step * step / (USUAL * USUAL);
    }

    static double y(Note.Weighing note) {
        return Math.log(note.coat() / note.planned()) + USUAL * USUAL / 2 * share(note);
    }

    /** The weighings of one order in one school, as far as they decide anything. */
    private static final class OfOrder {
        final String school;
        double counts;
        int notes;
        double precision;
        double sum;
        double squares;

        OfOrder(String school) {
            this.school = school;
        }

        void add(Note.Weighing note) {
            double of = 1 / share(note);
            double y = y(note);
            notes++;
            precision += of;
            sum += of * y;
            squares += of * y * y;
        }

        double mean() {
            return sum / precision;
        }

        /** What is left about their mean. */
        double inside() {
            return Math.max(0, squares - sum * sum / precision);
        }
    }

    /** Orders of equal make-up: they decide together. */
    private static final class Alike {
        double counts;
        double sum;
        double squares;
    }

    /**
     * What is believed of a hand.
     *
     * @param axes over (ln sh, ln sc)
     * @param schools what is believed of m, by school, at each point
     * @param orders by order and school
     */
    record Fitted(Axes axes, Map<String, Given> schools, Map<String, OfOrder> orders) {
        Mixture school(String school) {
            Given given = schools.get(school);
            return new Mixture(axes.weights(), given.means, given.variances);
        }

        /** How full the next order in a school is. */
        Mixture next(String school) {
            Given given = schools.get(school);
            double[] variances = new double[given.variances.length];
            for (int i = 0; i < variances.length; i++) {
                variances[i] = given.variances[i] + Math.exp(2 * axes.points()[i][0]);
            }
            return new Mixture(axes.weights(), given.means, variances);
        }

        double hand() {
            return axes.mean(at -> Math.exp(at[0]));
        }

        double cookie() {
            return axes.mean(at -> Math.exp(at[1]));
        }

        /** One more weighing of an order. */
        private Mixture next(Note.Weighing note, Priors.Coats prior) {
            OfOrder order = orders.get(key(note));
            Given given = schools.get(note.school());
            int n = axes.weights().length;
            double[] means = new double[n];
            double[] variances = new double[n];
            for (int i = 0; i < n; i++) {
                double sh2 = Math.exp(2 * axes.points()[i][0]);
                double sc2 = Math.exp(2 * axes.points()[i][1]);
                double mean = given == null ? 0 : given.means[i];
                double variance = given == null ? prior.m() * prior.m() : given.variances[i];
                double own = order == null ? 0 : sh2 / (sh2 + sc2 / order.precision);
                means[i] = (1 - own) * mean + (order == null ? 0 : own * order.mean());
                variances[i] = (1 - own) * (1 - own) * variance + (1 - own) * sh2 + sc2 * share(note);
            }
            return new Mixture(axes.weights(), means, variances);
        }
    }

    private static final class Given {
        final double[] means;
        final double[] variances;

        Given(int points) {
            means = new double[points];
            variances = new double[points];
        }
    }

    private static String key(Note.Weighing note) {
        return note.order() + "\n" + note.school();
    }

    @Override
    public Fitted fit(List<Weighted<Note.Weighing>> notes) {
        Map<String, Double> youngest = new HashMap<>();
        notes.forEach(one -> youngest.merge(one.note().order(), one.weight(), Math::max));
        Map<String, OfOrder> orders = new LinkedHashMap<>();
        for (Weighted<Note.Weighing> one : notes) {
            OfOrder order = orders.computeIfAbsent(
                    key(one.note()), key -> new OfOrder(one.note().school()));
            order.counts = youngest.get(one.note().order());
            order.add(one.note());
        }
        double left = 0;
        double inside = 0;
        Map<String, Map<Double, Alike>> schools = new TreeMap<>();
        for (OfOrder order : orders.values()) {
            left += order.counts * (order.notes - 1);
            inside += order.counts * order.inside();
            Alike alike = schools.computeIfAbsent(order.school, school -> new TreeMap<>())
                    .computeIfAbsent(order.precision, precision -> new Alike());
            alike.counts += order.counts;
            alike.sum += order.counts * order.mean();
            alike.squares += order.counts * order.mean() * order.mean();
        }
        double freedom = left;
        double within = inside;
        double hand = Math.log(prior.sh());
        double cookie = Math.log(prior.sc());
        List<Map<Double, Alike>> each = new ArrayList<>(schools.values());
        Axes axes = Axes.of(
                new double[] {hand - REACH, cookie - REACH},
                new double[] {hand + REACH, cookie + REACH},
                new int[] {POINTS, POINTS},
                at -> {
                    double log = Axes.scatter(at[0], prior.sh(), prior.nuh())
                            + Axes.scatter(at[1], prior.sc(), prior.nuc())
                            - freedom * at[1]
                            - within * Math.exp(-2 * at[1]) / 2;
                    for (Map<Double, Alike> school : each) {
                        log += at(school, at, null, 0);
                    }
                    return log;
                });
        Map<String, Given> given = new TreeMap<>();
        schools.forEach((school, alike) -> {
            Given of = new Given(axes.weights().length);
            for (int i = 0; i < of.means.length; i++) {
                at(alike, axes.points()[i], of, i);
            }
            given.put(school, of);
        });
        return new Fitted(axes, given, orders);
    }

    /** The log density of a school's orders, m integrated out; and what is believed of m there, where that is asked for. */
    private double at(Map<Double, Alike> school, double[] at, Given into, int i) {
        double sh2 = Math.exp(2 * at[0]);
        double sc2 = Math.exp(2 * at[1]);
        double precision = 1 / (prior.m() * prior.m());
        double sum = 0;
        double squares = 0;
        double logs = 0;
        for (Map.Entry<Double, Alike> one : school.entrySet()) {
            double variance = sh2 + sc2 / one.getKey();
            Alike alike = one.getValue();
            precision += alike.counts / variance;
            sum += alike.sum / variance;
            squares += alike.squares / variance;
            logs += alike.counts * Math.log(variance);
        }
        if (into != null) {
            into.means[i] = sum / precision;
            into.variances[i] = 1 / precision;
        }
        return -logs / 2 - squares / 2 + sum * sum / precision / 2 - Math.log(precision) / 2;
    }

    @Override
    public double off(Fitted fitted, Note.Weighing note) {
        Mixture next = fitted.next(note, prior);
        return Math.abs(y(note) - next.mean()) / next.sd();
    }

    @Override
    public double tail(Fitted without, Note.Weighing note) {
        return without.next(note, prior).tail(y(note));
    }

    private static final double HIGH = 0.9;
    private static final double HIGHER = 0.99;
    private static final double LEAST_DEGREES = 1.5;
    private static final double MOST_DEGREES = 1e6;
    private static final int MOST_TRIES = 200;

    /** A Student t about the mean of what is believed, with its upper 90 and 99 % points. */
    static Figure.Next student(double centre, Mixture believed) {
        double high = believed.quantile(HIGH) - centre;
        double ratio = (believed.quantile(HIGHER) - centre) / high;
        double least = ratio(Math.log(LEAST_DEGREES));
        double degrees = ratio >= least
                ? LEAST_DEGREES
                : ratio <= ratio(Math.log(MOST_DEGREES))
                        ? MOST_DEGREES
                        : Math.exp(new BrentSolver(1e-12)
                                .solve(
                                        MOST_TRIES,
                                        log -> ratio(log) - ratio,
                                        Math.log(LEAST_DEGREES),
                                        Math.log(MOST_DEGREES)));
        return new Figure.Next(
                centre, high / new TDistribution(degrees).inverseCumulativeProbability(HIGH), degrees, believed.sd());
    }

    private static double ratio(double logDegrees) {
        TDistribution student = new TDistribution(Math.exp(logDegrees));
        return student.inverseCumulativeProbability(HIGHER) / student.inverseCumulativeProbability(HIGH);
    }
}
