package kindthimble.app.clock;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindthimble.app.order.Kept;
import kindthimble.app.plan.PourView;
import kindthimble.core.clock.Bounds;
import kindthimble.core.clock.Chain;
import kindthimble.core.clock.Problem;
import kindthimble.core.clock.Schedule;
import kindthimble.core.clock.Worth;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Room;
import kindthimble.core.habit.Habit;
import kindthimble.core.hours.Sitting;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.work.Task;

/** A plan as it is shown of one order. */
final class ClockShown {
    private static final long BAKING = 0;
    private static final long MIXING = -1;
    private static final long PACKING = -2;
    private static final int MINUTE = 60;
    private static final double PERCENT = 100;

    private final Plan plan;
    private final Week week;
    private final Schedule schedule;
    private final Map<String, Long> slack;
    private final boolean canSearch;

    ClockShown(Plan plan, boolean canSearch) {
        this.plan = plan;
        this.week = plan.week();
        this.schedule = plan.schedule();
        this.canSearch = canSearch;
        slack = Chain.slack(week.problem(), schedule);
    }

    /** Why an order is not on the clock. */
    static ClockView nothing(LocalDateTime now, LocalDateTime handOver, ShopSettings settings, String trouble) {
        return new ClockView(
                now,
                handOver,
                handOver.minusMinutes(Math.round(settings.mean(Habit.BUFFER_MINUTES))),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                0,
                0,
                0,
                List.of(),
                List.of(),
                List.of(),
                null,
                room(settings),
                trouble);
    }

    private static ClockView.Room room(ShopSettings settings) {
        return new ClockView.Room(
                settings.mean(Habit.ROOM_CELSIUS),
                settings.mean(Habit.ROOM_HUMIDITY),
                Room.times(settings.habits()) * settings.drying().times(settings.habits()),
                settings.drying(),
                !Room.dries(settings.habits()));
    }

    private List<Schedule.Placed> of(long order) {
        return schedule.placed().stream()
                .filter(placed -> placed.task().order() == order)
                .toList();
    }

    ClockView of(Kept order, LocalDateTime now) {
        List<Schedule.Placed> own = of(order.id());
        long first = own.get(0).start();
        long last = Math.max(
                Week.seconds(order.details().handOver(), week.zone()),
                own.stream().mapToLong(Schedule.Placed::end).max().orElseThrow());
        Problem problem = week.problem();
        List<Sitting> inSight = problem.sittings().stream()
                .filter(sitting -> sitting.end() > first && sitting.start() < last)
                .toList();
        return new ClockView(
                now,
                order.details().handOver(),
                week.wall(problem.due().get(order.id())),
                rows(order, own),
                week.orders().stream()
                        .filter(other ->
                                other.id() != order.id() && !of(other.id()).isEmpty())
                        .map(other -> new ClockView.Other(
                                other.id(),
                                other.details().name(),
                                other.details().handOver(),
                                minutes(schedule.lateSeconds().getOrDefault(other.id(), 0L)),
                                rows(other, of(other.id()))))
                        .toList(),
                schedule.placed().stream()
                        .map(placed -> new ClockView.Stretch(
                                week.wall(placed.start()),
                                week.wall(placed.handsEnd()),
                                placed.task().order() == order.id(),
                                by(placed)))
                        .toList(),
                inSight.stream()
                        .map(one -> new ClockView.Stretch(week.wall(one.start()), week.wall(one.end()), true, ""))
                        .toList(),
                own.stream().mapToInt(placed -> placed.task().handSeconds()).sum() / MINUTE,
                (int) inSight.stream()
                        .filter(sitting -> own.stream()
                                .anyMatch(
                                        placed -> placed.start() >= sitting.start() && placed.start() < sitting.end()))
                        .count(),
                minutes(schedule.lateSeconds().getOrDefault(order.id(), 0L)),
                week.group(order.id()).leftOut().getOrDefault(order.id(), List.of()),
                minds(order, own),
                decides(order),
                search(),
                room(week.settings()),
                null);
    }

    private ClockView.Search search() {
        Worth worth = Worth.of(week.problem(), schedule);
        boolean isInTime = schedule.lateSeconds().isEmpty();
        long bound = plan.best().bound();
        return new ClockView.Search(
                plan.isSearching() && !plan.best().isBest() && canSearch,
                canSearch,
                plan.best().isBest(),
                worth.sittings(),
                isInTime ? Bounds.sittings(week.problem()) : 0,
                isInTime && bound > 0 ? Math.max(0, (double) worth.counted() / bound - 1) * PERCENT : null);
    }

    private static int minutes(long seconds) {
        return (int) ((seconds + MINUTE - 1) / MINUTE);
    }

    private String by(Schedule.Placed placed) {
        return week.problem().hands().get(placed.hands()).name();
    }

    private List<String> minds(Kept order, List<Schedule.Placed> own) {
        List<String> minds = new ArrayList<>();
        if (own.stream()
                .anyMatch(placed -> schedule.unkept().contains(placed.task().key()))) {
            minds.add(
                    "Something you pinned can't begin when you want it: what it needs is not ready then, or there are no hands. It stands where it can.");
        }
        if (own.stream()
                .anyMatch(placed -> schedule.spoiled().contains(placed.task().key()))) {
            minds.add(
                    "Something is used after it has been kept too long: bare cookies, or icing. Bake and mix part of it later, or hand over in smaller parts.");
        }
        Map<String, Schedule.Placed> at = new HashMap<>();
        schedule.placed().forEach(placed -> at.put(placed.task().key(), placed));
        boolean isRestShort = week.problem().tasks().stream()
                .filter(task -> task.order() == order.id())
                .anyMatch(task -> task.waits().stream()
                        .anyMatch(wait -> wait.why() == Task.Why.REST
                                && at.get(task.key()).start()
                                        < at.get(wait.task()).end() + wait.seconds()));
        if (isRestShort) {
            minds.add("A deep colour is used before it has rested: tint it a little darker than you want it.");
        }
        if (!Room.dries(week.settings().habits())) {
            minds.add(
                    "From 80 % humidity on icing does not dry. Dry the room, or use a dehydrator; the times here are those of 80 %.");
        }
        return minds;
    }

    private List<ClockView.Link> decides(Kept order) {
        return Chain.of(week.problem(), schedule, order.id()).stream()
                .map(link -> {
                    Task task = link.placed().task();
                    return new ClockView.Link(
                            task.key(),
                            nameFor(order, task),
                            task.doing(),
                            task.doing() == Task.Work.ICE ? task.pass() : 0,
                            task.tray(),
                            week.wall(link.placed().start()),
                            link.because(),
                            link.why());
                })
                .toList();
    }

    /** A design of another order by the name of that, too. */
    private String nameFor(Kept order, Task task) {
        Kept other = week.order(task.order());
        return task.design() == 0 || other == null || other.id() == order.id()
                ? name(task)
                : name(task) + " of " + other.details().name();
    }

    private String name(Task task) {
        Kept order = week.order(task.order());
        if (order == null) {
            return "";
        }
        return order.designs().stream()
                .filter(design -> design.id() == task.design())
                .findFirst()
                .map(design -> design.document().name())
                .orElse(order.details().name());
    }

    private List<ClockView.Row> rows(Kept order, List<Schedule.Placed> own) {
        WorkOfOrders.Group group = week.group(order.id());
        Map<String, Task.Wait> next = new HashMap<>();
        Map<String, String> gates = new HashMap<>();
        for (Schedule.Placed placed : own) {
            for (Task.Wait wait : placed.task().waits()) {
                if (wait.why() == Task.Why.NEEDS || wait.why() == Task.Why.REST) {
                    continue;
                }
                next.merge(wait.task(), wait, (a, b) -> a.seconds() >= b.seconds() ? a : b);
                if (wait.why() == Task.Why.GATE) {
                    gates.put(
                            wait.task(),
                            group.gates()
                                    .get(placed.task().design())
                                    .getOrDefault(placed.task().pass(), ""));
                }
            }
        }
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
        int inAll = order.designs().stream()
                .mapToInt(design -> group.iced().getOrDefault(design.id(), 0))
                .sum();
        add(rows, BAKING, "Bake", inAll, runs);
        int bowls = (int) runs.getOrDefault(MIXING, List.of()).stream()
                .filter(run -> run.doing() == Task.Work.BOWL)
                .count();
        add(rows, MIXING, "Mix and bag", bowls, runs);
        order.designs()
                .forEach(design -> add(
                        rows,
                        design.id(),
                        design.document().name(),
                        group.iced().getOrDefault(design.id(), 0),
                        runs));
        add(rows, PACKING, "Label", 0, runs);
        return rows;
    }

    private static void add(
            List<ClockView.Row> rows, long row, String name, int count, Map<Long, List<ClockView.Run>> runs) {
        if (runs.containsKey(row)) {
            rows.add(new ClockView.Row(row, name, count, runs.get(row)));
        }
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
                    case NEEDS, REST -> null;
                };
        Long until = next == null
                ? null
                : next.why().isDrying()
                        ? Long.valueOf(week.problem().drying().after(placed.end(), next.seconds()))
                        : Long.valueOf(placed.end() + next.seconds());
        PourView.BowlColour bowl = week.bowl(task);
        return new ClockView.Run(
                task.key(),
                task.doing(),
                task.doing() == Task.Work.ICE ? task.pass() : 0,
                task.tray(),
                task.cookies(),
                task.addition(),
                bowl == null ? null : bowl.name(),
                bowl == null ? null : bowl.hex(),
                week.wall(placed.start()),
                week.wall(placed.handsEnd()),
                until == null ? null : week.wall(until),
                gate,
                by(placed),
                week.problem().pins().containsKey(task.key()),
                (int) (slack.getOrDefault(task.key(), 0L) / MINUTE));
    }
}
