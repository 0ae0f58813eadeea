package kindthimble.app.plan;

import kindthimble.core.dough.Dough;
import kindthimble.core.dough.DoughRecipe;

/**
 * The dough of an order, or one making of it.
 *
 * @param order its number
 * @param orderName of the order
 * @param recipe that it is made by
 * @param rolledMm how thick it is rolled
 * @param addition 0 for the first making; from 1 on which of those that were made since
 * @param isBegun whether it is being made, or was
 * @param dough how much of it
 */
public record DoughView(
        long order, String orderName, DoughRecipe recipe, double rolledMm, int addition, boolean isBegun, Dough dough) {
    /** One making of it. */
    public DoughView of(Dough.Making making) {
        return new DoughView(order, orderName, recipe, rolledMm, making.nth(), making.isBegun(), making.dough());
    }
}
