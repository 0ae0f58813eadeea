package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Ingredient;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.ShopSettings;

/**
 * Base split into equal mixer batches.
 *
 * @param list the batches, all alike; empty when no base is wanted
 * @param surplusGrams base made beyond what is wanted
 * @param caution what to know, or empty
 */
record Batches(List<Pour.Batch> list, double surplusGrams, String caution) {

    static Batches of(double baseGrams, ShopSettings shop, BaseRecipe recipe) {
        if (!(baseGrams > 0)) {
            return new Batches(List.of(), 0, "");
        }
        int count = (int) Math.ceil(baseGrams / (shop.mixerMostGrams() - shop.mixerKeepsGrams()) - 1e-9);
        double wantedEach = baseGrams / count + shop.mixerKeepsGrams();
        double mixedEach = Math.max(wantedEach, shop.mixerLeastGrams());
        List<Pour.Weighed> weighed = weighed(mixedEach, recipe);
        List<Pour.Batch> list = new ArrayList<>();
        double surplus = 0;
        for (int i = 0; i < count; i++) {
            list.add(new Pour.Batch(wantedEach, weighed));
            // By ingredient, so that the balance of the pour compares two sums made in different ways.
            for (int j = 0; j < weighed.size(); j++) {
                surplus += weighed.get(j).grams()
                        - share(recipe, recipe.ingredients().get(j)) * wantedEach;
            }
        }
        String caution = mixedEach > wantedEach
                ? "The mixer beats no less than %s g well, so %.0f g more base is made than this order takes."
                        .formatted(Catalogue.plain(shop.mixerLeastGrams()), surplus)
                : "";
        return new Batches(list, surplus, caution);
    }

    private static List<Pour.Weighed> weighed(double batchGrams, BaseRecipe recipe) {
        return recipe.ingredients().stream()
                .map(i -> new Pour.Weighed(i.name(), onScale(share(recipe, i) * batchGrams)))
                .toList();
    }

    private static double share(BaseRecipe recipe, Ingredient ingredient) {
        return ingredient.grams() / recipe.grams();
    }

    /** Rounded up to what a kitchen scale can read. */
    static double onScale(double grams) {
        double step = grams < HouseDefaults.FINE_SCALE_BELOW_GRAMS
                ? HouseDefaults.FINE_SCALE_STEP_GRAMS
                : HouseDefaults.SCALE_STEP_GRAMS;
        double rounded = Math.ceil(grams / step - 1e-9) * step;
        return Math.round(rounded * 10) / 10.0;
    }
}
