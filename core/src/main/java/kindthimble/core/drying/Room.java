package kindthimble.core.drying;

import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * The air that icing dries in. Icing is a sugar solution whose water activity is about 0.85, so that drying goes by how far the air is below that,
 * and by the pressure of saturated vapour, after Magnus with the constants of Sonntag (1990): {@code p = 6.112 hPa exp(17.62 T/(243.12 + T))}.
 */
public final class Room {
    /** From this humidity on, in percent, icing does not dry in any sensible time. */
    public static final double TOO_DAMP_PERCENT = 80;

    private static final double WATER_ACTIVITY = 0.85;
    private static final double USUAL_HUMIDITY = 0.45;
    private static final double USUAL_CELSIUS = 21;
    private static final double MAGNUS = 17.62;
    private static final double MAGNUS_CELSIUS = 243.12;
    private static final double PERCENT = 100;

    private Room() {}

    /** Whether icing dries in the shop's room at all. */
    public static boolean dries(Habits habits) {
        return habits.mean(Habit.ROOM_HUMIDITY) < TOO_DAMP_PERCENT;
    }

    /** In how many times the time of still air of 21 C and 45 % icing dries in the shop's room. */
    public static double times(Habits habits) {
        return times(habits.mean(Habit.ROOM_CELSIUS), habits.mean(Habit.ROOM_HUMIDITY));
    }

    /**
     * @param celsius -20 to 60
     * @param humidityPercent 0 to 100; from {@value #TOO_DAMP_PERCENT} on as that
     * @return over 0
     */
    public static double times(double celsius, double humidityPercent) {
        double humidity = Math.min(humidityPercent, TOO_DAMP_PERCENT) / PERCENT;
        return (WATER_ACTIVITY - USUAL_HUMIDITY)
                / (WATER_ACTIVITY - humidity)
                * pressure(USUAL_CELSIUS)
                / pressure(celsius);
    }

    /** Of saturated vapour, but for a constant factor. */
    private static double pressure(double celsius) {
        return Math.exp(MAGNUS * celsius / (MAGNUS_CELSIUS + celsius));
    }
}
