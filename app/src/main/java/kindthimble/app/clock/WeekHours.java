package kindthimble.app.clock;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindthimble.app.order.Kept;
import kindthimble.app.order.Wish;
import kindthimble.core.clock.Schedule;
import kindthimble.core.hours.Sitting;
import kindthimble.core.work.Task;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the plan makes of some days: hours promised and hours there are, what is to be done now, and what dries. */
@Service
@Transactional(readOnly = true)
class WeekHours {
    private static final int DAYS = 7;
    private static final int MINUTE = 60;

    private final Planning planning;
    private final Clock clock;

    WeekHours(Planning planning, Clock clock) {
        this.planning = planning;
        this.clock = clock;
    }

    /**
     * @param days the week's
     * @param next what is done next, or now
     * @param leftToday minutes of the decorator's own hands that are still to come today
     * @param drying what has been done and is not dry or cool yet
     * @param begins by the number of an order, when it has to be begun, and the points on its way
     * @param late by the number of an order, how many minutes too late it is ready
     */
    @Schema(name = "WeekHoursView")
    record View(
            List<Day> days,
            @Nullable Next next,
            int leftToday,
            List<Dries> drying,
            Map<Long, LocalDateTime> begins,
            Map<Long, Integer> late) {}

    /**
     * @param day which
     * @param promisedMinutes of own hands
     * @param thereMinutes of own hands, from the first sitting to the last
     */
    @Schema(name = "WeekHoursDay")
    record Day(LocalDate day, int promisedMinutes, int thereMinutes) {}

    /**
     * @param order its number
     * @param orderName of it
     * @param doing what is done
     * @param name of the design; empty for what is done for a whole order
     * @param pass of the design; 0 for none
     * @param addition of dough, base and bowls: 0 for the plan, from 1 on which addition; 0 for all else
     * @param from when it begins
     */
    @Schema(name = "WeekHoursNext")
    record Next(
            long order, String orderName, Task.Work doing, String name, int pass, int addition, LocalDateTime from) {}

    /**
     * @param order its number
     * @param name what it is
     * @param cookies how many
     * @param doing what was done last
     * @param since when that was done
     * @param until when what follows may begin
     */
    @Schema(name = "WeekHoursDries")
    record Dries(long order, String name, int cookies, Task.Work doing, LocalDateTime since, LocalDateTime until) {}

    View of(LocalDate from) {
        Plan plan = planning.plan();
        Week week = plan.week();
        LocalDateTime now = LocalDateTime.now(clock);
        List<Day> days = new ArrayList<>();
        for (int i = 0; i < DAYS; i++) {
            LocalDate day = from.plusDays(i);
            long start = day.atStartOfDay(week.zone()).toEpochSecond();
            long end = day.plusDays(1).atStartOfDay(week.zone()).toEpochSecond();
            int promised = plan.schedule().placed().stream()
                    .filter(placed -> placed.hands() == 0 && placed.start() >= start && placed.start() < end)
                    .mapToInt(placed -> placed.task().handSeconds())
                    .sum();
            long there = week.settings().working().own().sittings(week.zone(), day, day, 0).stream()
                    .mapToLong(Sitting::seconds)
                    .sum();
            days.add(new Day(day, promised / MINUTE, (int) (there / MINUTE)));
        }
        long midnight = now.toLocalDate().plusDays(1).atStartOfDay(week.zone()).toEpochSecond();
        Map<Long, LocalDateTime> begins = new HashMap<>();
        plan.schedule()
                .placed()
                .forEach(placed -> begins.putIfAbsent(placed.task().order(), week.wall(placed.start())));
        Map<Long, Integer> late = new HashMap<>();
        plan.schedule()
                .lateSeconds()
                .forEach((order, seconds) -> late.put(order, (int) Math.ceil(seconds / (double) MINUTE)));
        return new View(
                days,
                plan.schedule().placed().stream()
                        .filter(placed -> placed.hands() == 0)
                        .findFirst()
                        .map(placed -> next(week, placed))
                        .orElse(null),
                plan.schedule().placed().stream()
                                .filter(placed -> placed.hands() == 0 && placed.start() < midnight)
                                .mapToInt(placed -> placed.task().handSeconds())
                                .sum()
                        / MINUTE,
                drying(week, now),
                begins,
                late);
    }

    private static Next next(Week week, Schedule.Placed placed) {
        Kept order = week.order(placed.task().order());
        return new Next(
                placed.task().order(),
                order == null ? "" : order.details().name(),
                placed.task().doing(),
                order == null ? "" : design(order, placed.task()),
                placed.task().doing() == Task.Work.ICE ? placed.task().pass() : 0,
                placed.task().addition(),
                week.wall(placed.start()));
    }

    private static String design(Kept order, Task task) {
        return order.designs().stream()
                .filter(design -> design.id() == task.design())
                .findFirst()
                .map(design -> design.document().name())
                .orElse("");
    }

    /** Of what is said to be done: what something still waits for. */
    private static List<Dries> drying(Week week, LocalDateTime now) {
        List<Dries> drying = new ArrayList<>();
        ZoneId zone = week.zone();
        for (WorkOfOrders.Group group : week.groups()) {
            Map<String, Task> byKey = new HashMap<>();
            group.tasks().forEach(task -> byKey.put(task.key(), task));
            for (Kept order : group.orders()) {
                for (Map.Entry<String, Wish> one : order.details().clock().entrySet()) {
                    Task task = byKey.get(one.getKey());
                    if (task == null || one.getValue().done() == null) {
                        continue;
                    }
                    long end = Week.seconds(one.getValue().done(), zone);
                    group.tasks().stream()
                            .flatMap(other -> other.waits().stream())
                            .filter(wait -> wait.task().equals(task.key()) && wait.why() != Task.Why.NEEDS)
                            .mapToLong(wait -> wait.why().isDrying()
                                    ? week.problem().drying().after(end, wait.seconds())
                                    : end + wait.seconds())
                            .max()
                            .ifPresent(until -> {
                                if (week.wall(until).isAfter(now)) {
                                    String name = design(order, task);
                                    drying.add(new Dries(
                                            order.id(),
                                            name.isEmpty() ? order.details().name() : name,
                                            task.cookies(),
                                            task.doing(),
                                            one.getValue().done(),
                                            week.wall(until)));
                                }
                            });
                }
            }
        }
        drying.sort(Comparator.comparing(Dries::until));
        return drying;
    }
}
