package kindthimble.core.pour;

import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.Set;
import java.util.stream.Collectors;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Icing;

/**
 * Bag filling. One bag is one colour at one consistency, filled to its most with what it keeps; a large one is taken where that makes fewer.
 * A bag with a coupler serves several tips in order of work, without one each tip has a bag of its own. The shop's couplers go to the
 * portions with most tips, its bottles, bowl by bowl, to what floods without a tip. Lives for one pour, and hands out as it goes.
 */
final class Bags {
    private final Habits habits;
    private final Set<Demand.Portion> coupled;
    private int bottles;

    Bags(Habits habits, Demand demand) {
        this.habits = habits;
        this.coupled = coupled(habits.pieces(Habit.COUPLERS), demand);
        this.bottles = habits.pieces(Habit.BOTTLES);
    }

    /**
     * What a portion goes into.
     *
     * @param vessel as asked for, or a bottle in the place of a bag
     * @param bags filled, or loads of the scraper, or 1; never fewer
     * @param keptGrams by all of them together
     * @param large whether they are large bags
     * @param coupler whether one bag serves several tips
     * @param cutMm width that a tipless bag is cut to; 0 for all else
     */
    record Fill(Icing.Vessel vessel, int bags, double keptGrams, boolean large, boolean coupler, double cutMm) {}

    /**
     * @param wantedGrams finished icing that has to come out of it
     */
    Fill fill(Demand.Portion portion, double wantedGrams) {
        boolean coupler = coupled.contains(portion);
        double keptInEach = keptInEach(portion);
        Icing.Vessel vessel = bottled(portion, wantedGrams, keptInEach) ? Icing.Vessel.BOTTLE : portion.vessel();
        boolean bag = vessel == Icing.Vessel.BAG;
        // Without a coupler each tip needs a bag of its own.
        int least = bag ? Math.max(1, cuts(portion) + (coupler ? 1 : tipped(portion))) : 1;
        double smallFill = habits.mean(Habit.BAG_FILL_GRAMS);
        double largeFill = habits.mean(Habit.LARGE_BAG_FILL_GRAMS);
        int small = Math.max(least, fillings(vessel, smallFill, wantedGrams, keptInEach));
        int large = bag && largeFill > smallFill
                ? Math.max(least, fillings(vessel, largeFill, wantedGrams, keptInEach))
                : small;
        int bags = Math.min(small, large);
        return new Fill(
                vessel,
                bags,
                bags * keptInEach,
                large < small,
                coupler,
                bag && portion.tips().isEmpty() ? habits.mean(Habit.CUT_MM) : 0);
    }

    /** How many tips it wants, bags that are cut to a width left out. */
    private static int tipped(Demand.Portion portion) {
        return portion.tips().size() - cuts(portion);
    }

    private static int cuts(Demand.Portion portion) {
        return (int) portion.tips().stream().filter(Tip::isCut).count();
    }

    /** The portions that get a coupler: those with most tips first, as far as the couplers go. */
    private static Set<Demand.Portion> coupled(int couplers, Demand demand) {
        return demand.colours().stream()
                .flatMap(colour -> colour.portions().stream())
                .filter(portion -> tipped(portion) > 1)
                .sorted(Comparator.comparingInt(portion -> -tipped(portion)))
                .limit(couplers)
                .collect(Collectors.toCollection(() -> Collections.newSetFromMap(new IdentityHashMap<>())));
    }

    /** Takes bottles for what floods without a tip, as far as the shop's bottles go. */
    private boolean bottled(Demand.Portion portion, double wantedGrams, double keptInEach) {
        if (portion.vessel() != Icing.Vessel.BAG
                || !portion.tips().isEmpty()
                || portion.consistency().state() != Consistency.State.FLOOD) {
            return false;
        }
        int needed = fillings(Icing.Vessel.BOTTLE, 0, wantedGrams, keptInEach);
        if (needed > bottles) {
            return false;
        }
        bottles -= needed;
        return true;
    }

    private double keptInEach(Demand.Portion portion) {
        return switch (portion.vessel()) {
            case BAG, BOTTLE ->
                habits.mean(tipped(portion) == 0 ? Habit.TIPLESS_BAG_KEEPS_GRAMS : Habit.TIPPED_BAG_KEEPS_GRAMS);
            case DIP_BOWL -> habits.mean(Habit.DIP_BOWL_KEEPS_GRAMS) * portion.dipBowls();
            case SCRAPER, SPATULA -> habits.mean(Habit.SCRAPER_KEEPS_GRAMS);
        };
    }

    /** Bags filled, or loads of the scraper; one bowl for dipping or for the spatula holds all. */
    private int fillings(Icing.Vessel vessel, double bagFillGrams, double wantedGrams, double keptInEach) {
        double most = switch (vessel) {
            case BAG -> bagFillGrams - keptInEach;
            case BOTTLE -> habits.mean(Habit.BOTTLE_FILL_GRAMS) - keptInEach;
            case SCRAPER -> habits.mean(Habit.SCRAPER_LOAD_GRAMS);
            case DIP_BOWL, SPATULA -> Double.POSITIVE_INFINITY;
        };
        return (int) Math.max(1, Math.ceil(wantedGrams / most - 1e-9));
    }
}
