package kindthimble.app.plan;

import java.util.List;
import kindthimble.app.order.Kept;
import kindthimble.app.order.OrderDetails;
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

    /** An order as it is now. */
    public static Member of(Kept order) {
        return new Member(
                order.id(),
                order.details(),
                order.designs().stream()
                        .map(design -> new Counted(design.count(), design.document()))
                        .toList());
    }
}
