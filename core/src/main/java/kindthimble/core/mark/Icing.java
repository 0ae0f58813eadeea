package kindthimble.core.mark;

import java.util.Set;
import kindthimble.core.icing.Consistency;

/**
 * What a mark is made with.
 *
 * @param colour key of a colour of the order
 * @param consistency how stiff
 * @param tip name of the tip, or null for a tipless bag and for what is not bagged
 * @param vessel what it is put on the cookie out of
 * @param beside keys of the colours that are run into one dip bowl with it; none in a vessel of its own
 */
public record Icing(String colour, Consistency consistency, String tip, Vessel vessel, Set<String> beside) {
    public Icing {
        beside = Set.copyOf(beside);
    }

    /** What icing is put on a cookie out of. */
    public enum Vessel {
        /** A bag, with a tip or without. */
        BAG,
        /** A squeeze bottle, where the shop floods out of those. */
        BOTTLE,
        /** A bowl wide enough for a cookie face down. */
        DIP_BOWL,
        /** A jar beside the stencil, and the scraper that takes from it. */
        SCRAPER,
        /** A bowl and a spatula. */
        SPATULA
    }

    /** Icing out of a vessel of its own. */
    public Icing(String colour, Consistency consistency, String tip, Vessel vessel) {
        this(colour, consistency, tip, vessel, Set.of());
    }

    /** Icing out of a bag. */
    public Icing(String colour, Consistency consistency, String tip) {
        this(colour, consistency, tip, Vessel.BAG);
    }
}
