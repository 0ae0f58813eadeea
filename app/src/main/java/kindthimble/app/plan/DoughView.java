package kindthimble.app.plan;

import kindthimble.core.dough.Dough;
import kindthimble.core.dough.DoughRecipe;

/**
 * The dough of an order.
 *
 * @param order its number
 * @param orderName of the order
 * @param recipe that it is made by
 * @param rolledMm how thick it is rolled
 * @param dough how much of it
 */
public record DoughView(long order, String orderName, DoughRecipe recipe, double rolledMm, Dough dough) {}
