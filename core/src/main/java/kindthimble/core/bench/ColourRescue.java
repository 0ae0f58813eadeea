package kindthimble.core.bench;

import kindthimble.core.tint.Gel;

/**
 * What brings a bowl back whose colour came out too dark or too light. Gel absorbs by how much of it is in the icing (Kubelka-Munk, single constant), so a
 * bowl that looks like so many times the drops becomes the wanted one with that much more base.
 */
public final class ColourRescue {
    private static final int DABS_TO_A_DROP = (int) Math.round(Gel.DROP_GRAMS / Gel.DAB_GRAMS);

    /** What was counted says it before an eye does. */
    private static final double SEEN = 1.1;

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
     * Gel for a bowl that is too light.
     *
     * @param grams of a gel that the recipe has
     * @param times how many times the wanted gel it looks like; from 0, under 1
     * @return whole drops, and the rest in dabs of a toothpick
     */
    public static Dose more(double grams, double times) {
        int dabs = (int) Math.max(0, Math.round(grams * (1 - times) / Gel.DAB_GRAMS));
        return new Dose(dabs / DABS_TO_A_DROP, dabs % DABS_TO_A_DROP);
    }

    /** Gel as it is counted. */
    public record Dose(int drops, int dabs) {}

    /**
     * How many times a recipe's gel is in, by what was counted.
     *
     * @param drops that are in; dabs are shares of one
     * @param recipeDrops that the recipe has, over 0
     * @return 1 where the recipe has none
     */
    public static double times(double drops, double recipeDrops) {
        return recipeDrops <= 0 ? 1 : drops / recipeDrops;
    }

    /** Whether that is so much too much that it shows. */
    public static boolean shows(double times) {
        return times > SEEN;
    }
}
