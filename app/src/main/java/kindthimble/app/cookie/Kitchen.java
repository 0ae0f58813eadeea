package kindthimble.app.cookie;

import kindthimble.core.colour.Palette;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.shop.Filling;
import kindthimble.core.shop.ShopSettings;

/**
 * All that a design is measured with besides itself.
 *
 * @param shop the shop's numbers
 * @param recipe the base
 * @param floodSeconds the order's flood, 2 to 30
 * @param palette how the order's colours look
 * @param filling how its outlines and floods are carried out
 */
public record Kitchen(ShopSettings shop, BaseRecipe recipe, double floodSeconds, Palette palette, Filling filling) {
    /** What is not said for an order is the shop's. */
    public static Kitchen of(
            ShopSettings shop, BaseRecipe recipe, Double floodSeconds, Palette palette, Filling filling) {
        return new Kitchen(
                shop,
                recipe,
                floodSeconds == null ? shop.floodCountSeconds() : floodSeconds,
                palette,
                filling == null ? shop.filling() : filling);
    }

    /** The same with colours that look otherwise. */
    Kitchen with(Palette other) {
        return new Kitchen(shop, recipe, floodSeconds, other, filling);
    }
}
