package kindthimble.core.dough;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/**
 * What cookies are baked from.
 *
 * @param key by which orders name it
 * @param name as the shop calls it
 * @param ingredients of one making
 * @param spreadPercent how much longer every length of its cookies gets in the oven, from a spread test; null for the shop's
 */
public record DoughRecipe(
        String key,
        String name,
        List<DoughIngredient> ingredients,

        @Amount(
                word = "bake-spread",
                unit = Unit.PERCENT,
                least = DoughRecipe.LEAST_SPREAD,
                most = DoughRecipe.MOST_SPREAD,
                otherwise = "the shop's")
        Double spreadPercent) {
    /** Recipes that a shop keeps. */
    public static final int MOST = 20;

    static final double LEAST_SPREAD = -10;
    static final double MOST_SPREAD = 25;

    private static final int MOST_INGREDIENTS = 20;
    private static final int LONGEST_NAME = 60;
    private static final List<String> WHEAT = List.of("wheat");
    private static final List<String> MILK = List.of("milk");
    private static final List<String> EGG = List.of("egg");

    public DoughRecipe {
        ingredients = ingredients == null ? List.of() : List.copyOf(ingredients);
    }

    /** Little or no raising agent, so that the shape stays: kitchen practice, rounded. */
    public static final List<DoughRecipe> HOUSE = List.of(
            new DoughRecipe("plain-vanilla", "Plain vanilla", plain(400, null), null),
            new DoughRecipe("dark-cocoa", "Dark cocoa", plain(330, 70.0), null));

    private static List<DoughIngredient> plain(double flour, Double cocoa) {
        List<DoughIngredient> rest = List.of(
                new DoughIngredient("butter", 225, null, MILK, 9.0, 250.0),
                new DoughIngredient("caster sugar", 200, null, null, 1.6, 1000.0),
                new DoughIngredient("egg", 50, 50.0, EGG, 5.0, 500.0),
                new DoughIngredient("vanilla", 5, null, null, 90.0, 60.0),
                new DoughIngredient("salt", 2, null, null, 1.0, 500.0));
        List<DoughIngredient> all = new ArrayList<>();
        all.add(new DoughIngredient("plain flour", flour, null, WHEAT, 1.2, 1000.0));
        if (cocoa != null) {
            all.add(new DoughIngredient("cocoa", cocoa, null, null, 14.0, 250.0));
        }
        all.addAll(rest);
        return all;
    }

    /** The same, whose cookies spread otherwise; within what a spread may be. */
    public DoughRecipe spreading(double percent) {
        return new DoughRecipe(key, name, ingredients, Math.max(LEAST_SPREAD, Math.min(MOST_SPREAD, percent)));
    }

    /** Grams of one making. */
    public double grams() {
        return ingredients.stream().mapToDouble(DoughIngredient::grams).sum();
    }

    /**
     * How much longer every length gets, by one cookie that was measured across.
     *
     * @param cutMm across as it was cut, over 0
     * @param bakedMm across as it came out
     * @return percent, to a tenth
     */
    public static double spreadPercent(double cutMm, double bakedMm) {
        return Math.round((bakedMm / cutMm - 1) * 1000) / 10.0;
    }

    /**
     * @throws Refused naming the first field that is wrong
     */
    public static void check(List<DoughRecipe> recipes) {
        if (recipes.size() > MOST) {
            throw new Refused("doughs", "Keep at most %d doughs.".formatted(MOST));
        }
        Set<String> keys = new HashSet<>();
        for (int i = 0; i < recipes.size(); i++) {
            DoughRecipe recipe = recipes.get(i);
            try {
                if (recipe.key == null || recipe.key.isBlank() || !keys.add(recipe.key)) {
                    throw new Refused("key", "Each dough needs a key of its own.");
                }
                recipe.check();
            } catch (Refused refused) {
                throw refused.inside("doughs[" + i + "]");
            }
        }
    }

    private void check() {
        if (name == null || name.isBlank() || name.length() > LONGEST_NAME) {
            throw new Refused("name", "Give the dough a name of up to %d letters.".formatted(LONGEST_NAME));
        }
        Catalogue.check(this);
        if (ingredients.isEmpty() || ingredients.size() > MOST_INGREDIENTS) {
            throw new Refused("ingredients", "A dough has 1 to %d ingredients.".formatted(MOST_INGREDIENTS));
        }
        Set<String> names = new HashSet<>();
        for (int i = 0; i < ingredients.size(); i++) {
            DoughIngredient one = ingredients.get(i);
            try {
                if (one.name() == null
                        || one.name().isBlank()
                        || one.name().length() > LONGEST_NAME
                        || !names.add(one.name())) {
                    throw new Refused("name", "Give each ingredient a name of its own.");
                }
                Catalogue.check(one);
            } catch (Refused refused) {
                throw refused.inside("ingredients[" + i + "]");
            }
        }
    }
}
