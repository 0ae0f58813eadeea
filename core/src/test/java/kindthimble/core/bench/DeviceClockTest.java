package kindthimble.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What a device with a wrong clock has pressed. */
class DeviceClockTest {
    private static final Instant RECEIVED = Instant.parse("2026-12-04T10:00:00Z");

    /** Presses so many seconds before they came in, by the device's clock. */
    private static List<BenchEvent> pressed(long... secondsBefore) {
        return IntStream.range(0, secondsBefore.length)
                .mapToObj(i -> new BenchEvent(
                        "e" + i,
                        RECEIVED.minusSeconds(secondsBefore[i]),
                        "tablet",
                        BenchEvent.Pressed.ICED,
                        "a",
                        i,
                        ""))
                .toList();
    }

    private static List<Long> secondsBefore(DeviceClock.Right right) {
        return right.events().stream()
                .map(event -> Duration.between(event.at(), RECEIVED).toSeconds())
                .toList();
    }

    @Test
    void aRightClockIsLeftAlone() {
        for (long last : new long[] {0, -20, 3_600, 3 * 86_400}) {
            DeviceClock.Right right = DeviceClock.of(pressed(last + 900, last), RECEIVED);
            assertEquals(List.of(last + 900, last), secondsBefore(right));
            assertEquals(Duration.ZERO, right.by());
        }
        assertEquals(List.of(), DeviceClock.of(List.of(), RECEIVED).events());
    }

    @Test
    void aClockThatIsWrongIsPutRightAndWhatLayBetweenStays() {
        for (long wrong : new long[] {-7_200, -86_400 * 365L, 86_400 * 30L}) {
            DeviceClock.Right right = DeviceClock.of(pressed(wrong + 900, wrong + 60, wrong), RECEIVED);
            assertEquals(List.of(900L, 60L, 0L), secondsBefore(right));
            assertEquals(wrong, right.by().toSeconds());
        }
    }

    @Test
    void nothingElseOfThemChanges() {
        List<BenchEvent> events = pressed(-7_200);
        assertEquals(
                Stream.of(events.get(0))
                        .map(event -> event.movedBy(Duration.ofSeconds(-7_200)))
                        .toList(),
                DeviceClock.of(events, RECEIVED).events());
    }
}
