package kindthimble.core.drying;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import org.junit.jupiter.api.Test;

class RoomTest {
    @Test
    void dampAirDriesMoreSlowly() {
        assertEquals(1, Room.times(21, 45), 1e-12);
        assertEquals(0.40 / (0.85 - 0.62), Room.times(21, 62), 1e-12);
        assertEquals(1.739, Room.times(21, 62), 0.0005);
    }

    /** Saturated vapour has 24.87 hPa at 21 C, 23.39 at 20 C and 31.70 at 25 C (steam tables). */
    @Test
    void warmAirDriesFaster() {
        assertEquals(24.87 / 23.39, Room.times(20, 45), 0.002);
        assertEquals(24.87 / 31.70, Room.times(25, 45), 0.002);
    }

    @Test
    void fromEightyPercentOnNothingDries() {
        assertTrue(Room.dries(Habits.HOUSE.with(Habit.ROOM_HUMIDITY, 79)));
        assertFalse(Room.dries(Habits.HOUSE.with(Habit.ROOM_HUMIDITY, 80)));
        assertEquals(8, Room.times(21, 95), 1e-9);
    }

    @Test
    void gatesAreThoseOfTheRoom() {
        Habits damp = Habits.HOUSE.with(Habit.ROOM_HUMIDITY, 62);
        assertEquals(Math.round(100 * 1.7391), Gate.FIRM.minutes(damp));
        assertEquals(0, Gate.WET.minutes(damp));
    }
}
