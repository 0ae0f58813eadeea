package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Ingredient;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.words.Range;

/**
 * Base split into equal mixer batches. Where a recipe takes whole pieces (eggs), all batches together take a whole number of them, and
 * the first ones one more than the others where it does not come out even.
 *
 * @param list the batches; empty when no base is wanted
 * @param surplusGrams base made beyond what is wanted
 * @param caution what to know, or empty
 */
record Batches(List<Pour.Batch> list, double surplusGrams, String caution) {
    static Batches of(double baseGrams, Kitchen kitchen) {
        BaseRecipe recipe = kitchen.recipe();
        ShopSettings shop = kitchen.shop();
        if (!(baseGrams > 0)) {
            return new Batches(List.of(), 0, "");
        }
        int count = (int)
                Math.ceil(baseGrams / (shop.mean(Habit.MIXER_MOST_GRAMS) - shop.mean(Habit.MIXER_KEEPS_GRAMS)) - 1e-9);
        Double piece = gramsToAPiece(recipe);
        List<Double> sizes = piece == null ? equal(baseGrams, count, shop) : inPieces(baseGrams, count, piece, shop);
        double wantedEach = baseGrams / sizes.size() + shop.mean(Habit.MIXER_KEEPS_GRAMS);
        double wanted = baseGrams + sizes.size() * shop.mean(Habit.MIXER_KEEPS_GRAMS);
        double mixed = sizes.stream().mapToDouble(Double::doubleValue).sum();
        List<Pour.Batch> list = new ArrayList<>();
        double surplus = 0;
        for (double size : sizes) {
            List<Pour.Weighed> weighed = weighed(size, kitchen);
            double wantedOfIt = wanted * size / mixed;
            list.add(new Pour.Batch(wantedOfIt, weighed));
            // By ingredient, so that the balance of the pour compares two sums made in different ways.
            for (int j = 0; j < weighed.size(); j++) {
                surplus += weighed.get(j).grams()
                        - share(recipe, recipe.ingredients().get(j)) * wantedOfIt;
            }
        }
        return new Batches(list, surplus, caution(wantedEach, sizes, surplus, shop));
    }

    private static String caution(double wantedEach, List<Double> sizes, double surplus, ShopSettings shop) {
        if (sizes.get(0) > shop.mean(Habit.MIXER_MOST_GRAMS) + 1e-9) {
            return "One whole egg makes %.0f g, more than the mixer's most of %s g. Take another base, or a larger mixer."
                    .formatted(sizes.get(0), Range.plain(shop.mean(Habit.MIXER_MOST_GRAMS)));
        }
        if (wantedEach < shop.mean(Habit.MIXER_LEAST_GRAMS)) {
            return "The mixer beats no less than %s g well, so %.0f g more base is made than this order takes. Keep the rest in a jar, or mix it together with another order."
                    .formatted(Range.plain(shop.mean(Habit.MIXER_LEAST_GRAMS)), surplus);
        }
        return sizes.size() > shop.pieces(Habit.MANY_BATCHES)
                ? "%d batches: that is %.0f minutes at the mixer. Spread them over two days, or borrow a larger one."
                        .formatted(sizes.size(), sizes.size() * shop.mean(Habit.BATCH_MINUTES))
                : "";
    }

    /** Batches weighed freely: all alike, and at least what the mixer beats well. */
    private static List<Double> equal(double baseGrams, int count, ShopSettings shop) {
        return Collections.nCopies(
                count,
                Math.max(baseGrams / count + shop.mean(Habit.MIXER_KEEPS_GRAMS), shop.mean(Habit.MIXER_LEAST_GRAMS)));
    }

    /** Batches of whole pieces: as few pieces as cover what is wanted, handed out evenly, as many batches as the mixer needs for that. */
    private static List<Double> inPieces(double baseGrams, int least, double piece, ShopSettings shop) {
        int most = Math.max(1, (int) Math.floor(shop.mean(Habit.MIXER_MOST_GRAMS) / piece + 1e-9));
        int fewest = Math.max(1, (int) Math.ceil(shop.mean(Habit.MIXER_LEAST_GRAMS) / piece - 1e-9));
        int count = least;
        int pieces = pieces(baseGrams, count, piece, shop);
        // A batch more leaves a rest more in the mixer; what a piece adds is more than that rest, or no number of
        // batches would do.
        while (pieces > (long) count * most && piece * most > shop.mean(Habit.MIXER_KEEPS_GRAMS)) {
            count++;
            pieces = pieces(baseGrams, count, piece, shop);
        }
        List<Double> sizes = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int own = pieces / count + (i < pieces % count ? 1 : 0);
            sizes.add(piece * Math.max(own, Math.min(fewest, most)));
        }
        return sizes;
    }

    private static int pieces(double baseGrams, int batches, double piece, ShopSettings shop) {
        return (int) Math.ceil((baseGrams + batches * shop.mean(Habit.MIXER_KEEPS_GRAMS)) / piece - 1e-9);
    }

    /** How much base comes of one whole piece; null where all is weighed freely. Of several sorts, the one that comes to most. */
    private static Double gramsToAPiece(BaseRecipe recipe) {
        return recipe.ingredients().stream()
                .filter(i -> i.pieceGrams() != null)
                .map(i -> i.pieceGrams() / share(recipe, i))
                .max(Double::compare)
                .orElse(null);
    }

    private static List<Pour.Weighed> weighed(double batchGrams, Kitchen kitchen) {
        BaseRecipe recipe = kitchen.recipe();
        return recipe.ingredients().stream()
                .map(i -> {
                    double exact = share(recipe, i) * batchGrams;
                    double grams = i.pieceGrams() == null ? onScale(exact, kitchen.habits()) : exact;
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
    static double onScale(double grams, Habits habits) {
        double step = grams < habits.mean(Habit.FINE_SCALE_BELOW_GRAMS)
                ? habits.mean(Habit.FINE_SCALE_STEP_GRAMS)
                : habits.mean(Habit.SCALE_STEP_GRAMS);
        double rounded = Math.ceil(grams / step - 1e-9) * step;
        return Math.round(rounded * 10) / 10.0;
    }
}
