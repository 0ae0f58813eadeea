package kindthimble.core.icing;

import java.util.List;

/**
 * One ingredient of a base recipe.
 *
 * @param name as on the packet
 * @param role what it is to the icing
 * @param grams in one making of the recipe, over 0
 * @param pieceGrams of one piece where only whole ones are used (an egg white); null for what is weighed freely
 * @param gramsPerCup of a level US cup of 236.6 ml; null where nobody measures it so
 * @param allergens in it, such as egg
 * @param pricePerKg in the shop's money; null when not known
 * @param packGrams of a packet as it is bought; null when not known
 */
public record Ingredient(
        String name,
        Part role,
        double grams,
        Double pieceGrams,
        Double gramsPerCup,
        List<String> allergens,
        Double pricePerKg,
        Double packGrams) {

    /** What an ingredient is to the icing: the shares of its mass that are sugar and water; the rest is protein and other solids. */
    public enum Part {
        SUGAR(1, 0),
        WATER(0, 1),
        /** Vanilla, lemon juice: counts as water. */
        FLAVOUR(0, 1),
        /** Of an egg: 88 % water. */
        EGG_WHITE(0, 0.88),
        /** Dried egg white, meringue powder: solids. */
        POWDER(0, 0),
        /** A mix of sugar and dried white, ready to be wetted. */
        MIX(0.95, 0);

        private final double sugarShare;
        private final double waterShare;

        Part(double sugarShare, double waterShare) {
            this.sugarShare = sugarShare;
            this.waterShare = waterShare;
        }

        public double sugarShare() {
            return sugarShare;
        }

        public double waterShare() {
            return waterShare;
        }
    }

    public Ingredient {
        if (!(grams > 0)) {
            throw new IllegalArgumentException("an ingredient weighs over 0 g: " + name);
        }
        allergens = allergens == null ? List.of() : List.copyOf(allergens);
    }

    /** One that is weighed freely, of which no more is known. */
    public static Ingredient of(String name, Part role, double grams) {
        return new Ingredient(name, role, grams, null, null, List.of(), null, null);
    }
}
