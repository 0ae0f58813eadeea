package kindthimble.core.tint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.colour.Lab;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * Finds the recipe for a bowl: at most three gels in whole drops and dabs whose colour, dried and rested, is nearest to the wanted one
 * by CIEDE2000. Holds no state between calls; safe for use by many threads.
 */
public final class TintSolver {
    static final int MOST_GELS = 3;

    /** What counts as black, how neutral it should be, and what that is worth in CIEDE2000 (kitchen practice). */
    private static final double NEAR_BLACK_L = 20;

    private static final double NEAR_BLACK_CHROMA = 8;
    private static final double NEUTRAL = 3.5;
    private static final double WORTH_NEUTRAL = 4;
    private static final double LIGHTER_STEP = 2;
    private static final double MOST_LIGHTER = 24;

    private final WhiteIcing white;
    private final List<Gel> gels;
    private final double mostGelShare;
    private final double fewerGelsWorth;

    /**
     * @param white the icing that is tinted
     * @param gels at hand
     * @param habits with how much gel a bowl may take
     */
    public TintSolver(WhiteIcing white, List<Gel> gels, Habits habits) {
        this.white = white;
        this.mostGelShare = habits.mean(Habit.MOST_GEL_PERCENT) / 100;
        this.fewerGelsWorth = habits.mean(Habit.FEWER_GELS_WORTH);
        this.gels = List.copyOf(gels);
    }

    /**
     * The recipe for a bowl.
     *
     * @param target the colour wanted, dry
     * @param baseGrams of the bowl, over 0
     * @param mostGels 1 to 3
     */
    public Tinting solve(Lab target, double baseGrams, int mostGels) {
        RecipeSearch search = search(target, baseGrams, mostGels);
        List<WholeDabs.Candidate> found = search.run();
        WholeDabs.Candidate best = found.get(0);
        WholeDabs.Candidate shown = found.stream()
                .filter(candidate -> candidate.deltaE() <= best.deltaE() + fewerGelsWorth)
                .min(Comparator.comparingInt(WholeDabs.Candidate::size)
                        .thenComparingDouble(WholeDabs.Candidate::deltaE))
                .orElse(best);
        WholeDabs.Candidate simple = search.dabs().inWholeDrops(shown, best.deltaE() + fewerGelsWorth);
        List<TintRecipe> alternatives = new ArrayList<>();
        if (shown != best || simple != shown) {
            alternatives.add(recipe(best, target, baseGrams));
        }
        found.stream()
                .filter(candidate -> candidate != best && candidate != shown)
                .limit(3L - alternatives.size())
                .forEach(candidate -> alternatives.add(recipe(candidate, target, baseGrams)));
        TintRecipe nearest = recipe(simple, target, baseGrams);
        TintRecipe recipe = neutral(nearest, target, baseGrams, mostGels);
        if (recipe != nearest) {
            alternatives.add(0, nearest);
        }
        return new Tinting(
                recipe,
                alternatives,
                Hints.of(target, baseGrams, mostGelShare, recipe, search.nearestInAnyAmount(), search.lifted()));
    }

    /**
     * Of a black that is out of reach the darkest recipe is often violet or blue, which shows more than that it is a little lighter: then
     * the darkest one is taken that keeps the hue, by way of cocoa, say.
     *
     * @return the nearest recipe itself where it is neutral enough, or nothing better is found
     */
    private TintRecipe neutral(TintRecipe nearest, Lab target, double baseGrams, int mostGels) {
        if (target.l() > NEAR_BLACK_L || target.chroma() > NEAR_BLACK_CHROMA || off(nearest, target) <= NEUTRAL) {
            return nearest;
        }
        for (double lighter = LIGHTER_STEP; lighter <= MOST_LIGHTER; lighter += LIGHTER_STEP) {
            Lab sameHue = new Lab(target.l() + lighter, target.a(), target.b());
            TintRecipe other = recipe(search(sameHue, baseGrams, mostGels).run().get(0), target, baseGrams);
            if (off(other, target) <= NEUTRAL && other.deltaE() <= nearest.deltaE() + WORTH_NEUTRAL) {
                return other;
            }
        }
        return nearest;
    }

    private RecipeSearch search(Lab target, double baseGrams, int mostGels) {
        return new RecipeSearch(
                white, gels, target, baseGrams, mostGelShare, Math.max(1, Math.min(MOST_GELS, mostGels)));
    }

    /** How far a recipe's hue is from what is wanted, whatever its lightness. */
    private static double off(TintRecipe recipe, Lab target) {
        return Math.hypot(recipe.dry().a() - target.a(), recipe.dry().b() - target.b());
    }

    private TintRecipe recipe(WholeDabs.Candidate candidate, Lab target, double baseGrams) {
        List<TintRecipe.Dose> doses = new ArrayList<>();
        Map<Gel, Double> drops = new HashMap<>();
        double grams = 0;
        for (int i = 0; i < candidate.which().length; i++) {
            Gel gel = gels.get(candidate.which()[i]);
            int dabs = candidate.dabs()[i];
            int inDrop = (int) Math.round(Gel.DROP_GRAMS / Gel.DAB_GRAMS);
            doses.add(new TintRecipe.Dose(gel.key(), dabs / inDrop, dabs % inDrop));
            drops.put(gel, dabs * Gel.DAB_GRAMS / Gel.DROP_GRAMS * 100 / baseGrams);
            grams += dabs * Gel.DAB_GRAMS;
        }
        doses.sort(Comparator.comparingDouble(TintRecipe.Dose::grams).reversed());
        Lab dry = Mixture.lab(white, drops, Gel.RESTED_HOURS);
        return new TintRecipe(
                doses,
                Mixture.lab(white, drops, 0),
                Mixture.lab(white, drops, 6),
                dry,
                target.differenceTo(dry),
                grams,
                100 * grams / baseGrams);
    }
}
