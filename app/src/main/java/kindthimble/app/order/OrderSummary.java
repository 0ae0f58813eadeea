package kindthimble.app.order;

import java.time.LocalDateTime;

/**
 * What is known of an order without planning it.
 *
 * @param id its number
 * @param revision that counts up with each change of it
 * @param name of the order
 * @param handOver when it is fetched
 * @param mixedInto number of the order that leads its mixing; null where it leads itself, or is mixed alone
 * @param archived whether it was put away
 */
public record OrderSummary(
        long id, long revision, String name, LocalDateTime handOver, Long mixedInto, boolean archived) {
    /** The number that all orders of a mixing share. */
    public long leading() {
        return mixedInto == null ? id : mixedInto;
    }
}
