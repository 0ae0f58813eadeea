package kindthimble.core.bench;

/**
 * What brings a bowl back whose colour came out too dark or too light. Gel absorbs by how much of it is in the icing (Kubelka-Munk, single constant), so a
 * bowl that looks like so many times the drops becomes the wanted one with that much more base.
 */
public final class ColourRescue {
    private ColourRescue() {}

    /**
     * Base for a bowl that is too dark; so much is too much then as well.
     *
     * @param baseGrams in the bowl
     * @param times how many times the wanted gel it looks like; over 1
     * @return grams
     */
    public static double baseGrams(double baseGrams, double times) {
        return Math.max(0, baseGrams * (times - 1));
    }

    /**
     * Drops for a bowl that is too light.
     *
     * @param drops that the recipe has
     * @param times how many times the wanted gel it looks like; from 0, under 1
     * @return drops, not rounded
     */
    public static double drops(double drops, double times) {
        return Math.max(0, drops * (1 - times));
    }
}
