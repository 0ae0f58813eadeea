package kindthimble.core.tint;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import kindthimble.core.colour.Lab;

/** Recipes of one bowl in whole dabs, by the whole formula: how near each comes, which lie beside it, and the nearest of each set of gels. */
final class WholeDabs {
    /** Nearer than that nobody sees, and no other recipe can be better by more. */
    static final double NEAR_ENOUGH = 0.05;

    /** Of so few dabs a whole one more or less is much. */
    static final int FEW_DABS = 3;

    private static final double FAR = 3;

    /** A bowl in which no more dabs than these are wise is small: a dab is much, so more is tried. */
    private static final int DABS_OF_A_SMALL_BOWL = 45;

    private static final int HARD_VARIED = 16;
    private static final int HARD_VARIANTS_TRIED = 80;
    private static final double[] TOTALS = {1, 0.6, 0.3, 0.1};
    private static final double[] SHARES = {0.1, 0.3, 0.5, 0.7, 0.9};
    private static final int[][] FEW_OF_TWO = {{1, 1}, {1, 2}, {2, 1}, {1, 3}, {3, 1}};
    private static final int ROUNDS = 2;
    private static final int HARD_ROUNDS = 3;
    private static final int VARIED = 6;
    private static final int VARIANTS_TRIED = 20;
    private static final double WHOLE_DROPS_WORTH = 0.15;

    /** A recipe in dabs. */
    record Candidate(int[] which, int[] dabs, double deltaE) {
        int size() {
            return which.length;
        }
    }

    private final Lab target;
    private final Nearness nearness;
    private final Blend blend;
    private final int mostGels;
    private final double dropsPerDab;
    private final int mostDabs;
    private final int[] all;

    /** How strong each gel is against the others: in the band in which it absorbs most. */
    private final double[] strength;

    private final double[] lab = new double[3];
    private final double[] three = new double[3];
    private final Map<Long, Candidate> bySet = new HashMap<>();
    private double best = Double.POSITIVE_INFINITY;

    WholeDabs(Lab target, Blend blend, List<Gel> gels, double baseGrams, double mostGelShare, int mostGels) {
        this.target = target;
        this.blend = blend;
        this.mostGels = mostGels;
        nearness = new Nearness(target);
        dropsPerDab = Gel.DAB_GRAMS / Gel.DROP_GRAMS * 100 / baseGrams;
        mostDabs = (int) Math.floor(mostGelShare * baseGrams / Gel.DAB_GRAMS + 1e-9);
        all = IntStream.range(0, gels.size()).toArray();
        strength = gels.stream().mapToDouble(WholeDabs::strength).toArray();
        keep(new int[0], new int[0]);
    }

    private static double strength(Gel gel) {
        return Math.max(gel.whitening(), Arrays.stream(gel.absorption()).max().orElse(0)) + 1e-6;
    }

    /** Drops in 100 g of base that a dab is. */
    double dropsPerDab() {
        return dropsPerDab;
    }

    /** As many dabs as are wise. */
    int mostDabs() {
        return mostDabs;
    }

    /** Whether a dab is much for this bowl, so that more is tried. */
    boolean isSmall() {
        return mostDabs <= DABS_OF_A_SMALL_BOWL;
    }

    /** CIEDE2000 of the nearest recipe so far. */
    double best() {
        return best;
    }

    /** Keeps a recipe if it is the nearest of its gels; those of which it takes none are no part of it. */
    void keep(int[] which, int[] dabs) {
        int[] used = IntStream.range(0, which.length)
                .filter(i -> dabs[i] > 0)
                .boxed()
                .sorted(Comparator.comparingInt(i -> which[i]))
                .mapToInt(i -> i)
                .toArray();
        int n = used.length;
        long set = 0;
        for (int i : used) {
            set = set * 1_000 + which[i] + 1;
        }
        int[] ownWhich = new int[n];
        int[] ownDabs = new int[n];
        for (int i = 0; i < n; i++) {
            ownWhich[i] = which[used[i]];
            ownDabs[i] = dabs[used[i]];
        }
        double apart = deltaE(ownWhich, ownDabs);
        bySet.merge(
                set, new Candidate(ownWhich, ownDabs, apart), (old, other) -> other.deltaE < old.deltaE ? other : old);
        best = Math.min(best, apart);
    }

    List<Candidate> sorted() {
        List<Candidate> found = new ArrayList<>(bySet.values());
        found.sort(Comparator.comparingDouble(Candidate::deltaE).thenComparingInt(Candidate::size));
        return found;
    }

    double deltaE(int[] which, int[] dabs) {
        return deltaE(which, dabs, Double.POSITIVE_INFINITY);
    }

    /**
     * Infinite where it is clearly more than some limit, since the whole formula takes longer than the look. Near the target only: far
     * away the difference as it goes near the target says little.
     */
    double deltaE(int[] which, int[] dabs, double limit) {
        double[] drops = new double[dabs.length];
        for (int i = 0; i < drops.length; i++) {
            drops[i] = dabs[i] * dropsPerDab;
        }
        blend.look(which, drops, lab);
        nearness.of(lab, three);
        double roughly = Math.sqrt(Nearness.squared(three));
        return limit < FAR && roughly > 2 * limit + 1
                ? Double.POSITIVE_INFINITY
                : target.differenceTo(new Lab(lab[0], lab[1], lab[2]));
    }

    /** Goes from whole dabs to nearer ones, by long steps first, until none is nearer; keeps what it comes to. */
    void walk(int[] which, int[] from, double there, int longest) {
        int[] dabs = from;
        double now = there;
        int step = longest;
        boolean longer = false;
        while (step >= 1) {
            int[] nearer = null;
            for (int[] move : (longer ? LONGER_MOVES : MOVES)[which.length]) {
                int[] tried = moved(dabs, move, step);
                double then = tried == null ? Double.POSITIVE_INFINITY : deltaE(which, tried, now);
                if (then < now - 1e-9) {
                    now = then;
                    nearer = tried;
                    dabs = tried;
                }
            }
            if (nearer != null) {
                longer = false;
            } else if (step > 1) {
                step /= 2;
            } else if (isSmall() && !longer) {
                longer = true;
            } else {
                step = 0;
            }
        }
        keep(which, dabs);
    }

    private int[] moved(int[] dabs, int[] move, int step) {
        int[] tried = new int[dabs.length];
        int sum = 0;
        for (int i = 0; i < dabs.length; i++) {
            tried[i] = dabs[i] + step * move[i];
            sum += tried[i];
            if (tried[i] < 0) {
                return null;
            }
        }
        return sum > mostDabs ? null : tried;
    }

    /** Looks beside what the descents came to, where whole dabs or the distance may have hidden something nearer. */
    void lookFurther() {
        if (best > FAR && mostGels >= 2) {
            lookAround();
        }
        boolean few = sorted().stream()
                .limit(VARIED)
                .anyMatch(candidate -> Arrays.stream(candidate.dabs).anyMatch(dabs -> dabs < FEW_DABS));
        if (isSmall() || best > FAR || few) {
            vary();
        }
    }

    /** Where a bowl is so small that a dab is much, the nearest recipe may lie beside all amounts that are near without whole dabs. */
    private void vary() {
        boolean hard = isSmall() || best > FAR;
        for (int round = 0; round < (hard ? HARD_ROUNDS : ROUNDS) && best > NEAR_ENOUGH; round++) {
            List<Candidate> starts = new ArrayList<>();
            sorted().stream().limit(hard ? HARD_VARIED : VARIED).forEach(candidate -> variants(candidate, starts));
            if (isSmall() && round == 0) {
                Set<Integer> mains = new HashSet<>();
                sorted().stream().limit(VARIED).forEach(candidate -> beside(candidate, mains, starts));
            }
            starts.sort(Comparator.comparingDouble(Candidate::deltaE));
            starts.stream()
                    .limit(hard ? HARD_VARIANTS_TRIED : VARIANTS_TRIED)
                    .forEach(start -> walk(start.which, start.dabs, start.deltaE, best > FAR ? stride(start.dabs) : 1));
        }
    }

    /**
     * Far from all that these gels reach, what is nearest as the difference goes near the target need not be nearest by the whole formula:
     * pairs are looked at all over, and followed from where they are nearest.
     */
    private void lookAround() {
        List<Candidate> starts = new ArrayList<>();
        for (int a = 0; a < all.length; a++) {
            for (int b = a + 1; b < all.length; b++) {
                for (double total : TOTALS) {
                    for (double share : SHARES) {
                        int[] dabs = {(int) (total * share * mostDabs), (int) (total * (1 - share) * mostDabs)};
                        int[] which = {a, b};
                        starts.add(new Candidate(which, dabs, deltaE(which, dabs)));
                    }
                }
            }
        }
        starts.sort(Comparator.comparingDouble(Candidate::deltaE));
        starts.stream()
                .limit(HARD_VARIANTS_TRIED)
                .forEach(start -> walk(start.which, start.dabs, start.deltaE, stride(start.dabs)));
    }

    /** A long step for so many dabs. */
    static int stride(int[] dabs) {
        return Math.max(1, Integer.highestOneBit(Math.max(1, Arrays.stream(dabs).sum() / 4)));
    }

    /** A dab of one gel more, or one gel in the place of another. */
    private void variants(Candidate candidate, List<Candidate> into) {
        for (int gel : all) {
            if (Arrays.stream(candidate.which).anyMatch(g -> g == gel)) {
                continue;
            }
            if (candidate.size() < mostGels) {
                int[] which = Arrays.copyOf(candidate.which, candidate.size() + 1);
                int[] dabs = Arrays.copyOf(candidate.dabs, candidate.size() + 1);
                which[candidate.size()] = gel;
                dabs[candidate.size()] = 1;
                start(which, dabs, into);
            }
            for (int i = 0; i < candidate.size(); i++) {
                int[] which = candidate.which.clone();
                int[] dabs = candidate.dabs.clone();
                which[i] = gel;
                dabs[i] = Math.max(1, (int) Math.round(dabs[i] * strength[candidate.which[i]] / strength[gel]));
                start(which, dabs, into);
            }
        }
    }

    /** In a small bowl: a few dabs of any two gels beside the one that there is most of. */
    private void beside(Candidate candidate, Set<Integer> done, List<Candidate> into) {
        int main = -1;
        for (int i = 0; i < candidate.size(); i++) {
            main = main < 0 || candidate.dabs[i] > candidate.dabs[main] ? i : main;
        }
        if (main < 0 || mostGels < 3 || !done.add(candidate.which[main])) {
            return;
        }
        for (int b : all) {
            for (int c : all) {
                if (b < c && b != candidate.which[main] && c != candidate.which[main]) {
                    for (int[] few : FEW_OF_TWO) {
                        start(
                                new int[] {candidate.which[main], b, c},
                                new int[] {candidate.dabs[main], few[0], few[1]},
                                into);
                    }
                }
            }
        }
    }

    private void start(int[] which, int[] dabs, List<Candidate> into) {
        if (Arrays.stream(dabs).sum() <= mostDabs) {
            into.add(new Candidate(which, dabs, deltaE(which, dabs)));
        }
    }

    /** The same without dabs beside four drops and more, where that costs next to nothing. */
    Candidate inWholeDrops(Candidate shown, double atMost) {
        int inDrop = (int) Math.round(Gel.DROP_GRAMS / Gel.DAB_GRAMS);
        Candidate simple = shown;
        for (int i = 0; i < shown.size(); i++) {
            int[] dabs = simple.dabs.clone();
            if (dabs[i] < 4 * inDrop || dabs[i] % inDrop == 0) {
                continue;
            }
            int down = dabs[i] / inDrop * inDrop;
            dabs[i] = dabs[i] - down < down + inDrop - dabs[i] ? down : Math.min(down + inDrop, mostDabs);
            double apart = deltaE(shown.which, dabs);
            if (Arrays.stream(dabs).sum() <= mostDabs
                    && dabs[i] % inDrop == 0
                    && apart <= Math.min(atMost, shown.deltaE + WHOLE_DROPS_WORTH)) {
                simple = new Candidate(shown.which, dabs, apart);
            }
        }
        return simple;
    }

    /** Every way to one dab more or less of some of n gels, and to two. */
    private static final int[][][] MOVES = moves(1);

    private static final int[][][] LONGER_MOVES = moves(2);

    private static int[][][] moves(int longest) {
        int[][][] all = new int[TintSolver.MOST_GELS + 1][][];
        int ways = 2 * longest + 1;
        for (int n = 0; n <= TintSolver.MOST_GELS; n++) {
            List<int[]> of = new ArrayList<>();
            for (int code = 0; code < Math.pow(ways, n); code++) {
                int[] move = new int[n];
                int rest = code;
                for (int i = 0; i < n; i++) {
                    move[i] = rest % ways - longest;
                    rest /= ways;
                }
                if (Arrays.stream(move).anyMatch(m -> m != 0)) {
                    of.add(move);
                }
            }
            all[n] = of.toArray(int[][]::new);
        }
        return all;
    }
}
