package kindthimble.core.tint;

import java.util.List;

/**
 * How one bowl is tinted.
 *
 * @param recipe the one to follow: the fewest gels within 0.5 of the nearest there is
 * @param alternatives others, the nearest of all first, each of other gels
 * @param hints what to know, or to do instead
 */
public record Tinting(TintRecipe recipe, List<TintRecipe> alternatives, List<Hint> hints) {
    public Tinting {
        alternatives = List.copyOf(alternatives);
        hints = List.copyOf(hints);
    }

    /** What a hint is about. */
    public enum About {
        /** No gel is needed. */
        UNTINTED,
        /** These gels don't reach it. */
        OUT_OF_REACH,
        /** It takes as much gel as is wise, and would take more. */
        TOO_MUCH_GEL,
        /** The bowl is too small for a dab to be right. */
        TOO_SMALL,
        /** It has to rest to get there. */
        REST,
        /** The shelf has no gels: others stand in for them. */
        STAND_IN
    }

    /**
     * @param about what
     * @param sentence for the decorator
     */
    public record Hint(About about, String sentence) {}
}
