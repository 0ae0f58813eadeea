package kindthimble.app.plan;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
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
 * @param namesakes bowls whose colours are called the same and look unlike
 * @param pour what is mixed
 */
public record PourView(
        String recipe,
        String recipeKey,
        double baseCountSeconds,
        String caution,
        List<BowlColour> colours,
        List<Drinker> designs,
        List<Namesakes> namesakes,
        Pour pour) {
    public PourView {
        namesakes = namesakes == null ? List.of() : List.copyOf(namesakes);
    }

    /** Another pour for the same bowls. */
    public PourView of(Pour other) {
        return new PourView(recipe, recipeKey, baseCountSeconds, caution, colours, designs, namesakes, other);
    }

    /** How each bowl shall look, by key. */
    public Map<String, String> hexes() {
        return colours.stream().collect(Collectors.toMap(BowlColour::key, BowlColour::hex));
    }

    /**
     * @param name of both colours
     * @param one key of the one bowl
     * @param other key of the other
     * @param deltaE how far apart they look, CIEDE2000
     * @param tastesElse whether they taste unlike
     */
    public record Namesakes(String name, String one, String other, double deltaE, boolean tastesElse) {}

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
