package kindthimble.app.desk;

import java.util.List;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.plan.PlanView;

/**
 * An order as it is stored.
 *
 * @param id its number
 * @param version to be sent back with a change
 * @param details what is said of it
 * @param designs its designs, in order
 * @param plan what follows from them
 */
public record OrderView(long id, int version, OrderDetails details, List<DesignView> designs, PlanView plan) {}
