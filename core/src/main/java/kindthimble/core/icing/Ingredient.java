package kindthimble.core.icing;

/**
 * One ingredient of a base recipe.
 *
 * @param name as on the packet
 * @param grams in one making of the recipe, over 0
 * @param sugarShare mass fraction that is sugar
 * @param waterShare mass fraction that counts as water; the rest is protein and other solids
 */
public record Ingredient(String name, double grams, double sugarShare, double waterShare) {

    public Ingredient {
        if (!(grams > 0) || sugarShare < 0 || waterShare < 0 || sugarShare + waterShare > 1) {
            throw new IllegalArgumentException(
                    "an ingredient weighs over 0 g and its shares add to at most 1: " + name);
        }
    }

    public static Ingredient sugar(String name, double grams) {
        return new Ingredient(name, grams, 1, 0);
    }

    public static Ingredient water(String name, double grams) {
        return new Ingredient(name, grams, 0, 1);
    }

    public static Ingredient solids(String name, double grams) {
        return new Ingredient(name, grams, 0, 0);
    }
}
