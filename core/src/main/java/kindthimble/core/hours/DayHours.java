package kindthimble.core.hours;

import java.time.LocalDate;
import java.util.List;

/**
 * One day that is unlike its day of the week.
 *
 * @param day which
 * @param spans in which hands work on it; none: closed
 */
public record DayHours(LocalDate day, List<Span> spans) {
    public DayHours {
        spans = spans == null ? List.of() : List.copyOf(spans);
    }
}
