package kindthimble.core.kitchen;

/** How outlines and floods of a design are carried out: the schools of filling. */
public enum Filling {
    /** A wall of piping icing, then a thinner flood: where the edge must be exact. */
    WALL_AND_FLOOD,
    /** The same flood icing outlines and fills: fewer bags. */
    ONE_ICING,
    /** No outlines at all: the flood is led to the edge with a needle. */
    NO_OUTLINE,
    /** Undivided floods are dipped instead: quickest for one colour. */
    DIP
}
