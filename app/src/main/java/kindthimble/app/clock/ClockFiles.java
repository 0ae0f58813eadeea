package kindthimble.app.clock;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Date;
import java.util.List;
import java.util.Locale;
import kindthimble.app.exchange.Spreadsheet;
import kindthimble.app.order.Kept;
import kindthimble.app.plan.PourView;
import kindthimble.app.print.DaySheet;
import kindthimble.app.print.Prints;
import kindthimble.core.clock.Schedule;
import kindthimble.core.work.Task;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The plan to take along: as a calendar (RFC 5545), as a table (RFC 4180), and as a sheet for a day. */
@Service
@Transactional(readOnly = true)
class ClockFiles {
    /** Pieces of work of one order that follow each other so closely are one entry of the calendar. */
    private static final long CLOSE_SECONDS = 30 * 60;

    private static final DateTimeFormatter MINUTES = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);

    private final Planning planning;
    private final Prints prints;

    ClockFiles(Planning planning, Prints prints) {
        this.planning = planning;
        this.prints = prints;
    }

    private record Stretch(Kept order, List<Schedule.Placed> pieces) {
        long start() {
            return pieces.get(0).start();
        }

        long end() {
            return pieces.stream().mapToLong(Schedule.Placed::handsEnd).max().orElseThrow();
        }
    }

    /**
     * @param order number of one; null for all that are ahead
     */
    String calendar(Long order) {
        Plan plan = planning.plan();
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Kind Thimble//clock//EN");
        calendar.setName("Icing");
        calendar.setRefreshInterval(
                biweekly.util.Duration.fromMillis(Duration.ofMinutes(15).toMillis()));
        for (Kept one : plan.week().orders()) {
            if (order != null && one.id() != order) {
                continue;
            }
            for (Stretch stretch : stretches(plan, one)) {
                VEvent event = new VEvent();
                event.setUid("work-" + one.id() + "-"
                        + stretch.pieces.get(0).task().key().replace(' ', '-') + "@kind-thimble");
                event.setDateStart(new Date(stretch.start() * 1000));
                event.setDateEnd(new Date(stretch.end() * 1000));
                event.setSummary(summary(stretch));
                event.setDescription(String.join(
                        "\n",
                        stretch.pieces.stream()
                                .map(placed -> line(plan.week(), placed))
                                .toList()));
                calendar.addEvent(event);
            }
            VEvent handOver = new VEvent();
            long at = Week.seconds(one.details().handOver(), plan.week().zone());
            handOver.setUid("hand-over-" + one.id() + "@kind-thimble");
            handOver.setDateStart(new Date(at * 1000));
            handOver.setDateEnd(new Date((at + CLOSE_SECONDS) * 1000));
            handOver.setSummary("Hand-over: " + one.details().name());
            if (!one.details().place().isBlank()) {
                handOver.setLocation(one.details().place());
            }
            calendar.addEvent(handOver);
        }
        return Biweekly.write(calendar).go();
    }

    private static List<Stretch> stretches(Plan plan, Kept order) {
        List<Stretch> stretches = new ArrayList<>();
        for (Schedule.Placed placed : plan.schedule().placed()) {
            if (placed.task().order() != order.id()) {
                continue;
            }
            Stretch last = stretches.isEmpty() ? null : stretches.get(stretches.size() - 1);
            if (last != null && placed.start() - last.end() <= CLOSE_SECONDS) {
                last.pieces.add(placed);
            } else {
                stretches.add(new Stretch(order, new ArrayList<>(List.of(placed))));
            }
        }
        return stretches;
    }

    private static String summary(Stretch stretch) {
        List<String> kinds = stretch.pieces.stream()
                .map(placed -> placed.task().doing().kind().name().toLowerCase(Locale.ROOT))
                .distinct()
                .toList();
        return stretch.order.details().name() + ": " + String.join(", ", kinds);
    }

    private static String line(Week week, Schedule.Placed placed) {
        return MINUTES.format(week.wall(placed.start())) + "  " + words(week, placed.task());
    }

    /** What is done, in a few words. */
    static String words(Week week, Task task) {
        Kept order = week.order(task.order());
        String design = order == null
                ? ""
                : order.designs().stream()
                        .filter(one -> one.id() == task.design())
                        .findFirst()
                        .map(one -> one.document().name())
                        .orElse("");
        PourView.BowlColour bowl = week.bowl(task);
        String colour = bowl == null ? "" : bowl.name();
        return switch (task.doing()) {
            case DOUGH -> task.addition() == 0 ? "make the dough" : "make more dough";
            case CUT -> "roll and cut %d %s".formatted(task.cookies(), design);
            case BAKE -> "bake %d %s".formatted(task.cookies(), design);
            case BASE -> task.addition() == 0 ? "mix the base" : "mix more base";
            case BOWL -> "tint, thin and bag " + (task.addition() == 0 ? "" : "more ") + colour;
            case ICE ->
                task.pass() > 0
                        ? "%s, pass %d, tray %d: ice %d".formatted(design, task.pass(), task.tray(), task.cookies())
                        : "%s, made ahead for %d".formatted(design, task.cookies());
            case PACK -> "%s: pack %d".formatted(design, task.cookies());
            case LABEL -> "label the order";
        };
    }

    /**
     * @param order number of one; null for all that are ahead
     */
    String table(Long order) {
        Plan plan = planning.plan();
        Week week = plan.week();
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
            csv.printRecord("begins", "hands free", "order", "what", "hands", "minutes", "cookies");
            for (Schedule.Placed placed : plan.schedule().placed()) {
                Kept one = week.order(placed.task().order());
                if (one == null || order != null && one.id() != order) {
                    continue;
                }
                csv.printRecord(
                        week.wall(placed.start()),
                        week.wall(placed.handsEnd()),
                        Spreadsheet.plain(one.details().name()),
                        Spreadsheet.plain(words(week, placed.task())),
                        Spreadsheet.plain(
                                week.problem().hands().get(placed.hands()).name()),
                        String.format(Locale.ROOT, "%.1f", placed.task().handSeconds() / 60.0),
                        placed.task().cookies());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /**
     * @param order number of the one whose first day it is where no day is given
     * @param wanted the day; null for the first on which something of the order is done
     */
    byte[] daySheet(long order, LocalDate wanted) {
        Plan plan = planning.plan();
        Week week = plan.week();
        LocalDate day = wanted != null
                ? wanted
                : plan.schedule().placed().stream()
                        .filter(placed -> placed.task().order() == order)
                        .findFirst()
                        .map(placed -> week.wall(placed.start()).toLocalDate())
                        .orElseGet(() -> week.wall(week.now()).toLocalDate());
        List<DaySheet.Line> lines = new ArrayList<>();
        for (Schedule.Placed placed : plan.schedule().placed()) {
            Kept one = week.order(placed.task().order());
            if (one == null || !week.wall(placed.start()).toLocalDate().equals(day)) {
                continue;
            }
            Instant dry = dryFrom(plan, placed);
            lines.add(new DaySheet.Line(
                    week.wall(placed.start()),
                    one.details().name(),
                    words(week, placed.task()),
                    week.problem().hands().get(placed.hands()).name(),
                    dry == null ? null : week.wall(dry.getEpochSecond())));
        }
        return prints.daySheet(day, lines);
    }

    /** When what follows may begin, where that waits for something to dry, cool or chill; null otherwise. */
    private static Instant dryFrom(Plan plan, Schedule.Placed placed) {
        return plan.schedule().placed().stream()
                .flatMap(other -> other.task().waits().stream())
                .filter(wait -> wait.task().equals(placed.task().key())
                        && wait.why() != Task.Why.NEEDS
                        && wait.why() != Task.Why.REST)
                .map(wait -> Instant.ofEpochSecond(
                        wait.why().isDrying()
                                ? plan.week().problem().drying().after(placed.end(), wait.seconds())
                                : placed.end() + wait.seconds()))
                .max(Instant::compareTo)
                .orElse(null);
    }
}
