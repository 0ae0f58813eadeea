package kindthimble.core.icing;

import java.util.List;
import java.util.function.ToDoubleFunction;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;

/**
 * A base icing: what goes in, how stiff it comes out, and how it answers to water and sugar.
 *
 * @param key by which orders name it
 * @param name as the shop calls it
 * @param ingredients of one making
 * @param curve count against water
 * @param caution what to know before it is eaten, or empty
 */
public record BaseRecipe(String key, String name, List<Ingredient> ingredients, ThinningCurve curve, String caution) {

    /** Component densities in g/ml: sugar, water, and protein with other solids. */
    private static final double SUGAR_DENSITY = 1.587;

    private static final double WATER_DENSITY = 1.0;
    private static final double SOLIDS_DENSITY = 1.35;

    /** A base that needs more sugar than this in 100 g is the wrong base (kitchen practice). */
    private static final double MOST_SUGAR = 80;

    public BaseRecipe {
        ingredients = List.copyOf(ingredients);
        if (ingredients.isEmpty()) {
            throw new IllegalArgumentException("a base has at least one ingredient");
        }
    }

    /**
     * What 100 g of base need to come to a consistency: water, or icing sugar where it is stiffer than the base. One of them is 0.
     *
     * @param waterGrams stirred into 100 g of base
     * @param sugarGrams sifted into 100 g of base
     */
    public record Change(double waterGrams, double sugarGrams) {
        /** Finished icing from 1 g of base. */
        public double finishedPerGram() {
            return 1 + (waterGrams + sugarGrams) / 100;
        }
    }

    /** The same, which thins otherwise. */
    public BaseRecipe thinning(ThinningCurve other) {
        return new BaseRecipe(key, name, ingredients, other, caution);
    }

    /** Grams of one making. */
    public double grams() {
        return sum(Ingredient::grams);
    }

    /** Grams of sugar in 100 g of it. */
    public double sugarPer100() {
        return sum(i -> i.grams() * i.role().sugarShare()) * 100 / grams();
    }

    /** Grams of water in 100 g of it. */
    public double waterPer100() {
        return sum(i -> i.grams() * i.role().waterShare()) * 100 / grams();
    }

    /** What makes this base as thin or stiff as wanted, where nothing wet goes in beside it. */
    public Change to(Consistency wanted) {
        return to(wanted, 0, 0);
    }

    /**
     * What makes this base as thin or stiff as wanted, where something wet (gel) goes in beside it. The curve asks for w grams of water in
     * 100 g of base, fewer than none where the base is too loose. What comes in already counts towards them; where that is too much,
     * sugar stands in: with sugar S0 and water W0 in 100 g of base and g grams of water from elsewhere, {@code s = S0 (g - w) / (W0 + w)}
     * brings sugar and water to the proportion that the base with w grams of water has. What comes in dry (cocoa) stands
     * beside the sugar, and so d grams of it ask for {@code d (W0 + w) / S0} more water.
     *
     * @param otherWaterGrams water that comes into 100 g of base from elsewhere, 0 or more
     * @param otherDryGrams what takes up water and comes into 100 g of base from elsewhere, 0 or more
     * @throws Refused when no sensible amount of sugar makes it so stiff
     */
    public Change to(Consistency wanted, double otherWaterGrams, double otherDryGrams) {
        double water = curve.waterPer100Base(wanted);
        double sugar0 = sugarPer100();
        double water0 = waterPer100();
        double takenUp = otherDryGrams > 0 ? otherDryGrams * (water0 + water) / sugar0 : 0;
        double lacks = water + takenUp - otherWaterGrams;
        if (lacks >= -1e-9) {
            return new Change(Math.max(0, lacks), 0);
        }
        double sugar = water0 + water > 0 ? sugar0 * -lacks / (water0 + water) : Double.POSITIVE_INFINITY;
        if (!(sugar <= MOST_SUGAR)) {
            throw new Refused(
                    "countSeconds",
                    "%s counts %s s; no sensible amount of sugar brings it to %s s. Take a stiffer base, or a lower count."
                            .formatted(name, Range.plain(curve.ownCountSeconds()), Range.plain(wanted.countSeconds())));
        }
        return new Change(0, sugar);
    }

    /**
     * Density of the icing at a consistency, by the volumes of its components and the air beaten in:
     * {@code (1 - air) / sum(mass fraction / component density)}.
     *
     * @return g/ml, which is mg/mm3
     */
    public double densityGramsPerMl(Consistency consistency) {
        double per100 = 100 / grams();
        Change change = to(consistency);
        double water = sum(i -> i.grams() * i.role().waterShare()) * per100 + change.waterGrams();
        double sugar = sum(i -> i.grams() * i.role().sugarShare()) * per100;
        double solids =
                100 - sum(i -> i.grams() * (i.role().waterShare() + i.role().sugarShare())) * per100;
        double mass = sugar + change.sugarGrams() + solids + water;
        double volume = (sugar + change.sugarGrams()) / SUGAR_DENSITY + water / WATER_DENSITY + solids / SOLIDS_DENSITY;
        return (1 - consistency.state().airFraction()) * mass / volume;
    }

    private double sum(ToDoubleFunction<Ingredient> part) {
        return ingredients.stream().mapToDouble(part).sum();
    }

    /** Whether it is made of fresh egg white, and keeps for a shorter time. */
    public boolean ofFreshWhite() {
        return ingredients.stream().anyMatch(one -> one.role() == Ingredient.Part.EGG_WHITE);
    }
}
