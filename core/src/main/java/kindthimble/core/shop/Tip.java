package kindthimble.core.shop;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Unit;

/**
 * A round piping tip.
 *
 * @param name its number as the shop says it
 * @param openingMm diameter of its opening
 */
public record Tip(
        String name,

        @Amount(word = "tip's opening", unit = Unit.MM, least = 0.3, most = 20)
        double openingMm) {}
