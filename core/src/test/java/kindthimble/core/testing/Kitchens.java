package kindthimble.core.testing;

import kindthimble.core.colour.Palette;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.HouseRecipes;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;

/** Kitchens for tests: the house's base unless another is given. */
public final class Kitchens {
    private Kitchens() {}

    public static Kitchen of(ShopSettings shop, double floodSeconds, Palette palette) {
        return of(shop, floodSeconds, palette, null);
    }

    public static Kitchen of(ShopSettings shop, double floodSeconds, Palette palette, Filling filling) {
        return Kitchen.of(shop, HouseRecipes.MERINGUE_POWDER, floodSeconds, palette, filling);
    }

    public static Kitchen of(ShopSettings shop, BaseRecipe recipe) {
        return Kitchen.of(shop, recipe, null, Palette.UNKNOWN, null);
    }

    public static Kitchen of(Palette palette) {
        return Kitchen.house().with(palette);
    }
}
