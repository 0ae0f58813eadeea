package kindthimble.core.tint;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.colour.Lab;

/**
 * One search for a bowl's recipe: its scratch arrays and what it has found.
 *
 * <p>All single gels, all pairs and all those triples that can be nearer than their pairs are first followed to their nearest amounts
 * (see {@link Descent}); the most promising are then brought to whole dabs and searched around, by the whole formula.
 */
final class RecipeSearch {
    private static final double[] SCAN = {0.05, 0.1, 0.2, 0.4, 0.8, 1.6, 3.2, 6.4, 12.8, 25, 50, 75};
    private static final int PAIRS_TRIED = 40;
    private static final int TRIPLES_TRIED = 60;
    private static final int TRIPLES_FOLLOWED = 120;
    private static final int FIRST_STEPS = 2;
    private static final double LEAST_GAIN = 0.01;
    private static final double A_LITTLE = 0.02;
    private static final double NEAR_ENOUGH = 0.05;
    private static final double FARTHER_BY = 1.1;
    private static final double FARTHER_THAN = 0.5;
    private static final double WHOLE_DROPS_WORTH = 0.15;

    /** A recipe in dabs. */
    record Candidate(int[] which, int[] dabs, double deltaE) {
        int size() {
            return which.length;
        }
    }

    private final Lab target;
    private final int mostGels;
    private final List<Gel> gels;
    private final Blend blend;
    private final Descent descent;
    private final double dropsPerDab;
    private final int mostDabs;
    private final int[] all;
    private final Map<Long, Candidate> bySet = new HashMap<>();
    private double best = Double.POSITIVE_INFINITY;
    private double nearest = Double.POSITIVE_INFINITY;
    private double liftedDeltaE = Double.POSITIVE_INFINITY;

    RecipeSearch(WhiteIcing white, List<Gel> gels, Lab target, double baseGrams, int mostGels) {
        this.gels = gels;
        blend = new Blend(white, gels);
        all = new int[gels.size()];
        this.target = target;
        this.mostGels = mostGels;
        dropsPerDab = Gel.DAB_GRAMS / Gel.DROP_GRAMS * 100 / baseGrams;
        mostDabs = (int) Math.floor(TintSolver.MOST_GEL_SHARE * baseGrams / Gel.DAB_GRAMS + 1e-9);
        descent = new Descent(blend, new Nearness(target), mostDabs * dropsPerDab);
    }

    /** CIEDE2000 that these gels would reach if amounts were not whole dabs. */
    double nearestInAnyAmount() {
        return nearest;
    }

    /** The same if there could be twice as much gel as is wise. */
    double lifted() {
        return liftedDeltaE;
    }

    /** Recipes of different gels, the nearest first. */
    List<Candidate> run() {
        keep(new int[0], new int[0]);
        int n = gels.size();
        Arrays.setAll(all, g -> g);
        Descent.Found[] singles = new Descent.Found[n];
        Arrays.setAll(singles, this::single);
        refineUntilNearEnough(promising(List.of(singles), n));
        Descent.Found[][] pairs = new Descent.Found[n][n];
        if (mostGels >= 2) {
            List<Descent.Found> nearer = new ArrayList<>();
            double[][] gains = new double[n][];
            Arrays.setAll(gains, g -> descent.gains(singles[g], all));
            for (int a = 0; a < n; a++) {
                for (int b = a + 1; b < n; b++) {
                    boolean more = gains[a][b] > LEAST_GAIN || gains[b][a] > LEAST_GAIN;
                    pairs[a][b] = more ? pair(singles[a], singles[b]) : alone(singles[a], singles[b]);
                    if (more) {
                        nearer.add(pairs[a][b]);
                    }
                }
            }
            refineUntilNearEnough(promising(nearer, PAIRS_TRIED));
        }
        if (mostGels >= 3 && best > NEAR_ENOUGH) {
            refineUntilNearEnough(promising(triples(pairs), TRIPLES_TRIED));
        }
        lift();
        List<Candidate> found = new ArrayList<>(bySet.values());
        found.sort(Comparator.comparingDouble(Candidate::deltaE).thenComparingInt(Candidate::size));
        return found;
    }

    private Descent.Found single(int gel) {
        int[] which = {gel};
        double best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (double drops : SCAN) {
            double apart = target.differenceTo(blend.look(which, new double[] {drops}));
            if (apart < least) {
                least = apart;
                best = drops;
            }
        }
        return descent.from(which, new double[] {best});
    }

    private Descent.Found pair(Descent.Found a, Descent.Found b) {
        int[] which = {a.which()[0], b.which()[0]};
        boolean first = a.squared() <= b.squared();
        double own = first ? a.drops()[0] : b.drops()[0];
        double other = first ? b.drops()[0] : a.drops()[0];
        double[] near = first ? new double[] {own, 0.15 * other} : new double[] {0.15 * other, own};
        Descent.Found one = descent.from(which, near, FIRST_STEPS);
        Descent.Found two = descent.from(which, new double[] {0.6 * a.drops()[0], 0.6 * b.drops()[0]}, FIRST_STEPS);
        return descent.from(which, one.squared() <= two.squared() ? one.drops() : two.drops());
    }

    /** Two gels where neither brings the other nearer. */
    private Descent.Found alone(Descent.Found a, Descent.Found b) {
        int[] which = {a.which()[0], b.which()[0]};
        return a.squared() <= b.squared()
                ? new Descent.Found(which, new double[] {a.drops()[0], 0}, a.squared(), null, a.at())
                : new Descent.Found(which, new double[] {0, b.drops()[0]}, b.squared(), null, b.at());
    }

    /** Triples in which each gel helps, a few steps down; those that got far go on to the end. */
    private List<Descent.Found> triples(Descent.Found[][] pairs) {
        int n = gels.size();
        double[][][] gains = new double[n][n][];
        for (int a = 0; a < n; a++) {
            for (int b = a + 1; b < n; b++) {
                gains[a][b] = descent.gains(pairs[a][b], all);
            }
        }
        List<Descent.Found> begun = new ArrayList<>();
        for (int a = 0; a < n; a++) {
            for (int b = a + 1; b < n; b++) {
                for (int c = b + 1; c < n; c++) {
                    if (Math.max(gains[a][b][c], Math.max(gains[a][c][b], gains[b][c][a])) > LEAST_GAIN) {
                        begun.add(triple(pairs[a][b], pairs[a][c], pairs[b][c]));
                    }
                }
            }
        }
        return promising(begun, TRIPLES_FOLLOWED).stream()
                .map(found -> descent.from(found.which(), found.drops()))
                .toList();
    }

    /** From the nearest of its pairs. */
    private Descent.Found triple(Descent.Found ab, Descent.Found ac, Descent.Found bc) {
        double[] start;
        if (ab.squared() <= ac.squared() && ab.squared() <= bc.squared()) {
            start = new double[] {ab.drops()[0], ab.drops()[1], A_LITTLE};
        } else if (ac.squared() <= bc.squared()) {
            start = new double[] {ac.drops()[0], A_LITTLE, ac.drops()[1]};
        } else {
            start = new double[] {A_LITTLE, bc.drops()[0], bc.drops()[1]};
        }
        int[] which = {ab.which()[0], ab.which()[1], bc.which()[1]};
        return descent.from(which, start, FIRST_STEPS);
    }

    /**
     * Refines until it is so near that nobody sees a difference and no other recipe can be better by more. What is clearly farther
     * away in any amount than what there is in whole dabs is left.
     */
    private void refineUntilNearEnough(List<Descent.Found> found) {
        for (Descent.Found one : found) {
            if (best <= NEAR_ENOUGH) {
                return;
            }
            if (target.differenceTo(blend.look(one.which(), one.drops())) < best * FARTHER_BY + FARTHER_THAN) {
                refine(one);
            }
        }
    }

    /** Those that come nearest once their amounts are whole dabs, judged by their slopes. */
    private List<Descent.Found> promising(List<Descent.Found> found, int most) {
        record Judged(Descent.Found found, double squared) {}
        return found.stream()
                .map(one -> new Judged(one, rounded(one)))
                .sorted(Comparator.comparingDouble(Judged::squared))
                .limit(most)
                .map(Judged::found)
                .toList();
    }

    private double rounded(Descent.Found found) {
        int n = found.which().length;
        double least = Double.POSITIVE_INFINITY;
        for (int corner = 0; corner < 1 << n; corner++) {
            double[] r = found.at().clone();
            for (int i = 0; i < n; i++) {
                double inDabs = found.drops()[i] / dropsPerDab;
                double to = (corner >> i & 1) == 0 ? Math.floor(inDabs) : Math.ceil(inDabs);
                double by = (to - inDabs) * dropsPerDab;
                for (int x = 0; x < 3; x++) {
                    r[x] += by * found.slopes()[i][x];
                }
            }
            least = Math.min(least, Nearness.squared(r));
        }
        return least;
    }

    /** Brings amounts to whole dabs, and goes from one to the next nearer one by the whole formula. */
    private void refine(Descent.Found found) {
        int n = found.which().length;
        int[] dabs = new int[n];
        int sum = 0;
        for (int i = 0; i < n; i++) {
            dabs[i] = (int) Math.round(found.drops()[i] / dropsPerDab);
            sum += dabs[i];
        }
        for (int i = 0; sum > mostDabs; i = (i + 1) % n) {
            if (dabs[i] > 0) {
                dabs[i]--;
                sum--;
            }
        }
        nearest = Math.min(nearest, target.differenceTo(blend.look(found.which(), found.drops())));
        double now = deltaE(found.which(), dabs);
        // Where the target is far, or the most gel is reached, the nearest amounts may lie some way off.
        int longest = now > 2 || sum >= mostDabs - 1 ? Math.max(1, Integer.highestOneBit(Math.max(1, sum / 4))) : 2;
        for (int step = longest; step >= 1; step /= 2) {
            boolean nearer = true;
            while (nearer) {
                nearer = false;
                for (int[] move : MOVES[n]) {
                    int[] tried = moved(dabs, move, step);
                    double then = tried == null ? Double.POSITIVE_INFINITY : deltaE(found.which(), tried);
                    if (then < now - 1e-9) {
                        now = then;
                        dabs = tried;
                        nearer = true;
                    }
                }
            }
        }
        keep(found.which(), dabs);
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

    private double deltaE(int[] which, int[] dabs) {
        double[] drops = new double[dabs.length];
        for (int i = 0; i < drops.length; i++) {
            drops[i] = dabs[i] * dropsPerDab;
        }
        return target.differenceTo(blend.look(which, drops));
    }

    /** Keeps a recipe if it is the nearest of its gels; those of which it takes none are no part of it. */
    private void keep(int[] which, int[] dabs) {
        int[] used = new int[which.length];
        int n = 0;
        long set = 0;
        for (int i = 0; i < which.length; i++) {
            if (dabs[i] > 0) {
                used[n++] = i;
                set = set * 1_000 + which[i] + 1;
            }
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
        nearest = Math.min(nearest, apart);
        best = Math.min(best, apart);
    }

    /** What twice as much gel as is wise would reach, of the gels of the nearest recipe. */
    private void lift() {
        Candidate best = bySet.values().stream()
                .min(Comparator.comparingDouble(Candidate::deltaE))
                .orElseThrow();
        liftedDeltaE = best.deltaE;
        if (best.size() == 0 || Arrays.stream(best.dabs).sum() < 0.9 * mostDabs) {
            return;
        }
        double[] twice =
                Arrays.stream(best.dabs).mapToDouble(d -> 1.5 * d * dropsPerDab).toArray();
        Descent.Found more =
                new Descent(blend, new Nearness(target), 2 * mostDabs * dropsPerDab).from(best.which, twice);
        liftedDeltaE = Math.min(liftedDeltaE, target.differenceTo(blend.look(more.which(), more.drops())));
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

    /** Every way to one dab more or less of some of n gels. */
    private static final int[][][] MOVES = moves();

    private static int[][][] moves() {
        int[][][] all = new int[TintSolver.MOST_GELS + 1][][];
        for (int n = 0; n <= TintSolver.MOST_GELS; n++) {
            List<int[]> of = new ArrayList<>();
            for (int code = 0; code < Math.pow(3, n); code++) {
                int[] move = new int[n];
                int rest = code;
                for (int i = 0; i < n; i++) {
                    move[i] = rest % 3 - 1;
                    rest /= 3;
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
