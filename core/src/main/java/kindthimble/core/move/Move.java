package kindthimble.core.move;

import java.util.List;
import java.util.Set;
import kindthimble.core.catalogue.Filled;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.placing.Where;

/**
 * Something that a decorator does to a cookie, as she plans it: a kind and a few numbers, each of which may be left to the shop.
 * A {@link Division} makes sections; all others, laid on a {@link Ground}, become measured marks.
 *
 * <p>A new kind of move is one new record, permitted by one of the families; the catalogue, the checks, the forms and the design
 * document follow from its annotations.
 */
public sealed interface Move permits Division, Coating, Detail, Trim {

    /** Key of a colour of the order; null for a move without one. */
    default String colour() {
        return null;
    }

    /** Keys of all colours that it takes. */
    default Set<String> colours() {
        return colour() == null ? Set.of() : Set.of(colour());
    }

    /** The moves of a small design of its own that it sets on the cookie; none for most. */
    default List<Move> inner() {
        return List.of();
    }

    /** Words for the sections it lies on; null for the whole cookie. */
    default String on() {
        return null;
    }

    /** Where its marks are; null for a move that is not placed. */
    default Where where() {
        return null;
    }

    /** What of it has to sink into a wet coat, as it is called; null for nothing. */
    default String sinks() {
        return null;
    }

    /** Whether it is print, paint or the like on a dry coat, so that a coat listed after it comes after it. */
    default boolean dresses() {
        return false;
    }

    /** Minutes that it waits for what lies under it, where she has told them; null for as long as its gate takes. */
    default Double waitMinutes() {
        return null;
    }

    /** Whether a line is piped through what it fills, so that it does not sink. */
    default boolean hasSquiggle() {
        return false;
    }

    /** What to say where it finds no coat under it, though it needs one; null where it needs none. */
    default String needsCoat() {
        return null;
    }

    /** The path of her own that it follows, in mm; empty for none. */
    default String ownPath() {
        return "";
    }

    /** What would take less time instead. */
    default Easier easier() {
        return Easier.said("Fewer or larger strokes, airbrush or marker would be quicker.");
    }

    /** The same with its usual values where she left something open. */
    default Move filled(Kitchen kitchen) {
        return Filled.of(this, kitchen.habits());
    }

    /**
     * Puts this move, filled, on a cookie.
     *
     * @param ground the cookie as the moves before have left it; takes up the marks
     * @throws kindthimble.core.words.Refused when it can't be done there
     */
    default void lay(Ground ground) {}
}
