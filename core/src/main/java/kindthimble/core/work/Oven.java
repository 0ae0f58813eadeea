package kindthimble.core.work;

import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/** How cookies of one design go through the oven: in rows of boxes with a gap all round each, a load of so many trays at once. */
public final class Oven {
    private Oven() {}

    /** How many cookies lie on a baking tray, 1 or more. */
    public static int onTray(Region baked, Habits habits) {
        Box box = baked.box();
        double gap = habits.mean(Habit.BAKING_GAP_MM);
        int across = (int) ((habits.mean(Habit.BAKING_TRAY_WIDTH_MM) + gap) / (box.widthMm() + gap));
        int along = (int) ((habits.mean(Habit.BAKING_TRAY_LENGTH_MM) + gap) / (box.heightMm() + gap));
        return Math.max(1, across * along);
    }

    /** How many cookies are a load. */
    public static int load(Region baked, Habits habits) {
        return onTray(baked, habits) * habits.pieces(Habit.OVEN_TRAYS);
    }

    /** How long a load bakes, in minutes: small ones shorter, large ones longer. */
    public static double minutes(Region baked, Habits habits) {
        Box box = baked.box();
        double across = Math.max(box.widthMm(), box.heightMm());
        if (across < habits.mean(Habit.SMALL_COOKIE_MM)) {
            return habits.mean(Habit.OVEN_SMALL_MINUTES);
        }
        return habits.mean(across > habits.mean(Habit.LARGE_COOKIE_MM) ? Habit.OVEN_LARGE_MINUTES : Habit.OVEN_MINUTES);
    }
}
