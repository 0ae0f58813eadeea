package kindthimble.app.order;

import java.util.List;
import kindthimble.core.design.Design;

/**
 * An order of a mixing, with all that its share follows from.
 *
 * @param id its number
 * @param details what is said of it
 * @param designs what is on its tray
 */
public record Member(long id, OrderDetails details, List<Counted> designs) {
    /** A design and how many of it. */
    public record Counted(int count, Design document) {}
}
