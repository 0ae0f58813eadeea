package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Ingredient;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.ShopSettings;

/**
 * Base split into equal mixer batches; where a recipe takes whole pieces (eggs), each batch is made large enough for a whole number.
 *
 * @param list the batches, all alike; empty when no base is wanted
 * @param surplusGrams base made beyond what is wanted
 * @param caution what to know, or empty
 */
record Batches(List<Pour.Batch> list, double surplusGrams, String caution) {
    private static final int MOST_TRIES = 200;

    static Batches of(double baseGrams, ShopSettings shop, BaseRecipe recipe) {
        if (!(baseGrams > 0)) {
            return new Batches(List.of(), 0, "");
        }
        int count = (int) Math.ceil(baseGrams / (shop.mixerMostGrams() - shop.mixerKeepsGrams()) - 1e-9);
        double wantedEach = baseGrams / count + shop.mixerKeepsGrams();
        double mixedEach = mixed(wantedEach, shop, recipe);
        // A whole egg more may not fit: then one batch more, each smaller.
        for (int tries = 0; mixedEach > shop.mixerMostGrams() + 1e-9 && tries < MOST_TRIES; tries++) {
            count++;
            wantedEach = baseGrams / count + shop.mixerKeepsGrams();
            mixedEach = mixed(wantedEach, shop, recipe);
        }
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
        return new Batches(list, surplus, caution(wantedEach, surplus, count, shop));
    }

    private static String caution(double wantedEach, double surplus, int count, ShopSettings shop) {
        if (wantedEach < shop.mixerLeastGrams()) {
            return "The mixer beats no less than %s g well, so %.0f g more base is made than this order takes. Keep the rest in a jar, or mix it together with another order."
                    .formatted(Catalogue.plain(shop.mixerLeastGrams()), surplus);
        }
        return count > 6
                ? "%d batches: that is %.0f minutes at the mixer. Spread them over two days, or borrow a larger one."
                        .formatted(count, count * HouseDefaults.BATCH_MINUTES)
                : "";
    }

    /** At least what the mixer beats well, and as much as takes whole pieces. */
    private static double mixed(double wantedEach, ShopSettings shop, BaseRecipe recipe) {
        double least = Math.max(wantedEach, shop.mixerLeastGrams());
        return recipe.ingredients().stream()
                .filter(i -> i.pieceGrams() != null)
                .mapToDouble(i ->
                        Math.ceil(share(recipe, i) * least / i.pieceGrams() - 1e-9) * i.pieceGrams() / share(recipe, i))
                .max()
                .orElse(least);
    }

    private static List<Pour.Weighed> weighed(double batchGrams, BaseRecipe recipe) {
        return recipe.ingredients().stream()
                .map(i -> {
                    double exact = share(recipe, i) * batchGrams;
                    double grams = i.pieceGrams() == null ? onScale(exact) : exact;
                    int pieces = i.pieceGrams() == null ? 0 : (int) Math.round(exact / i.pieceGrams());
                    return new Pour.Weighed(
                            i.name(), i.role(), grams, pieces, i.gramsPerCup() == null ? 0 : grams / i.gramsPerCup());
                })
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
