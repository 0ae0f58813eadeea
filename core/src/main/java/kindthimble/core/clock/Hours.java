package kindthimble.core.clock;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * When hands work: for each day of the week the spans between its pauses; a day that is not named is closed.
 *
 * @param days spans of each day, in order
 */
public record Hours(Map<DayOfWeek, List<Span>> days) {

    /** What the house takes: weekdays with two pauses, a half Saturday, no Sunday. */
    public static final Hours HOUSE = house();

    public Hours {
        days = Map.copyOf(days);
    }

    /**
     * @param from by the clock on the wall
     * @param to the same, later on that day
     */
    public record Span(LocalTime from, LocalTime to) {}

    private static Hours house() {
        List<Span> weekday = List.of(span(9, 13), span(14, 18), span(19, 22));
        return new Hours(Map.of(
                DayOfWeek.MONDAY, weekday,
                DayOfWeek.TUESDAY, weekday,
                DayOfWeek.WEDNESDAY, weekday,
                DayOfWeek.THURSDAY, weekday,
                DayOfWeek.FRIDAY, weekday,
                DayOfWeek.SATURDAY, List.of(span(8, 13))));
    }

    private static Span span(int from, int to) {
        return new Span(LocalTime.of(from, 0), LocalTime.of(to, 0));
    }

    /**
     * The sittings of some days, as the clock on the wall has them there: where it is put forward over one, that is shorter.
     *
     * @param now what lies before is left out, in seconds since the epoch
     * @param last the last day
     */
    public List<Sitting> sittings(ZoneId zone, LocalDate first, LocalDate last, long now) {
        List<Sitting> sittings = new ArrayList<>();
        for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(1)) {
            for (Span span : days.getOrDefault(day.getDayOfWeek(), List.of())) {
                long start = Math.max(now, day.atTime(span.from()).atZone(zone).toEpochSecond());
                long end = day.atTime(span.to()).atZone(zone).toEpochSecond();
                if (end > start) {
                    sittings.add(new Sitting(start, end));
                }
            }
        }
        return sittings;
    }
}
