package kindthimble.core.shop;

/**
 * A round piping tip.
 *
 * @param name its number as the shop says it
 * @param openingMm diameter of its opening, over 0
 */
public record Tip(String name, double openingMm) {
    public Tip {
        if (!(openingMm > 0)) {
            throw new IllegalArgumentException("a tip has an opening over 0 mm");
        }
    }
}
