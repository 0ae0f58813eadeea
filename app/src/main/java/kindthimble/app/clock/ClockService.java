package kindthimble.app.clock;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kindthimble.app.order.AllOrders;
import kindthimble.app.order.Kept;
import kindthimble.app.order.Orders;
import kindthimble.app.shop.ShopService;
import kindthimble.core.clock.Greedy;
import kindthimble.core.clock.Hours;
import kindthimble.core.clock.NoTime;
import kindthimble.core.clock.Schedule;
import kindthimble.core.clock.Sitting;
import kindthimble.core.clock.Validator;
import kindthimble.core.drying.Gate;
import kindthimble.core.habit.Habits;
import kindthimble.core.work.Task;
import kindthimble.core.work.WorkList;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts the work of all orders ahead on the clock. */
@Service
@Transactional(readOnly = true)
class ClockService {
    private static final Logger LOG = LoggerFactory.getLogger(ClockService.class);
    private static final int DAYS_IN_SIGHT = 14;
    private static final int DAYS_AFTER = 28;
    private static final int MOST_ORDERS = 40;
    private static final int MINUTE = 60;

    private final Orders orders;
    private final AllOrders all;
    private final WorkOfOrders works;
    private final ShopService shop;
    private final Clock clock;

    ClockService(Orders orders, AllOrders all, WorkOfOrders works, ShopService shop, Clock clock) {
        this.orders = orders;
        this.all = all;
        this.works = works;
        this.shop = shop;
        this.clock = clock;
    }

    ClockView view(long id) {
        Kept order = orders.order(id);
        Asked asked = new Asked(
                order, clock.instant(), clock.getZone(), shop.settings().habits());
        if (asked.ready(order) <= asked.now.getEpochSecond()) {
            return asked.nothing(
                    "The hand-over is past, or nearer than the time that stays in hand before it. Set it on Set.");
        }
        LocalDate today = LocalDate.ofInstant(asked.now, asked.zone);
        LocalDate last = order.details().handOver().toLocalDate();
        LocalDate inSight = last.isAfter(today.plusDays(DAYS_IN_SIGHT)) ? last : today.plusDays(DAYS_IN_SIGHT);
        List<Kept> ahead = all.between(today, inSight.plusDays(1)).stream()
                .filter(one -> asked.ready(one) > asked.now.getEpochSecond())
                .sorted(Comparator.comparing(one -> one.details().handOver()))
                .limit(MOST_ORDERS)
                .toList();
        ahead.forEach(asked::add);
        if (ahead.stream().noneMatch(one -> one.id() == id)) {
            asked.add(order);
        }
        List<Task> tasks = asked.tasks();
        if (tasks.stream().noneMatch(task -> task.order() == id)) {
            return asked.nothing("There is nothing to ice yet: draw a cookie first.");
        }
        List<Sitting> sittings =
                Hours.HOUSE.sittings(asked.zone, today, inSight.plusDays(DAYS_AFTER), asked.now.getEpochSecond());
        Schedule schedule;
        try {
            schedule = Greedy.of(tasks, asked.due, sittings);
        } catch (NoTime noTime) {
            return asked.nothing(noTime.getMessage() + " Hand something over later, or ice fewer.");
        }
        List<String> faults = Validator.faults(tasks, asked.due, sittings, schedule);
        if (!faults.isEmpty()) {
            LOG.error("A plan that can't be carried out: {}", faults.get(0));
            return asked.nothing("The plan came out wrong, and is not shown. Change something, and look again.");
        }
        return asked.shown(schedule, sittings);
    }

    /** An order that was asked for, and what is put on the clock with it. */
    private final class Asked {
        private final Kept order;
        private final Instant now;
        private final ZoneId zone;
        private final Habits habits;
        private final Map<Long, WorkOfOrders.Group> groups = new LinkedHashMap<>();
        private final Map<Long, Long> due = new HashMap<>();
        private final Map<Long, String> names = new HashMap<>();

        Asked(Kept order, Instant now, ZoneId zone, Habits habits) {
            this.order = order;
            this.now = now;
            this.zone = zone;
            this.habits = habits;
        }

        long ready(Kept one) {
            return WorkList.readySeconds(one.details().handOver().atZone(zone).toEpochSecond(), habits);
        }

        private LocalDateTime wall(long seconds) {
            return LocalDateTime.ofInstant(Instant.ofEpochSecond(seconds), zone);
        }

        void add(Kept one) {
            WorkOfOrders.Group group = works.of(one);
            groups.put(group.leading(), group);
            due.put(one.id(), ready(one));
            names.put(one.id(), one.details().name());
        }

        /** All that has to be done. Of an order that leads a mixing and is not ahead itself only what others need of it: the bowls, in time for them. */
        List<Task> tasks() {
            List<Task> tasks = new ArrayList<>();
            groups.forEach((leading, group) -> {
                long first = group.orders().stream()
                        .filter(due::containsKey)
                        .mapToLong(due::get)
                        .min()
                        .orElseThrow();
                boolean isAhead = due.containsKey(leading);
                group.tasks().stream()
                        .filter(task -> names.containsKey(task.order())
                                || task.doing() == Task.Work.BASE
                                || task.doing() == Task.Work.BOWL)
                        .forEach(tasks::add);
                if (!isAhead) {
                    due.put(leading, first);
                }
            });
            return tasks;
        }

        private WorkOfOrders.Group own() {
            return groups.values().stream()
                    .filter(group -> group.orders().contains(order.id()))
                    .findFirst()
                    .orElseThrow();
        }

        private List<String> leftOut() {
            return groups.isEmpty() ? List.of() : own().leftOut().getOrDefault(order.id(), List.of());
        }

        ClockView nothing(String trouble) {
            return new ClockView(
                    wall(now.getEpochSecond()),
                    order.details().handOver(),
                    wall(ready(order)),
                    List.of(),
                    List.of(),
                    List.of(),
                    0,
                    0,
                    0,
                    List.of(),
                    leftOut(),
                    trouble);
        }

        ClockView shown(Schedule schedule, List<Sitting> sittings) {
            List<Schedule.Placed> own = schedule.placed().stream()
                    .filter(placed -> placed.task().order() == order.id())
                    .toList();
            long first = own.get(0).start();
            long last = Math.max(
                    order.details().handOver().atZone(zone).toEpochSecond(),
                    own.stream().mapToLong(Schedule.Placed::end).max().orElseThrow());
            List<ClockView.Stretch> hands = schedule.placed().stream()
                    .filter(placed -> placed.handsEnd() > first && placed.start() < last)
                    .map(placed -> new ClockView.Stretch(
                            wall(placed.start()),
                            wall(placed.handsEnd()),
                            placed.task().order() == order.id()))
                    .toList();
            List<Sitting> inSight = sittings.stream()
                    .filter(sitting -> sitting.end() > first && sitting.start() < last)
                    .toList();
            return new ClockView(
                    wall(now.getEpochSecond()),
                    order.details().handOver(),
                    wall(ready(order)),
                    rows(own),
                    hands,
                    inSight.stream()
                            .map(one -> new ClockView.Stretch(wall(one.start()), wall(one.end()), true))
                            .toList(),
                    own.stream().mapToInt(placed -> placed.task().handSeconds()).sum() / MINUTE,
                    (int) inSight.stream()
                            .filter(sitting -> own.stream()
                                    .anyMatch(placed ->
                                            placed.start() >= sitting.start() && placed.start() < sitting.end()))
                            .count(),
                    minutes(schedule.lateSeconds().getOrDefault(order.id(), 0L)),
                    schedule.lateSeconds().keySet().stream()
                            .filter(id -> id != order.id() && names.containsKey(id))
                            .map(names::get)
                            .sorted()
                            .toList(),
                    leftOut(),
                    null);
        }

        private static int minutes(long seconds) {
            return (int) ((seconds + MINUTE - 1) / MINUTE);
        }

        private List<ClockView.Row> rows(List<Schedule.Placed> own) {
            Map<String, Task.Wait> next = new HashMap<>();
            own.forEach(placed -> placed.task().waits().stream()
                    .filter(wait -> wait.why() != Task.Why.NEEDS)
                    .forEach(wait -> next.merge(wait.task(), wait, (a, b) -> a.seconds() >= b.seconds() ? a : b)));
            Map<String, String> gates = new HashMap<>();
            own.forEach(placed -> placed.task().waits().stream()
                    .filter(wait -> wait.why() == Task.Why.GATE)
                    .forEach(wait -> gates.put(wait.task(), gate(placed.task()))));
            Map<Long, List<ClockView.Run>> runs = new HashMap<>();
            for (Schedule.Placed placed : own) {
                long row = switch (placed.task().doing()) {
                    case DOUGH, CUT, BAKE -> BAKING;
                    case BASE, BOWL -> MIXING;
                    case LABEL -> PACKING;
                    case ICE, PACK -> placed.task().design();
                };
                runs.computeIfAbsent(row, key -> new ArrayList<>())
                        .add(run(placed, next.get(placed.task().key()), gates));
            }
            List<ClockView.Row> rows = new ArrayList<>();
            int cookiesInAll = order.designs().stream()
                    .mapToInt(design -> own().iced().getOrDefault(design.id(), 0))
                    .sum();
            add(rows, BAKING, "Bake", cookiesInAll, runs);
            add(
                    rows,
                    MIXING,
                    "Mix and bag",
                    (int) runs.getOrDefault(MIXING, List.of()).stream()
                            .filter(run -> run.doing() == Task.Work.BOWL)
                            .count(),
                    runs);
            order.designs()
                    .forEach(design -> add(
                            rows,
                            design.id(),
                            design.document().name(),
                            own().iced().getOrDefault(design.id(), 0),
                            runs));
            add(rows, PACKING, "Label", 0, runs);
            return rows;
        }

        private static final long BAKING = 0;
        private static final long MIXING = -1;
        private static final long PACKING = -2;

        private void add(
                List<ClockView.Row> rows, long row, String name, int count, Map<Long, List<ClockView.Run>> runs) {
            if (runs.containsKey(row)) {
                rows.add(new ClockView.Row(row, name, count, runs.get(row)));
            }
        }

        private String gate(Task next) {
            return own().gates().get(next.design()).getOrDefault(next.pass(), "");
        }

        private ClockView.Run run(Schedule.Placed placed, Task.Wait next, Map<String, String> gates) {
            Task task = placed.task();
            String gate = next == null
                    ? null
                    : switch (next.why()) {
                        case CHILL -> "CHILLED";
                        case COOL -> "COOL";
                        case DRY_THROUGH -> Gate.DRY_THROUGH.name();
                        case GATE -> gates.get(task.key());
                        case NEEDS -> null;
                    };
            return new ClockView.Run(
                    task.doing(),
                    task.doing() == Task.Work.ICE ? task.pass() : 0,
                    task.tray(),
                    task.cookies(),
                    task.colour(),
                    wall(placed.start()),
                    wall(placed.handsEnd()),
                    next == null ? null : wall(placed.end() + next.seconds()),
                    gate);
        }
    }
}
