package kindthimble.core.shop;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Unit;

/**
 * A round piping tip.
 *
 * @param name its number as the shop says it
 * @param openingMm diameter of its opening
 * @param owned how many the shop has
 */
public record Tip(
        String name,

        @Amount(word = "tip's opening", unit = Unit.MM, least = 0.3, most = 20)
        double openingMm,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 100)
        int owned) {
    /** Two of a size. */
    public Tip(String name, double openingMm) {
        this(name, openingMm, HouseDefaults.TIPS_OF_A_SIZE);
    }
}
