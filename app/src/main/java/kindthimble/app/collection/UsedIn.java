package kindthimble.app.collection;

/**
 * A design on a tray that uses something of the shop's.
 *
 * @param order its order
 * @param orderName what that is called
 * @param design the design
 * @param name what that is called
 */
public record UsedIn(long order, String orderName, long design, String name) {}
