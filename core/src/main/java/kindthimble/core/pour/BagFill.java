package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Icing;

/**
 * Bags that are filled alike: one colour, one count, one vessel, and the tips that go on it. A bag with a coupler takes all tips of its portion, without one
 * each tip has bags of its own, with as much in them as that tip pipes.
 *
 * @param tips names of the tips, in order of work; empty for what has none
 * @param bags how many, at least 1
 * @param gramsEach finished icing in each, what it keeps with it
 * @param keptEach what never comes out of each
 */
public record BagFill(List<String> tips, int bags, double gramsEach, double keptEach) {
    public BagFill {
        tips = List.copyOf(tips);
    }

    /** All bags of a portion; together they hold what it is. */
    static List<BagFill> of(Pour.Portion portion) {
        double kept = portion.keptGrams() / portion.bags();
        List<List<String>> groups = groups(portion);
        if (groups.size() == 1) {
            return List.of(new BagFill(portion.tips(), portion.bags(), portion.gramsPerBag(), kept));
        }
        double out = portion.finishedGrams() - portion.keptGrams();
        double all = portion.drinks().stream().mapToDouble(Demand.Drink::grams).sum();
        double[] grams = new double[groups.size()];
        int[] bags = new int[groups.size()];
        for (int i = 0; i < grams.length; i++) {
            List<String> tips = groups.get(i);
            boolean isFirst = i == 0;
            grams[i] = out
                    / all
                    * portion.drinks().stream()
                            .filter(drink -> drink.tip() == null ? isFirst : tips.contains(drink.tip()))
                            .mapToDouble(Demand.Drink::grams)
                            .sum();
            bags[i] = 1;
        }
        // A bag more where there is most in each.
        for (int left = portion.bags() - grams.length; left > 0; left--) {
            int fullest = 0;
            for (int i = 1; i < grams.length; i++) {
                fullest = grams[i] / bags[i] > grams[fullest] / bags[fullest] ? i : fullest;
            }
            bags[fullest]++;
        }
        List<BagFill> fillings = new ArrayList<>();
        for (int i = 0; i < grams.length; i++) {
            fillings.add(new BagFill(groups.get(i), bags[i], grams[i] / bags[i] + kept, kept));
        }
        return fillings;
    }

    /** Tips that share a bag; one group where it can't be told apart. */
    private static List<List<String>> groups(Pour.Portion portion) {
        boolean isKnown = portion.drinks().stream().anyMatch(drink -> drink.tip() != null);
        List<String> tipped =
                portion.tips().stream().filter(tip -> !Tip.isCut(tip)).toList();
        List<List<String>> groups = new ArrayList<>();
        if (portion.coupler() && !tipped.isEmpty()) {
            groups.add(tipped);
        } else {
            tipped.forEach(tip -> groups.add(List.of(tip)));
        }
        portion.tips().stream().filter(Tip::isCut).forEach(cut -> groups.add(List.of(cut)));
        boolean isApart = portion.vessel() == Icing.Vessel.BAG && isKnown && groups.size() <= portion.bags();
        return isApart && groups.size() > 1 ? groups : List.of(portion.tips());
    }
}
