package kindthimble.app.order;

import java.util.List;
import kindthimble.core.design.Design;

/**
 * An order as it is stored, with its designs.
 *
 * @param id its number
 * @param revision to be sent back with a change
 * @param details what is said of it
 * @param designs on its tray, in order
 */
public record Kept(long id, long revision, OrderDetails details, List<KeptDesign> designs) {
    public Kept {
        designs = List.copyOf(designs);
    }

    /**
     * A design of an order as it is stored.
     *
     * @param id its number
     * @param count how many are handed over
     * @param document the design
     */
    public record KeptDesign(long id, int count, Design document) {}
}
