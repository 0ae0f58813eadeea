package kindthimble.app.bowls;

import java.util.List;
import kindthimble.core.pour.Pour;

/**
 * A pour for the screen.
 *
 * @param recipe name of the base
 * @param recipeKey by which it is named
 * @param baseCountSeconds how stiff the base comes out
 * @param caution what to know of the base, or empty
 * @param colours of the bowls: those of the order, and of the orders that are mixed with it
 * @param designs that drink from them
 * @param pour what is mixed
 */
public record PourView(
        String recipe,
        String recipeKey,
        double baseCountSeconds,
        String caution,
        List<BowlColour> colours,
        List<Drinker> designs,
        Pour pour) {

    /**
     * @param key by which the bowl is named
     * @param name what the decorator calls it
     * @param hex {@code #RRGGBB}
     */
    public record BowlColour(String key, String name, String hex) {}

    /**
     * @param design its number, as text
     * @param name of the design
     * @param order its order's number
     * @param orderName of that order
     */
    public record Drinker(String design, String name, long order, String orderName) {}
}
