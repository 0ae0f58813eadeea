package kindthimble.core.pour;

import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.mark.Icing;

/** Hands on a pour: batches, bowls, consistencies and bags, by the minutes of each. */
public final class Minutes {
    private Minutes() {}

    /** All of a pour. */
    public static double of(Pour pour, Habits habits) {
        return pour.batches().size() * habits.mean(Habit.BATCH_MINUTES)
                + pour.bowls().stream().mapToDouble(bowl -> of(bowl, habits)).sum();
    }

    /** One bowl: made up, thinned and bagged. */
    public static double of(Pour.Bowl bowl, Habits habits) {
        return making(bowl, habits)
                + flavour(bowl, habits)
                + bowl.fromJars().size() * habits.mean(Habit.JAR_MINUTES)
                + bowl.portions().stream()
                        .mapToDouble(p -> habits.mean(Habit.THIN_MINUTES) + bags(p, habits))
                        .sum();
    }

    /** To divide a bowl off and bring it to its colour. */
    static double making(Pour.Bowl bowl, Habits habits) {
        if (bowl.letDown() != null) {
            return habits.mean(Habit.LET_DOWN_MINUTES);
        }
        return bowl.untinted() ? habits.mean(Habit.DIVIDE_MINUTES) : habits.mean(Habit.TINT_MINUTES);
    }

    /** To weigh a flavour and stir it in. */
    static double flavour(Pour.Bowl bowl, Habits habits) {
        return bowl.flavour() == null ? 0 : habits.mean(Habit.FLAVOUR_MINUTES);
    }

    static double bags(Pour.Portion portion, Habits habits) {
        boolean filled = portion.vessel() == Icing.Vessel.BAG || portion.vessel() == Icing.Vessel.BOTTLE;
        return filled ? portion.bags() * habits.mean(Habit.BAG_MINUTES) : 0;
    }
}
