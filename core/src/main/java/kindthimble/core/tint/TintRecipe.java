package kindthimble.core.tint;

import java.util.List;
import kindthimble.core.colour.Lab;

/**
 * What goes into one bowl, and what comes of it.
 *
 * @param doses of each gel; empty for icing as it is
 * @param now how it looks just mixed
 * @param later after 6 h
 * @param dry dried, and rested for a day
 * @param deltaE how far that is from what is wanted, CIEDE2000
 * @param gelGrams of gel in all
 * @param gelPercent of the base
 */
public record TintRecipe(
        List<Dose> doses, Lab now, Lab later, Lab dry, double deltaE, double gelGrams, double gelPercent) {
    public TintRecipe {
        doses = List.copyOf(doses);
    }

    /**
     * @param gel its key
     * @param drops whole ones
     * @param dabs with a toothpick, beside them: a quarter of a drop each
     */
    public record Dose(String gel, int drops, int dabs) {
        public double grams() {
            return drops * Gel.DROP_GRAMS + dabs * Gel.DAB_GRAMS;
        }
    }
}
