package kindthimble.core.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;

/**
 * Puts right what a device with a wrong clock has pressed. Nothing is pressed after it came in, and nothing waits on a device for days: where the last
 * press of those that come together lies so, all of them are moved until that is the moment at which they came. What lay between them stays.
 */
public final class DeviceClock {
    /** Two clocks that are set by the network are never farther apart. */
    private static final Duration AHEAD = Duration.ofSeconds(30);

    /** So long a tablet may lie in a drawer with something that it has not sent. */
    private static final Duration BEHIND = Duration.ofDays(4);

    private DeviceClock() {}

    /**
     * @param events put right
     * @param by how far they were moved; less than 0 for back, and 0 for a clock that is right
     */
    public record Right(List<BenchEvent> events, Duration by) {
        public Right {
            events = List.copyOf(events);
        }
    }

    /**
     * @param events of one device that come together
     * @param received when they came, by the kitchen's clock
     */
    public static Right of(List<BenchEvent> events, Instant received) {
        Instant last = events.stream()
                .map(BenchEvent::at)
                .max(Comparator.naturalOrder())
                .orElse(received);
        boolean isRight = !last.isAfter(received.plus(AHEAD)) && !last.isBefore(received.minus(BEHIND));
        if (isRight) {
            return new Right(events, Duration.ZERO);
        }
        Duration by = Duration.between(last, received);
        return new Right(events.stream().map(event -> event.movedBy(by)).toList(), by);
    }
}
