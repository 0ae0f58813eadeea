package kindthimble.core.dough;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * Dough of an order. A piece weighs what its cutter's area, the thickness and the density say; of what stays between the cutters all is
 * rolled again but for the last scraps, so that {@code cut = dough (1 - lost)}.
 *
 * @param pieces how many are cut
 * @param bare of them, baked and not iced
 * @param cutGrams of the pieces, raw
 * @param bakedGrams of the pieces, out of the oven
 * @param grams of dough that is made
 * @param makings of the recipe, whole eggs and all
 * @param weighed what goes in
 */
public record Dough(
        int pieces,
        int bare,
        double cutGrams,
        double bakedGrams,
        double grams,
        double makings,
        List<WeighedOut> weighed) {
    private static final double MM3_IN_ML = 1000;
    private static final double PERCENT = 100;

    public Dough {
        weighed = List.copyOf(weighed);
    }

    /**
     * Pieces of one cutter.
     *
     * @param design number of the design
     * @param top index of the move that sets them on larger ones; {@link #NONE} for what lies on none
     * @param iced how many of them are iced, spares with them
     * @param bare how many are baked beside them
     * @param cutter as it cuts the dough
     */
    public record Cut(long design, int top, int iced, int bare, Region cutter) {
        public static final int NONE = -1;

        /** Of what is set on nothing. */
        public Cut(long design, int iced, int bare, Region cutter) {
            this(design, NONE, iced, bare, cutter);
        }

        /** The small ones that go with these, so many on each. */
        public Cut with(int topMove, int each, Region topCutter) {
            return new Cut(design, topMove, iced * each, bare * each, topCutter);
        }

        /**
         * @param iced how many of them are iced; of none, none are baked beside
         * @param bare how many are baked beside them; null for as many as the shop does
         */
        public static Cut of(long design, int iced, Integer bare, Region cutter, Habits habits) {
            return new Cut(
                    design, iced, iced == 0 ? 0 : bare == null ? habits.pieces(Habit.BARE_SPARES) : bare, cutter);
        }

        public int pieces() {
            return iced + bare;
        }
    }

    /**
     * @param ingredient as on the packet
     * @param grams of it
     * @param pieces whole ones; 0 for what is weighed freely
     */
    public record WeighedOut(String ingredient, double grams, int pieces) {}

    /** Raw grams of one piece. */
    public static double pieceGrams(double areaMm2, double thickMm, Habits habits) {
        return areaMm2 * thickMm / MM3_IN_ML * habits.mean(Habit.DOUGH_GRAMS_PER_ML);
    }

    /**
     * @param cuts what is cut
     * @param thickMm how thick the dough is rolled, over 0
     * @param recipe what it is made of
     */
    public static Dough of(List<Cut> cuts, double thickMm, DoughRecipe recipe, Habits habits) {
        double cut = cuts.stream()
                .mapToDouble(one -> one.pieces() * pieceGrams(one.cutter().areaMm2(), thickMm, habits))
                .sum();
        double wanted = cut / (1 - habits.mean(Habit.DOUGH_LOST_PERCENT) / PERCENT);
        double makings = makings(wanted, recipe);
        return new Dough(
                cuts.stream().mapToInt(Cut::pieces).sum(),
                cuts.stream().mapToInt(Cut::bare).sum(),
                cut,
                cut * (1 - habits.mean(Habit.BAKING_LOSS_PERCENT) / PERCENT),
                makings * recipe.grams(),
                makings,
                weighed(makings, recipe));
    }

    /** As few whole eggs as do, and of the rest as much as goes with them. */
    private static double makings(double wanted, DoughRecipe recipe) {
        double makings = wanted / recipe.grams();
        for (DoughIngredient one : recipe.ingredients()) {
            if (one.pieceGrams() != null) {
                makings = Math.max(
                        makings,
                        Math.ceil(wanted / recipe.grams() * one.grams() / one.pieceGrams() - 1e-9)
                                * one.pieceGrams()
                                / one.grams());
            }
        }
        return makings;
    }

    private static List<WeighedOut> weighed(double makings, DoughRecipe recipe) {
        return recipe.ingredients().stream().map(one -> weighed(one, makings)).toList();
    }

    /**
     * A making of it.
     *
     * @param nth 0 for the first; from 1 on which of those that were made since
     * @param isBegun whether it was; else it is still to be made
     * @param dough what goes into it, with as many of the pieces as it does for
     */
    public record Making(int nth, boolean isBegun, Dough dough) {}

    /**
     * This dough making by making: what was begun stays as it was, and what all of it lacks, where that is half a piece or more, is made beside it.
     *
     * @param begun grams of each making that was begun, by its number
     */
    public List<Making> makings(Map<Integer, Double> begun, DoughRecipe recipe, Habits habits) {
        double there = begun.values().stream().mapToDouble(made -> made).sum();
        double lacks = cutGrams / (1 - habits.mean(Habit.DOUGH_LOST_PERCENT) / PERCENT) - there;
        double least = pieces == 0 ? 0 : cutGrams / pieces / 2;
        List<Making> all = new ArrayList<>();
        int left = pieces;
        for (Map.Entry<Integer, Double> one : new TreeMap<>(begun).entrySet()) {
            int own = grams <= 0 ? 0 : Math.min(left, (int) Math.round(pieces * one.getValue() / grams));
            left -= own;
            all.add(new Making(one.getKey(), true, part(own, one.getValue(), one.getValue() / recipe.grams(), recipe)));
        }
        if (begun.isEmpty()) {
            return List.of(new Making(0, false, this));
        }
        if (lacks > least) {
            int open = 0;
            while (begun.containsKey(open)) {
                open++;
            }
            double makings = makings(lacks, recipe);
            all.add(new Making(open, false, part(left, makings * recipe.grams(), makings, recipe)));
        }
        return all.stream().sorted(Comparator.comparingInt(Making::nth)).toList();
    }

    /** As much of it as so many pieces are. */
    private Dough part(int own, double madeGrams, double makings, DoughRecipe recipe) {
        double share = pieces == 0 ? 0 : (double) own / pieces;
        return new Dough(
                own,
                (int) Math.round(bare * share),
                cutGrams * share,
                bakedGrams * share,
                madeGrams,
                makings,
                weighed(makings, recipe));
    }

    private static WeighedOut weighed(DoughIngredient one, double times) {
        double grams = one.grams() * times;
        return one.pieceGrams() == null
                ? new WeighedOut(one.name(), grams, 0)
                : wholeOnes(one, (int) Math.ceil(grams / one.pieceGrams() - 1e-9));
    }

    private static WeighedOut wholeOnes(DoughIngredient one, int pieces) {
        return new WeighedOut(one.name(), pieces * one.pieceGrams(), pieces);
    }
}
