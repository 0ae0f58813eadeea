package kindthimble.core.hours;

import java.time.LocalTime;

/**
 * A part of a day, by the clock on the wall.
 *
 * @param from when it begins
 * @param to when it ends, later on that day; midnight is the end of the day
 */
public record Span(LocalTime from, LocalTime to) {
    /** Whether it ends when the day does. */
    boolean untilMidnight() {
        return to.equals(LocalTime.MIDNIGHT);
    }

    boolean isForward() {
        return untilMidnight() || to.isAfter(from);
    }

    /** Whether it ends before the other one begins, or just then. */
    boolean isBefore(Span later) {
        return !untilMidnight() && !to.isAfter(later.from);
    }
}
