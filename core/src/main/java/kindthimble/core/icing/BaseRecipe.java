package kindthimble.core.icing;

import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * A base icing: what goes in, how stiff it comes out, and how it answers to water.
 *
 * @param name as the shop calls it
 * @param ingredients of one making
 * @param curve count against water
 */
public record BaseRecipe(String name, List<Ingredient> ingredients, ThinningCurve curve) {

    /** Component densities in g/ml: sugar, water, and protein with other solids. */
    private static final double SUGAR_DENSITY = 1.587;

    private static final double WATER_DENSITY = 1.0;
    private static final double SOLIDS_DENSITY = 1.35;

    public BaseRecipe {
        ingredients = List.copyOf(ingredients);
        if (ingredients.isEmpty()) {
            throw new IllegalArgumentException("a base has at least one ingredient");
        }
    }

    /** Grams of one making. */
    public double grams() {
        return sum(Ingredient::grams);
    }

    /**
     * Density of the icing at a consistency, by the volumes of its components and the air beaten in:
     * {@code (1 - air) / sum(mass fraction / component density)}.
     *
     * @return g/ml, which is mg/mm3
     */
    public double densityGramsPerMl(Consistency consistency) {
        double per100 = 100 / grams();
        double water = sum(i -> i.grams() * i.waterShare()) * per100
                + curve.waterPer100Base(consistency).grams();
        double sugar = sum(i -> i.grams() * i.sugarShare()) * per100;
        double solids = 100 - sum(i -> i.grams() * (i.waterShare() + i.sugarShare())) * per100;
        double mass = sugar + solids + water;
        double volume = sugar / SUGAR_DENSITY + water / WATER_DENSITY + solids / SOLIDS_DENSITY;
        return (1 - consistency.state().airFraction()) * mass / volume;
    }

    private double sum(ToDoubleFunction<Ingredient> part) {
        return ingredients.stream().mapToDouble(part).sum();
    }
}
