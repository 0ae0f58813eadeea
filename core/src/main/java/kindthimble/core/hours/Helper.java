package kindthimble.core.hours;

import java.util.Set;

/**
 * A second pair of hands.
 *
 * @param name by which the plan calls them
 * @param hours when they are there
 * @param does kinds of work that are theirs too
 */
public record Helper(String name, Hours hours, Set<Help> does) {
    public Helper {
        hours = hours == null ? Hours.NONE : hours;
        does = does == null ? Set.of() : Set.copyOf(does);
    }

    /** A kind of work. */
    public enum Help {
        /** Dough, cutting, baking. */
        BAKING,
        /** Base and bowls. */
        MIXING,
        /** What is iced. */
        ICING,
        /** Packing and labels. */
        PACKING
    }
}
