package kindthimble.core.notebook;

import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * Figures that a note says plainly, by themselves or as a line.
 *
 * @param sd of each unknown
 * @param s0 scatter that is believed
 * @param nu notes that it is worth
 * @param x what the unknowns count in a note
 * @param y what the note says, less what the house believes
 * @param together how many were measured together
 */
record Lines<N extends Dated>(
        double[] sd, double s0, double nu, Row<N> x, ToDoubleFunction<N> y, ToDoubleFunction<N> together)
        implements SetAside.Model<N, Regression.Fitted> {
    /** What the unknowns count in a note. */
    interface Row<N> {
        double[] of(N note);
    }

    /** One unknown, of which each note is a measurement. */
    static <N extends Dated> Lines<N> plain(Priors.Plain prior, ToDoubleFunction<N> y, ToDoubleFunction<N> together) {
        double[] one = {1};
        return new Lines<>(new double[] {prior.sd()}, prior.s0(), prior.nu(), note -> one, y, together);
    }

    @Override
    public Regression.Fitted fit(List<Weighted<N>> notes) {
        Regression regression = new Regression(sd, s0, nu);
        for (Weighted<N> one : notes) {
            N note = one.note();
            regression.add(x.of(note), y.applyAsDouble(note), together.applyAsDouble(note), one.weight());
        }
        return regression.fitted();
    }

    @Override
    public double off(Regression.Fitted fitted, N note) {
        Mixture next = next(fitted, note);
        return Math.abs(y.applyAsDouble(note) - next.mean()) / next.sd();
    }

    @Override
    public double tail(Regression.Fitted without, N note) {
        return next(without, note).tail(y.applyAsDouble(note));
    }

    private Mixture next(Regression.Fitted fitted, N note) {
        return fitted.next(x.of(note), together.applyAsDouble(note));
    }
}
