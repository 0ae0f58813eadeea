package kindthimble.core.kitchen;

import kindthimble.core.drying.Room;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/** How iced trays dry. */
public enum TraysDry {
    /** On their own. */
    IN_STILL_AIR,
    /** A fan blows over the stand; it is off while hands pipe. */
    UNDER_THE_FAN,
    /** In a dehydrator, a few at a time. */
    IN_THE_DEHYDRATOR;

    /** In how many times the time of still air in the shop's room. A dehydrator has its own air. */
    public double times(Habits habits) {
        return switch (this) {
            case IN_STILL_AIR -> 1;
            case UNDER_THE_FAN -> habits.mean(Habit.FAN_TIMES);
            case IN_THE_DEHYDRATOR -> habits.mean(Habit.DEHYDRATOR_TIMES) / Room.times(habits);
        };
    }

    /** How many trays have a place at once. */
    public int places(Habits habits) {
        int stand = habits.pieces(Habit.TRAY_PLACES);
        return this == IN_THE_DEHYDRATOR ? Math.min(stand, habits.pieces(Habit.DEHYDRATOR_TRAYS)) : stand;
    }
}
