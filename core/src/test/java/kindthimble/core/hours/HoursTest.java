package kindthimble.core.hours;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;

class HoursTest {
    private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);

    private static Span span(String from, String to) {
        return new Span(LocalTime.parse(from), LocalTime.parse(to));
    }

    private static long hours(List<Sitting> sittings) {
        return sittings.stream().mapToLong(Sitting::seconds).sum() / 3_600;
    }

    @Test
    void aWeekOfTheHouse() {
        List<Sitting> week = Hours.HOUSE.sittings(BERLIN, MONDAY, MONDAY.plusDays(6), 0);
        assertEquals(5 * 3 + 1, week.size());
        assertEquals(5 * 11 + 5, hours(week));
    }

    @Test
    void whatIsPastIsLeftOut() {
        long now = MONDAY.atTime(11, 0).atZone(BERLIN).toEpochSecond();
        List<Sitting> day = Hours.HOUSE.sittings(BERLIN, MONDAY, MONDAY, now);
        assertEquals(now, day.get(0).start());
        assertEquals(9, hours(day));
    }

    @Test
    void oneDayMayBeOtherwise() {
        Hours closed = Hours.HOUSE.with(new DayHours(MONDAY, List.of()));
        assertEquals(List.of(), closed.sittings(BERLIN, MONDAY, MONDAY, 0));
        Hours sunday = closed.with(new DayHours(MONDAY.plusDays(6), List.of(span("10:00", "12:00"))));
        assertEquals(2, hours(sunday.sittings(BERLIN, MONDAY.plusDays(6), MONDAY.plusDays(6), 0)));
    }

    /** On 28 March 2027 the clock goes from 2 to 3: a night of six hours by the wall has five. */
    @Test
    void whereTheClockIsPutForwardASittingIsShorter() {
        LocalDate day = LocalDate.of(2027, 3, 28);
        Hours night = new Hours(Map.of(DayOfWeek.SUNDAY, List.of(span("00:00", "06:00"))), null);
        assertEquals(5, hours(night.sittings(BERLIN, day, day, 0)));
    }

    @Test
    void overMidnightIsOneSitting() {
        Hours late = new Hours(
                Map.of(
                        DayOfWeek.MONDAY, List.of(span("20:00", "00:00")),
                        DayOfWeek.TUESDAY, List.of(span("00:00", "02:00"))),
                null);
        List<Sitting> night = late.sittings(BERLIN, MONDAY, MONDAY.plusDays(1), 0);
        assertEquals(1, night.size());
        assertEquals(6, hours(night));
    }

    @Test
    void whatIsWrongIsNamed() {
        refused("own.days.MONDAY[0].to", week(span("13:00", "09:00")));
        refused("own.days.MONDAY[1].from", week(span("09:00", "13:00"), span("12:00", "14:00")));
        refused("own.days.MONDAY[1].from", week(span("20:00", "00:00"), span("21:00", "22:00")));
        DayHours day = new DayHours(MONDAY, List.of());
        refused("own.changes[1].day", new Hours(Map.of(), List.of(day, day)));
        assertEquals(
                "helpers[0].name",
                assertThrows(Refused.class, () -> new Working(null, List.of(new Helper(" ", null, null))).check())
                        .field());
        new Working(null, List.of(new Helper("help", null, null))).check();
    }

    private static Hours week(Span... spans) {
        return new Hours(Map.of(DayOfWeek.MONDAY, List.of(spans)), null);
    }

    private static void refused(String field, Hours hours) {
        assertEquals(
                field,
                assertThrows(Refused.class, () -> new Working(hours, null).check())
                        .field());
    }
}
