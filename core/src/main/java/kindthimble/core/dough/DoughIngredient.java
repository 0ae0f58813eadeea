package kindthimble.core.dough;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.words.Unit;

/**
 * One ingredient of a dough.
 *
 * @param name as on the packet
 * @param grams in one making of the recipe
 * @param pieceGrams of one piece where only whole ones are used (an egg); null for what is weighed freely
 * @param allergens in it, such as milk
 * @param pricePerKg in the shop's money; null when not known
 * @param packGrams of a packet as it is bought; null when not known
 */
public record DoughIngredient(
        String name,

        @Amount(word = "grams", unit = Unit.GRAMS, least = 0.1, most = 100_000)
        double grams,

        @Amount(word = "a whole one weighs", unit = Unit.GRAMS, least = 1, most = 1_000, otherwise = "weighed freely")
        Double pieceGrams,

        List<String> allergens,

        @Amount(word = "price of 1 kg", unit = Unit.TIMES, least = 0, most = 100_000, otherwise = "not known")
        Double pricePerKg,

        @Amount(word = "a packet holds", unit = Unit.GRAMS, least = 1, most = 100_000, otherwise = "not known")
        Double packGrams) {
    public DoughIngredient {
        allergens = allergens == null ? List.of() : List.copyOf(allergens);
    }
}
