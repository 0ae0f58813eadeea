package kindthimble.core.notebook;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * Notes that are so improbable, given all others, that something else must have happened: those of which the smaller predictive tail is under
 * {@code Phi(-c)}, {@code c = max(3, -Phi^-1(0.025/n))}; a quarter of all at most. What she keeps is never set aside.
 */
final class SetAside {
    private static final NormalDistribution NORMAL = new NormalDistribution();
    private static final double LEAST_SDS = 3;
    private static final double FALSE_IN_ALL = 0.025;
    private static final int MOST_SHARE = 4;

    /** Up to so many notes they go one by one. */
    private static final int FEW = 60;

    private static final int WORST = 3;

    /** Of many notes, one that is nearer than this share of what is improbable is not, whether it counts itself or not. */
    private static final double NEAR = 0.6;

    private SetAside() {}

    /**
     * What learns from notes of a kind.
     *
     * @param <N> the notes
     * @param <F> what is believed once they are known
     */
    interface Model<N extends Dated, F> {
        F fit(List<Weighted<N>> notes);

        /** The same, where what was believed with a note more or less is known. */
        default F fit(List<Weighted<N>> notes, F near) {
            return fit(notes);
        }

        /** How far a note is from what is believed, with itself, in sds. */
        double off(F fitted, N note);

        /** The smaller chance of a note as low or as high, where it was not among those that were learnt from. */
        double tail(F without, N note);
    }

    /**
     * @param fitted to the notes that count
     * @param counted those
     * @param aside the others
     */
    record Learnt<N extends Dated, F>(F fitted, List<Weighted<N>> counted, List<N> aside) {}

    /**
     * @param notes sorted by day, kind and id
     */
    static <N extends Dated, F> Learnt<N, F> learnt(List<Weighted<N>> notes, Model<N, F> model) {
        int n = notes.size();
        List<Weighted<N>> counted = new ArrayList<>(notes);
        List<N> aside = new ArrayList<>();
        F fitted = model.fit(counted);
        double sds = n == 0 ? 0 : Math.max(LEAST_SDS, -NORMAL.inverseCumulativeProbability(FALSE_IN_ALL / n));
        while (aside.size() < n / MOST_SHARE) {
            List<Weighted<N>> out = worst(counted, fitted, model, sds, n);
            if (out.isEmpty()) {
                break;
            }
            for (Weighted<N> one : out.subList(0, Math.min(out.size(), n / MOST_SHARE - aside.size()))) {
                counted.remove(one);
                aside.add(one.note());
            }
            fitted = model.fit(counted, fitted);
        }
        return new Learnt<>(fitted, counted, aside);
    }

    private record Tail<N extends Dated>(Weighted<N> of, double chance) {}

    /** Of few notes the one that is most improbable; of many all that are, the worst first. */
    private static <N extends Dated, F> List<Weighted<N>> worst(
            List<Weighted<N>> counted, F fitted, Model<N, F> model, double sds, int n) {
        boolean few = n <= FEW;
        double improbable = NORMAL.cumulativeProbability(-sds);
        List<Tail<N>> tails = counted.stream()
                .filter(one -> !one.note().taken().keep())
                .map(one -> new Tail<>(one, model.off(fitted, one.note())))
                .filter(one -> few || one.chance() > NEAR * sds)
                .sorted(Comparator.comparingDouble((Tail<N> one) -> -one.chance())
                        .thenComparing(one -> one.of().note(), Notebook.BY_DAY_THEN_ID))
                .limit(few ? WORST : Integer.MAX_VALUE)
                .map(one -> {
                    List<Weighted<N>> others =
                            counted.stream().filter(other -> other != one.of()).toList();
                    return new Tail<>(
                            one.of(),
                            model.tail(model.fit(others, fitted), one.of().note()));
                })
                .filter(one -> one.chance() < improbable)
                .sorted(Comparator.comparingDouble((Tail<N> one) -> one.chance())
                        .thenComparing(one -> one.of().note(), Notebook.BY_DAY_THEN_ID))
                .toList();
        return tails.stream().limit(few ? 1 : Integer.MAX_VALUE).map(Tail::of).toList();
    }
}
