package kindthimble.app.desk;

import jakarta.annotation.Nullable;
import java.util.List;
import kindthimble.app.history.Steps;
import kindthimble.app.mixing.BegunBase;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.plan.PlanView;

/**
 * An order as it is stored, all of one revision.
 *
 * @param id its number
 * @param revision to be sent back with a change; counts up with each
 * @param shop revision of what belongs to the shop, which it was worked out with
 * @param details what is said of it
 * @param tray numbers of its designs, in order
 * @param designs all of them, in order; in the answer to a change those that are others now
 * @param plan what follows from them
 * @param begun what was begun of its mixing, and what is still to be mixed; null where it has not started, or can't be worked out
 * @param steps what undo and redo would do
 */
public record OrderView(
        long id,
        long revision,
        long shop,
        OrderDetails details,
        List<Long> tray,
        List<DesignView> designs,
        PlanView plan,
        @Nullable BegunBase begun,
        Steps steps) {}
