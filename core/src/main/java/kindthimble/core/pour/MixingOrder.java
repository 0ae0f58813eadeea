package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.kitchen.Kitchen;

/**
 * In what order a pour is mixed: the base first; then the bowls are divided off and tinted, the darkest first, since it deepens while
 * it rests; then each bowl, in the same order, comes down its ladder, stiff portions first, and is bagged. What is not in hand stays
 * covered.
 */
public final class MixingOrder {
    private static final double LEAST_GRAMS = 0.05;

    private MixingOrder() {}

    /** What is done at a step. */
    public enum Doing {
        MIX,
        TINT,
        /** Weighed out of a darker bowl and white. */
        LET_DOWN,
        /** Left as white as its base. */
        DIVIDE,
        /** A flavour is stirred into a bowl that was divided off. */
        FLAVOUR,
        /** Left-over icing goes into the bowl, or into what was taken out of it. */
        ADD_JAR,
        THIN,
        BAG
    }

    /**
     * @param doing what
     * @param colour key of the bowl; null for the base
     * @param portion index of the bowl's portion; -1 where the whole bowl or the base is meant
     * @param grams mixed, divided off, added from a jar or as a flavour, or taken out
     * @param waterGrams stirred in
     * @param sugarGrams sifted in
     * @param minutes of hands
     * @param coveredGrams of icing that waits under a cover meanwhile
     * @param addition 0 for the plan that was begun; from 1 on which of the additions that were mixed since
     */
    public record Step(
            Doing doing,
            String colour,
            int portion,
            double grams,
            double waterGrams,
            double sugarGrams,
            double minutes,
            double coveredGrams,
            int addition) {
        public Step(
                Doing doing,
                String colour,
                int portion,
                double grams,
                double waterGrams,
                double sugarGrams,
                double minutes,
                double coveredGrams) {
            this(doing, colour, portion, grams, waterGrams, sugarGrams, minutes, coveredGrams, 0);
        }

        /** Base that is mixed, in so many minutes. */
        public static Step base(double minutes) {
            return new Step(Doing.MIX, null, -1, 0, 0, 0, minutes, 0);
        }

        /** What is divided off for a bowl; 0 for all other steps. */
        public double dividedGrams() {
            return colour != null && portion < 0 && doing != Doing.FLAVOUR ? grams : 0;
        }

        private Step of(int nth) {
            return new Step(doing, colour, portion, grams, waterGrams, sugarGrams, minutes, coveredGrams, nth);
        }
    }

    /**
     * All steps of an addition.
     *
     * @param nth from 1
     */
    public static List<Step> of(Pour more, int nth, Kitchen kitchen) {
        return of(more, kitchen).stream().map(step -> step.of(nth)).toList();
    }

    /** All steps of a pour. */
    public static List<Step> of(Pour pour, Kitchen kitchen) {
        Habits habits = kitchen.habits();
        List<Step> steps = new ArrayList<>();
        double made = 0;
        for (Pour.Batch batch : pour.batches()) {
            steps.add(new Step(Doing.MIX, null, -1, batch.madeGrams(), 0, 0, habits.mean(Habit.BATCH_MINUTES), made));
            made += batch.madeGrams();
        }
        double jars = pour.bowls().stream()
                .flatMap(bowl -> bowl.fromJars().stream())
                .mapToDouble(Pour.FromJar::grams)
                .sum();
        double waiting = made + jars + pour.balance().leftBaseGrams();
        // A mother bowl comes before what is let down from it, whatever the palette says.
        List<Pour.Bowl> bowls = pour.bowls().stream()
                .sorted(Comparator.comparing((Pour.Bowl bowl) -> bowl.letDown() != null)
                        .thenComparingDouble(bowl -> lightness(bowl, kitchen.palette())))
                .toList();
        for (Pour.Bowl bowl : bowls) {
            if (bowl.dividedGrams() < LEAST_GRAMS) {
                continue; // All of it comes out of jars.
            }
            waiting += bowl.gelGrams() + bowl.flavourGrams();
            double inHand = bowl.dividedGrams();
            steps.add(new Step(
                    making(bowl),
                    bowl.colour(),
                    -1,
                    inHand,
                    0,
                    0,
                    Minutes.making(bowl, habits),
                    Math.max(0, waiting - inHand)));
            if (bowl.flavour() != null) {
                steps.add(new Step(
                        Doing.FLAVOUR,
                        bowl.colour(),
                        -1,
                        bowl.flavourGrams(),
                        0,
                        0,
                        Minutes.flavour(bowl, habits),
                        Math.max(0, waiting - inHand)));
            }
        }
        for (Pour.Bowl bowl : bowls) {
            for (Ladder.Rung rung : Ladder.of(bowl)) {
                Pour.Portion portion = bowl.portions().get(rung.portion());
                for (Pour.FromJar jar : rung.jars()) {
                    steps.add(new Step(
                            Doing.ADD_JAR,
                            bowl.colour(),
                            rung.portion(),
                            jar.grams(),
                            0,
                            0,
                            habits.mean(Habit.JAR_MINUTES),
                            Math.max(0, waiting - jar.grams())));
                }
                waiting += rung.waterGrams() + rung.sugarGrams();
                double taken = portion.finishedGrams();
                steps.add(new Step(
                        Doing.THIN,
                        bowl.colour(),
                        rung.portion(),
                        taken,
                        rung.waterGrams(),
                        rung.sugarGrams(),
                        habits.mean(Habit.THIN_MINUTES),
                        Math.max(0, waiting - taken)));
                waiting -= taken;
                if (Minutes.bags(portion, habits) > 0) {
                    steps.add(new Step(
                            Doing.BAG,
                            bowl.colour(),
                            rung.portion(),
                            taken,
                            0,
                            0,
                            Minutes.bags(portion, habits),
                            Math.max(0, waiting)));
                }
            }
        }
        return steps;
    }

    private static Doing making(Pour.Bowl bowl) {
        if (bowl.letDown() != null) {
            return Doing.LET_DOWN;
        }
        return bowl.untinted() ? Doing.DIVIDE : Doing.TINT;
    }

    private static double lightness(Pour.Bowl bowl, Palette palette) {
        Lab look = palette.colours().get(bowl.colour());
        return look == null ? 100 : look.l();
    }
}
