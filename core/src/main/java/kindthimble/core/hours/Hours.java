package kindthimble.core.hours;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.core.words.Refused;

/**
 * When hands work: for each day of the week the spans between its pauses, and days that are unlike that.
 *
 * @param days spans of each day of the week, in order; a day that is not named is closed
 * @param changes days that are unlike their day of the week
 */
public record Hours(Map<DayOfWeek, List<Span>> days, List<DayHours> changes) {
    /** Spans that a day has. */
    public static final int MOST_SPANS = 6;

    /** Days that are unlike. */
    public static final int MOST_CHANGES = 400;

    /** What the house takes: weekdays with two pauses, a half Saturday, no Sunday. */
    public static final Hours HOUSE = house();

    public static final Hours NONE = new Hours(Map.of(), List.of());

    public Hours {
        Map<DayOfWeek, List<Span>> open = new EnumMap<>(DayOfWeek.class);
        if (days != null) {
            days.forEach((day, spans) -> open.put(day, List.copyOf(spans)));
        }
        days = Map.copyOf(open);
        changes = changes == null ? List.of() : List.copyOf(changes);
    }

    private static Hours house() {
        List<Span> weekday = List.of(span(9, 13), span(14, 18), span(19, 22));
        return new Hours(
                Map.of(
                        DayOfWeek.MONDAY, weekday,
                        DayOfWeek.TUESDAY, weekday,
                        DayOfWeek.WEDNESDAY, weekday,
                        DayOfWeek.THURSDAY, weekday,
                        DayOfWeek.FRIDAY, weekday,
                        DayOfWeek.SATURDAY, List.of(span(8, 13))),
                List.of());
    }

    private static Span span(int from, int to) {
        return new Span(LocalTime.of(from, 0), LocalTime.of(to, 0));
    }

    /** The spans of one day. */
    public List<Span> on(LocalDate day) {
        return changes.stream()
                .filter(change -> change.day().equals(day))
                .findFirst()
                .map(DayHours::spans)
                .orElseGet(() -> days.getOrDefault(day.getDayOfWeek(), List.of()));
    }

    /** The same with one day otherwise. */
    public Hours with(DayHours change) {
        List<DayHours> others = new ArrayList<>(
                changes.stream().filter(one -> !one.day().equals(change.day())).toList());
        others.add(change);
        return new Hours(days, others);
    }

    /**
     * The sittings of some days, as the clock on the wall has them there: where it is put forward over one, that is shorter. What goes over
     * midnight is one sitting.
     *
     * @param last the last day
     * @param now what lies before is left out, in seconds since the epoch
     */
    public List<Sitting> sittings(ZoneId zone, LocalDate first, LocalDate last, long now) {
        List<Sitting> sittings = new ArrayList<>();
        for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(1)) {
            for (Span span : on(day)) {
                long start = Math.max(now, day.atTime(span.from()).atZone(zone).toEpochSecond());
                long end = (span.untilMidnight() ? day.plusDays(1).atStartOfDay() : day.atTime(span.to()))
                        .atZone(zone)
                        .toEpochSecond();
                if (end <= start) {
                    continue;
                }
                Sitting before = sittings.isEmpty() ? null : sittings.get(sittings.size() - 1);
                if (before != null && before.end() == start) {
                    sittings.set(sittings.size() - 1, new Sitting(before.start(), end));
                } else {
                    sittings.add(new Sitting(start, end));
                }
            }
        }
        return sittings;
    }

    /** The day on the wall that a time falls on. */
    public static LocalDate day(long seconds, ZoneId zone) {
        return LocalDate.ofInstant(Instant.ofEpochSecond(seconds), zone);
    }

    /**
     * @throws Refused naming the first field that is wrong
     */
    public void check() {
        days.forEach((day, spans) -> check("days." + day, spans));
        if (changes.size() > MOST_CHANGES) {
            throw new Refused("changes", "Keep at most %d days that are unlike.".formatted(MOST_CHANGES));
        }
        Set<LocalDate> seen = new HashSet<>();
        for (int i = 0; i < changes.size(); i++) {
            DayHours change = changes.get(i);
            if (change.day() == null || !seen.add(change.day())) {
                throw new Refused("changes[" + i + "].day", "Name each day once.");
            }
            check("changes[" + i + "].spans", change.spans());
        }
    }

    private static void check(String field, List<Span> spans) {
        if (spans.size() > MOST_SPANS) {
            throw new Refused(field, "A day has at most %d spans of work.".formatted(MOST_SPANS));
        }
        for (int i = 0; i < spans.size(); i++) {
            Span span = spans.get(i);
            String at = field + "[" + i + "]";
            if (span.from() == null || span.to() == null) {
                throw new Refused(at + ".from", "Say from when until when.");
            }
            if (!span.isForward()) {
                throw new Refused(
                        at + ".to",
                        "This ends before it begins. For past midnight, end it at 0:00 and begin the next day at 0:00.");
            }
            if (i > 0 && !spans.get(i - 1).isBefore(span)) {
                throw new Refused(
                        at + ".from", "This begins before the span above it ends. Let them follow each other.");
            }
        }
    }
}
