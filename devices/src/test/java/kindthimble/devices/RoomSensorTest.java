package kindthimble.devices;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class RoomSensorTest {
    private static final Instant START = Instant.parse("2026-12-01T00:00:00Z");

    @Test
    void aYearOfAirIsThatOfARoom() {
        RoomSensor sensor = new RoomSensor(3);
        int damp = 0;
        for (int hour = 0; hour < 365 * 24; hour++) {
            RoomSensor.Air air = sensor.at(START.plus(Duration.ofHours(hour)));
            RoomSensor.Air next = sensor.at(START.plus(Duration.ofHours(hour + 1)));
            assertTrue(air.celsius() > 18 && air.celsius() < 23, air::toString);
            assertTrue(air.humidityPercent() > 35 && air.humidityPercent() < 70, air::toString);
            assertTrue(Math.abs(next.humidityPercent() - air.humidityPercent()) < 3, "no leaps");
            damp += air.humidityPercent() > 58 ? 1 : 0;
        }
        assertTrue(damp > 400 && damp < 3_000, damp + " damp hours of a year");
    }

    @Test
    void theSameSeedHasTheSameDays() {
        assertEquals(new RoomSensor(3).at(START), new RoomSensor(3).at(START));
        assertEquals("room t=21.3 rh=47.5", new RoomSensor.Air(21.34, 47.51).line());
    }
}
