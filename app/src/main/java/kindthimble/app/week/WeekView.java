package kindthimble.app.week;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import kindthimble.app.desk.DesignView;
import kindthimble.app.order.Listed;
import kindthimble.app.order.OrderDetails;

/**
 * Seven days and what is handed over on them.
 *
 * @param today by the clock on the wall
 * @param from the first of the days
 * @param orders handed over on them
 * @param next the next that is handed over from today on; null for none
 * @param ahead how many are handed over from today on
 * @param free the next Saturday in sight on which nothing is handed over yet
 * @param untouched whether there has never been an order
 */
record WeekView(
        LocalDate today,
        LocalDate from,
        List<Tray> orders,
        @Nullable Listed next,
        int ahead,
        LocalDate free,
        boolean untouched) {

    /**
     * An order as a tray of its own cookies.
     *
     * @param id its number
     * @param details what is said of it
     * @param designs on the tray, with their pictures
     */
    record Tray(long id, OrderDetails details, List<DesignView> designs) {}
}
