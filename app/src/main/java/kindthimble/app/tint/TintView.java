package kindthimble.app.tint;

import jakarta.annotation.Nullable;
import java.util.List;
import kindthimble.core.tint.Tinting;

/**
 * How a bowl comes to its colour.
 *
 * @param wanted {@code #RRGGBB}
 * @param grams of base that are tinted
 * @param recipe what goes in; null where it is let down from a darker bowl
 * @param alternatives other recipes, the nearest of all first
 * @param hints what to know, or to do instead
 * @param shade how it is let down; null where it is tinted on its own
 */
public record TintView(
        String wanted,
        double grams,
        @Nullable RecipeView recipe,
        List<RecipeView> alternatives,
        List<Tinting.Hint> hints,
        @Nullable ShadeView shade) {

    /**
     * @param doses the most first; empty for icing as it is
     * @param now how it looks just mixed
     * @param later after 6 h
     * @param dry dried and rested
     * @param deltaE from what is wanted to that, CIEDE2000
     * @param gelGrams of gel in all
     * @param gelPercent of the base
     * @param cost of that gel, in the shop's money; null where a price is not known
     */
    public record RecipeView(
            List<DoseView> doses,
            String now,
            String later,
            String dry,
            double deltaE,
            double gelGrams,
            double gelPercent,
            @Nullable Double cost) {}

    /**
     * @param gel its key
     * @param name as on its label
     * @param hex by which it is told from others
     * @param drops whole ones
     * @param dabs with a toothpick, beside them
     * @param grams the same by weight
     */
    public record DoseView(String gel, String name, String hex, int drops, int dabs, double grams) {}

    /**
     * @param mother key of the darker bowl
     * @param share of the base that comes out of it
     * @param now how it looks just mixed
     * @param later after 6 h
     * @param dry dried and rested
     * @param deltaE from what is wanted to that, CIEDE2000
     */
    public record ShadeView(String mother, double share, String now, String later, String dry, double deltaE) {}

    /**
     * @param times as much gel as a recipe says
     * @param hex how that looks just mixed
     */
    public record Look(double times, String hex) {}
}
