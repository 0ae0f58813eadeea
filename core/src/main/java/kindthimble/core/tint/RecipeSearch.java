package kindthimble.core.tint;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import kindthimble.core.colour.Lab;

/**
 * One search for a bowl's recipe: its scratch arrays and what it has found.
 *
 * <p>All single gels, all pairs and all those triples that can be nearer than their pairs are first followed to their nearest amounts
 * (see {@link Descent}); the most promising are then brought to whole dabs and searched around, by the whole formula.
 */
final class RecipeSearch {
    private static final double[] SCAN = {0.05, 0.1, 0.2, 0.4, 0.8, 1.6, 3.2, 6.4, 12.8, 25, 50, 75};
    private static final int SMALL_TRIED = 100;
    private static final int PAIRS_TRIED = 24;
    private static final int TRIPLES_TRIED = 20;
    private static final int TRIPLES_FOLLOWED = 45;
    private static final int FIRST_STEPS = 2;
    private static final double LEAST_GAIN = 0.03;
    private static final double A_LITTLE = 0.02;
    private static final double FARTHER_BY = 1.1;
    private static final double FARTHER_THAN = 0.5;
    private static final double CLOSE = 2;
    private static final int STEPS_AFTER_A_DAB = 6;

    private final Lab target;
    private final int mostGels;
    private final List<Gel> gels;
    private final Blend blend;
    private final Descent descent;
    private final WholeDabs dabs;
    private final double dropsPerDab;
    private final int[] all;
    private double nearest = Double.POSITIVE_INFINITY;
    private double liftedDeltaE = Double.POSITIVE_INFINITY;

    RecipeSearch(WhiteIcing white, List<Gel> gels, Lab target, double baseGrams, double mostGelShare, int mostGels) {
        this.target = target;
        this.mostGels = mostGels;
        this.gels = gels;
        blend = new Blend(white, gels);
        dabs = new WholeDabs(target, blend, gels, baseGrams, mostGelShare, mostGels);
        dropsPerDab = dabs.dropsPerDab();
        descent = new Descent(blend, new Nearness(target), dabs.mostDabs() * dropsPerDab);
        all = IntStream.range(0, gels.size()).toArray();
    }

    /** CIEDE2000 that these gels would reach if amounts were not whole dabs. */
    double nearestInAnyAmount() {
        return Math.min(nearest, dabs.best());
    }

    /** The same if there could be twice as much gel as is wise. */
    double lifted() {
        return liftedDeltaE;
    }

    /** Recipes of different gels, the nearest first. */
    List<WholeDabs.Candidate> run() {
        int n = gels.size();
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
            refineUntilNearEnough(promising(nearer, dabs.isSmall() ? SMALL_TRIED : PAIRS_TRIED));
        }
        if (mostGels >= 3 && dabs.best() > WholeDabs.NEAR_ENOUGH) {
            refineUntilNearEnough(promising(triples(pairs), dabs.isSmall() ? SMALL_TRIED : TRIPLES_TRIED));
        }
        dabs.lookFurther();
        lift();
        return dabs.sorted();
    }

    /** The recipes in whole dabs. */
    WholeDabs dabs() {
        return dabs;
    }

    private Descent.Found single(int gel) {
        int[] which = {gel};
        double start = 0;
        double least = Double.POSITIVE_INFINITY;
        for (double drops : SCAN) {
            double apart = target.differenceTo(blend.look(which, new double[] {drops}));
            if (apart < least) {
                least = apart;
                start = drops;
            }
        }
        return descent.from(which, new double[] {start});
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
        return promising(begun, dabs.isSmall() ? SMALL_TRIED : TRIPLES_FOLLOWED).stream()
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
            if (dabs.best() <= WholeDabs.NEAR_ENOUGH) {
                return;
            }
            if (target.differenceTo(blend.look(one.which(), one.drops())) < dabs.best() * FARTHER_BY + FARTHER_THAN) {
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
        nearest = Math.min(nearest, target.differenceTo(blend.look(found.which(), found.drops())));
        walkFrom(found);
        // Of few dabs a whole one is much: it is set, and the other gels follow it before they are made whole.
        int n = found.which().length;
        for (int few = 1; few < 1 << n; few++) {
            if (n > 1 && few < (1 << n) - 1 && areFew(found, few)) {
                for (int up = few; ; up = (up - 1) & few) {
                    setFew(found, few, up);
                    if (up == 0) {
                        break;
                    }
                }
            }
        }
    }

    private boolean areFew(Descent.Found found, int gels) {
        for (int i = 0; i < found.which().length; i++) {
            if ((gels >> i & 1) == 1 && found.drops()[i] > WholeDabs.FEW_DABS * dropsPerDab) {
                return false;
            }
        }
        return true;
    }

    /** Some gels at whole dabs, up or down; the others where they are nearest then. */
    private void setFew(Descent.Found found, int few, int up) {
        double[] drops = found.drops().clone();
        for (int i = 0; i < drops.length; i++) {
            if ((few >> i & 1) == 1) {
                double whole = Math.floor(drops[i] / dropsPerDab) + (up >> i & 1);
                if (whole == 0) {
                    return; // Without it these are other gels, which are searched for themselves.
                }
                drops[i] = whole * dropsPerDab;
            }
        }
        walkFrom(descent.from(found.which(), drops, STEPS_AFTER_A_DAB, few));
    }

    private void walkFrom(Descent.Found found) {
        int n = found.which().length;
        int[] whole = new int[n];
        int sum = 0;
        for (int i = 0; i < n; i++) {
            whole[i] = (int) Math.round(found.drops()[i] / dropsPerDab);
            sum += whole[i];
        }
        for (int i = 0; sum > dabs.mostDabs(); i = (i + 1) % n) {
            if (whole[i] > 0) {
                whole[i]--;
                sum--;
            }
        }
        double now = dabs.deltaE(found.which(), whole);
        // Where the target is far, or the most gel is reached, the nearest amounts may lie some way off.
        boolean farOff = now > CLOSE || sum >= dabs.mostDabs() - 1;
        dabs.walk(found.which(), whole, now, farOff ? WholeDabs.stride(whole) : 2);
    }

    /** What twice as much gel as is wise would reach, of the gels of the nearest recipe. */
    private void lift() {
        WholeDabs.Candidate best = dabs.sorted().get(0);
        liftedDeltaE = best.deltaE();
        if (best.size() == 0 || Arrays.stream(best.dabs()).sum() < 0.9 * dabs.mostDabs()) {
            return;
        }
        double[] twice = Arrays.stream(best.dabs())
                .mapToDouble(d -> 1.5 * d * dropsPerDab)
                .toArray();
        Descent.Found more =
                new Descent(blend, new Nearness(target), 2 * dabs.mostDabs() * dropsPerDab).from(best.which(), twice);
        liftedDeltaE = Math.min(liftedDeltaE, target.differenceTo(blend.look(more.which(), more.drops())));
    }
}
