package kindthimble.core.passes;

import java.util.Set;
import kindthimble.core.mark.Mark;

/**
 * Something that goes on a cookie, as the moves lay it one after the other.
 *
 * @param move index of its move
 * @param slot of a coat, or of what goes on with one: which of the coats' slots, from 1; of what is made ahead, which of its own
 *     passes, 0 where it has one only; 0 for what goes on afterwards
 * @param mark what goes on
 * @param sections names of those it lies on
 * @param onMove index of an earlier move on whose marks it goes, as she says; {@link #ON_NONE} for none
 * @param ownMinutes how long it waits for what lies under it, as she says; null for as long as its gate takes
 */
public record Step(int move, int slot, Mark mark, Set<String> sections, int onMove, Double ownMinutes) {
    /** Of what is laid on no marks in particular. */
    public static final int ON_NONE = -1;

    public Step {
        sections = Set.copyOf(sections);
    }
}
