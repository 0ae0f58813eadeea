package kindthimble.core.move;

/**
 * Something that a decorator does to a cookie, as she plans it: a kind and a few numbers, each of which may be left to the shop.
 * Laid on a {@link Ground} it becomes a measured mark.
 *
 * <p>A new kind of move is one new record, permitted here; the catalogue, the checks, the forms and the design document follow
 * from its annotations.
 */
public sealed interface Move permits Outline, Flood, Dot, Line {

    /** Key of a colour of the order. */
    String colour();

    /**
     * Puts this move on a cookie.
     *
     * @param ground the cookie as the moves before have left it
     * @throws kindthimble.core.catalogue.Refused when it can't be done there
     */
    Laid lay(Ground ground);
}
