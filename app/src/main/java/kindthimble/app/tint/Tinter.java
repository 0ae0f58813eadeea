package kindthimble.app.tint;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.colour.Lab;
import kindthimble.core.habit.Habits;
import kindthimble.core.pour.LettingDown;
import kindthimble.core.tint.Gel;
import kindthimble.core.tint.Mixture;
import kindthimble.core.tint.Shade;
import kindthimble.core.tint.TintRecipe;
import kindthimble.core.tint.TintSolver;
import kindthimble.core.tint.Tinting;
import kindthimble.core.tint.WhiteIcing;

/** Tints with one shelf of gels in one white: what {@link TintService} gives out for the length of a request. */
public final class Tinter {
    /** Shares of gel are worked out for a bowl so large that whole dabs do not matter. */
    private static final double NOMINAL_GRAMS = 1000;

    static final int MOST_GELS = 3;
    static final String STAND_IN =
            "There are no gels on the shelf yet: reference gels stand in for them. Add your bottles on Shelf.";
    private static final double LATER_HOURS = 6;
    private static final List<Double> LOOKS = List.of(0.5, 0.65, 0.8, 1.0, 1.25, 1.55, 2.0);

    private final WhiteIcing white;
    private final List<Gel> gels;
    private final Map<String, GelService.Bottle> bottles;
    private final Habits habits;
    private final Cache<Asked, Tinting> solved;

    /** Less base than this is not tinted: all of the bowl comes out of jars. */
    public static final double LEAST_GRAMS = 0.05;

    /** What decides a recipe. */
    record Asked(WhiteIcing white, List<Gel> gels, Habits habits, String hex, double grams, int mostGels) {}

    Tinter(
            WhiteIcing white,
            List<Gel> gels,
            Map<String, GelService.Bottle> bottles,
            Habits habits,
            Cache<Asked, Tinting> solved) {
        this.white = white;
        this.gels = gels;
        this.bottles = bottles;
        this.habits = habits;
        this.solved = solved;
    }

    public WhiteIcing white() {
        return white;
    }

    /** The recipe for a bowl. */
    public Tinting solve(String hex, double grams, int mostGels) {
        Asked asked = new Asked(white, gels, habits, hex, Math.round(grams * 10) / 10.0, mostGels);
        return solved.get(
                asked,
                a -> new TintSolver(white, gels, habits).solve(Lab.ofHex(hex), Math.max(0.1, a.grams()), mostGels));
    }

    /** The recipe for a bowl of so many grams, give or take half a percent: a bowl that changes by less keeps its drops. */
    public Tinting forBowl(String hex, double grams) {
        return solve(hex, stepped(grams), MOST_GELS);
    }

    private static double stepped(double grams) {
        double tens = Math.pow(10, Math.floor(Math.log10(grams)));
        double first = grams / tens;
        double step = tens * (first < 2 ? 0.01 : first < 5 ? 0.02 : 0.05);
        return Math.round(grams / step) * step;
    }

    /** Grams of gel to a gram of base; 0 for a colour that stays white. */
    public double gelShare(String hex) {
        return solve(hex, NOMINAL_GRAMS, MOST_GELS).recipe().gelGrams() / NOMINAL_GRAMS;
    }

    /** The let-down of a dark colour that comes nearest to a light one. */
    public Shade shade(String light, String dark) {
        return Shade.nearest(nominal(dark, Gel.RESTED_HOURS), white, Lab.ofHex(light));
    }

    /** What is known of a bowl that is tinted on its own. */
    public LettingDown.Tinted tinted(String hex, double grams) {
        TintRecipe recipe = forBowl(hex, grams).recipe();
        return new LettingDown.Tinted(recipe, absorption(recipe, grams, Gel.RESTED_HOURS));
    }

    /** A bowl that is tinted on its own. */
    public TintView view(String hex, double grams) {
        Tinting tinting = forBowl(hex, grams);
        List<Tinting.Hint> hints = new ArrayList<>(tinting.hints());
        if (bottles.isEmpty() && !tinting.recipe().doses().isEmpty()) {
            hints.add(new Tinting.Hint(Tinting.About.STAND_IN, STAND_IN));
        }
        return new TintView(
                hex,
                grams,
                view(tinting.recipe()),
                tinting.alternatives().stream().map(this::view).toList(),
                hints,
                null);
    }

    /** A bowl that is let down. */
    public TintView letDown(String hex, double grams, String mother, String motherHex) {
        Shade shade = shade(hex, motherHex);
        return new TintView(
                hex,
                grams,
                null,
                List.of(),
                List.of(),
                new TintView.ShadeView(
                        mother,
                        shade.share(),
                        Shade.look(nominal(motherHex, 0), white, shade.share()).hex(),
                        Shade.look(nominal(motherHex, LATER_HOURS), white, shade.share())
                                .hex(),
                        shade.dry().hex(),
                        shade.deltaE()));
    }

    /**
     * How a bowl looks, just mixed, with more or less of what its recipe says: beside each other, so that an eye can say which it is.
     *
     * @return from the lightest on; nothing where a gel of the recipe is not on the shelf any more
     */
    public List<TintView.Look> looks(TintView.RecipeView recipe, double grams) {
        Map<Gel, Double> drops = new HashMap<>();
        for (TintView.DoseView dose : recipe.doses()) {
            gels.stream()
                    .filter(gel -> gel.key().equals(dose.gel()))
                    .findFirst()
                    .ifPresent(gel -> drops.put(gel, dose.grams() / Gel.DROP_GRAMS * 100 / grams));
        }
        if (drops.isEmpty() || drops.size() < recipe.doses().size()) {
            return List.of();
        }
        return LOOKS.stream()
                .map(times -> new TintView.Look(
                        times, Mixture.lab(white, scaled(drops, times), 0).hex()))
                .toList();
    }

    /**
     * How a bowl looks, just mixed.
     *
     * @param drops of each gel, by its key; of one that is not on the shelf nothing is seen
     * @param grams of base
     */
    public String look(Map<String, Double> drops, double grams) {
        Map<Gel, Double> per100 = new HashMap<>();
        gels.stream()
                .filter(gel -> drops.containsKey(gel.key()))
                .forEach(gel -> per100.put(gel, drops.get(gel.key()) * 100 / grams));
        return Mixture.lab(white, per100, 0).hex();
    }

    private static Map<Gel, Double> scaled(Map<Gel, Double> drops, double times) {
        Map<Gel, Double> scaled = new HashMap<>();
        drops.forEach((gel, n) -> scaled.put(gel, n * times));
        return scaled;
    }

    TintView.RecipeView view(TintRecipe recipe) {
        return new TintView.RecipeView(
                recipe.doses().stream().map(this::view).toList(),
                recipe.now().hex(),
                recipe.later().hex(),
                recipe.dry().hex(),
                recipe.deltaE(),
                recipe.gelGrams(),
                recipe.gelPercent(),
                cost(recipe));
    }

    private TintView.DoseView view(TintRecipe.Dose dose) {
        GelService.Bottle bottle = bottles.get(dose.gel());
        return new TintView.DoseView(
                dose.gel(),
                bottle == null ? dose.gel() : bottle.name(),
                GelService.look(gel(dose.gel()), GelService.SHOWN_DROPS),
                dose.drops(),
                dose.dabs(),
                dose.grams());
    }

    private Double cost(TintRecipe recipe) {
        double cost = 0;
        for (TintRecipe.Dose dose : recipe.doses()) {
            GelService.Bottle bottle = bottles.get(dose.gel());
            if (bottle == null || bottle.price() == null) {
                return null;
            }
            cost += bottle.price() * dose.grams() / Gel.DROP_GRAMS / bottle.bottleDrops();
        }
        return cost;
    }

    private double[] nominal(String hex, double hours) {
        return absorption(solve(hex, NOMINAL_GRAMS, MOST_GELS).recipe(), NOMINAL_GRAMS, hours);
    }

    private double[] absorption(TintRecipe recipe, double grams, double hours) {
        Map<Gel, Double> drops = new HashMap<>();
        recipe.doses().forEach(dose -> drops.put(gel(dose.gel()), dose.grams() / Gel.DROP_GRAMS * 100 / grams));
        return Mixture.absorption(white, drops, hours);
    }

    private Gel gel(String key) {
        return gels.stream().filter(gel -> gel.key().equals(key)).findFirst().orElseThrow();
    }
}
