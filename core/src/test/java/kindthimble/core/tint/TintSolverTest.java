package kindthimble.core.tint;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import kindthimble.core.colour.Lab;
import kindthimble.core.habit.Habits;
import org.junit.jupiter.api.Test;

class TintSolverTest {
    private static final List<Gel> TWELVE = ReferenceGels.ALL.subList(0, 12);

    /** The twelve, and twelve more bottles that are stronger or weaker and of a hue a little off. */
    private static List<Gel> twentyFour() {
        List<Gel> shelf = new ArrayList<>(TWELVE);
        for (int i = 0; i < 12; i++) {
            Gel of = TWELVE.get(i);
            shelf.add(new Gel(
                    of.key() + "-2",
                    of.dyes(),
                    of.deepening(),
                    0,
                    new Gel.Fit(0.6 + 0.1 * i, i % 2 == 0 ? 6 + i / 2.0 : -5 - i / 2.0)));
        }
        return shelf;
    }

    /** Every recipe that the grams allow, one after the other: the nearest to each target. */
    private static double[] exhaustive(List<Gel> gels, double grams, List<Lab> targets) {
        int most = (int) Math.floor(0.03 * grams / 0.01 + 1e-9);
        double perDab = 25 / grams;
        double[] white = Mixture.absorption(WhiteIcing.PLAIN, Map.of(), 24);
        double[][] k = new double[gels.size()][];
        for (int g = 0; g < k.length; g++) {
            double[] one = Mixture.absorption(WhiteIcing.PLAIN, Map.of(gels.get(g), perDab), 24);
            k[g] = new double[one.length];
            for (int i = 0; i < one.length; i++) {
                k[g][i] = one[i] - white[i];
            }
        }
        double[] best = new double[targets.size()];
        Arrays.fill(best, Double.POSITIVE_INFINITY);
        double[] q = new double[white.length];
        for (int a = 0; a < k.length; a++) {
            for (int b = a + 1; b < k.length; b++) {
                for (int c = b + 1; c < k.length; c++) {
                    for (int x = 0; x <= most; x++) {
                        for (int y = 0; x + y <= most; y++) {
                            for (int z = 0; x + y + z <= most; z++) {
                                for (int i = 0; i < q.length; i++) {
                                    double ks = white[i] + x * k[a][i] + y * k[b][i] + z * k[c][i];
                                    q[i] = 1 + ks - Math.sqrt(ks * ks + 2 * ks);
                                }
                                Lab seen = Observer.lab(q);
                                for (int t = 0; t < best.length; t++) {
                                    Lab target = targets.get(t);
                                    // No weight of lightness is over 1.75.
                                    if (Math.abs(seen.l() - target.l()) < 1.75 * best[t]) {
                                        best[t] = Math.min(best[t], target.differenceTo(seen));
                                    }
                                }
                            }
                        }
                    }
                }
            }
        }
        return best;
    }

    private static final List<Lab> TARGETS = List.of(
            Lab.ofHex("#D5473F"),
            Lab.ofHex("#FFB14E"),
            Lab.ofHex("#3FBFB2"),
            Lab.ofHex("#3A3330"),
            Lab.ofHex("#BFE6F2"),
            Lab.ofHex("#8A63A8"),
            Lab.ofHex("#4A5D8C"),
            Lab.ofHex("#B7E64A"),
            Lab.ofHex("#C9B8A3"),
            Lab.ofHex("#F4C7CF"),
            Lab.ofHex("#00A0FF"),
            Lab.ofHex("#6B8E5A"),
            // At the edge of what there is: the most gel, far away, or with one dab that decides.
            Lab.ofHex("#000000"),
            Lab.ofHex("#0033A0"),
            Lab.ofHex("#BB0359"),
            Lab.ofHex("#E1AA09"),
            Lab.ofHex("#5882E4"),
            Lab.ofHex("#13C3DF"));

    private static void nearAsExhaustive(List<Gel> gels, double grams) {
        double[] least = exhaustive(gels, grams, TARGETS);
        TintSolver solver = new TintSolver(WhiteIcing.PLAIN, gels, Habits.HOUSE);
        for (int t = 0; t < TARGETS.size(); t++) {
            Tinting tinting = solver.solve(TARGETS.get(t), grams, 3);
            double best = nearest(tinting);
            // Far out CIEDE2000 jumps where hues are opposite (Sharma, Wu and Dalal, 2005, describe it): at 40 g of
            // these five gels, 12 dabs
            // of poppy and 51 of sky, a grey, are 14 away from a deep rose, and with one dab more 32. No search goes by
            // that.
            assertTrue(
                    best <= least[t] + (least[t] < 10 ? 0.1 : 2),
                    "target %s at %.0f g: %.3f, while there is %.3f"
                            .formatted(TARGETS.get(t).hex(), grams, best, least[t]));
            assertTrue(tinting.recipe().deltaE() <= best + 0.5 + 1e-9, "what is shown is within 0.5 of the best");
        }
    }

    private static double nearest(Tinting tinting) {
        return Math.min(
                tinting.recipe().deltaE(),
                tinting.alternatives().stream()
                        .mapToDouble(TintRecipe::deltaE)
                        .min()
                        .orElse(Double.POSITIVE_INFINITY));
    }

    @Test
    void isAsNearAsAnyRecipeOfSmallBowlsFromTwentyFourGels() {
        nearAsExhaustive(twentyFour(), 8);
    }

    @Test
    void isAsNearAsAnyRecipeOfLargerBowls() {
        nearAsExhaustive(TWELVE, 13);
        nearAsExhaustive(List.of(TWELVE.get(0), TWELVE.get(3), TWELVE.get(5), TWELVE.get(7), TWELVE.get(10)), 40);
        nearAsExhaustive(List.of(TWELVE.get(1), TWELVE.get(4), TWELVE.get(6), TWELVE.get(8), TWELVE.get(11)), 40);
    }

    /** What can be made is found again: targets that are recipes themselves, at any size of bowl. */
    @Test
    void findsWhatIsARecipeItself() {
        Random random = new Random(11);
        List<Gel> shelf = twentyFour();
        TintSolver solver = new TintSolver(WhiteIcing.PLAIN, shelf, Habits.HOUSE);
        for (int i = 0; i < 60; i++) {
            double grams = 20 + random.nextInt(600);
            Map<Gel, Double> drops = new java.util.HashMap<>();
            for (int g = 0; g < 1 + random.nextInt(3); g++) {
                int dabs = 1 + random.nextInt((int) grams);
                drops.put(shelf.get(random.nextInt(24)), dabs * 25 / grams);
            }
            Lab target = Mixture.lab(WhiteIcing.PLAIN, drops, Gel.RESTED_HOURS);
            Tinting tinting = solver.solve(target, grams, 3);
            assertTrue(nearest(tinting) <= 0.1, "%s in %.0f g: %.3f".formatted(drops, grams, nearest(tinting)));
        }
    }

    @Test
    void fewestGelsAreShownAndTheBestStandsBeside() {
        TintSolver solver = new TintSolver(WhiteIcing.PLAIN, TWELVE, Habits.HOUSE);
        Lab target = Mixture.lab(WhiteIcing.PLAIN, Map.of(TWELVE.get(3), 12.0), Gel.RESTED_HOURS);
        Tinting tinting = solver.solve(target, 258, 3);
        assertEquals(
                List.of("poppy"),
                tinting.recipe().doses().stream().map(TintRecipe.Dose::gel).toList());
        assertEquals(31, tinting.recipe().doses().get(0).drops(), "12 drops in 100 g are 31 in 258 g");
        assertTrue(solver.solve(Lab.ofHex("#6B8E5A"), 258, 1).recipe().doses().size() <= 1);
    }

    @Test
    void saysWhenItIsWhiteOutOfReachTooMuchOrTooSmall() {
        TintSolver solver = new TintSolver(WhiteIcing.PLAIN, TWELVE, Habits.HOUSE);
        assertTrue(has(solver.solve(Lab.ofHex("#F6F6F0"), 200, 3), Tinting.About.UNTINTED));
        assertTrue(has(solver.solve(Lab.ofHex("#39FF14"), 200, 3), Tinting.About.OUT_OF_REACH));
        assertTrue(has(solver.solve(Lab.ofHex("#F7DDE2"), 3, 3), Tinting.About.TOO_SMALL));
        Tinting black = new TintSolver(WhiteIcing.PLAIN, TWELVE.subList(10, 11), Habits.HOUSE)
                .solve(Lab.ofHex("#1A1210"), 200, 3);
        assertTrue(has(black, Tinting.About.TOO_MUCH_GEL));
        assertTrue(black.recipe().gelPercent() <= 3 + 1e-9);
        assertTrue(sentences(black).contains("cocoa"));
        // A vivid dark blue would only turn dull from a brown base.
        Tinting blue = solver.solve(Lab.ofHex("#0033A0"), 200, 3);
        assertTrue(has(blue, Tinting.About.TOO_MUCH_GEL));
        assertTrue(!sentences(blue).contains("cocoa"), sentences(blue));
        assertTrue(has(solver.solve(Lab.ofHex("#F7DDE2"), 0.2, 3), Tinting.About.TOO_SMALL), "less than a dab");
    }

    private static String sentences(Tinting tinting) {
        return tinting.hints().stream().map(Tinting.Hint::sentence).collect(Collectors.joining(" "));
    }

    private static boolean has(Tinting tinting, Tinting.About about) {
        return tinting.hints().stream().anyMatch(hint -> hint.about() == about);
    }

    /** Without a black on the shelf the darkest mix is violet: cocoa keeps it black, and a little lighter. */
    @Test
    void nearBlackIsNoViolet() {
        List<Gel> shelf =
                TWELVE.stream().filter(gel -> !gel.key().equals("coal")).toList();
        for (String hex : new String[] {"#0D0D11", "#0E0E12", "#141414", "#1B1B1B"}) {
            for (double grams : new double[] {15, 60, 250, 1000}) {
                Lab target = Lab.ofHex(hex);
                Tinting tinting = new TintSolver(WhiteIcing.PLAIN, shelf, Habits.HOUSE).solve(target, grams, 3);
                Lab dry = tinting.recipe().dry();
                assertTrue(
                        Math.hypot(dry.a() - target.a(), dry.b() - target.b()) < 3.6,
                        () -> hex + " comes out " + dry.hex());
                assertTrue(dry.l() < 25, () -> hex + " comes out " + dry.hex());
            }
        }
    }
}
