package kindthimble.core.kitchen;

import kindthimble.core.habit.Habit;

/** How outlines and floods of a design are carried out: the schools of filling. */
public enum Filling {
    /** A wall of piping icing, then a thinner flood: where the edge must be exact. */
    WALL_AND_FLOOD(Habit.WALLED_COATS),
    /** The same flood icing outlines and fills: fewer bags. */
    ONE_ICING(Habit.ONE_ICING_COATS),
    /** No outlines at all: the flood is led to the edge with a needle. */
    NO_OUTLINE(Habit.NO_OUTLINE_COATS),
    /** Undivided floods are dipped instead: quickest for one colour. */
    DIP(Habit.DIPPED_COATS);

    private final Habit coats;

    Filling(Habit coats) {
        this.coats = coats;
    }

    /** How full the hand ices so, in times what the other figures say. */
    public Habit coats() {
        return coats;
    }
}
