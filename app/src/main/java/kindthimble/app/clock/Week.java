package kindthimble.app.clock;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import kindthimble.app.order.Kept;
import kindthimble.app.order.Wish;
import kindthimble.app.plan.PourView;
import kindthimble.core.clock.Drying;
import kindthimble.core.clock.Limits;
import kindthimble.core.clock.Pair;
import kindthimble.core.clock.Problem;
import kindthimble.core.drying.Room;
import kindthimble.core.drying.RoomDay;
import kindthimble.core.hours.Helper;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.work.Task;
import kindthimble.core.work.WorkList;

/**
 * All that is ahead, as a problem for the clock.
 *
 * @param now from when on there are hands, in seconds since the epoch
 * @param zone of the clock on the wall
 * @param settings the shop's numbers
 * @param orders those that are put on the clock, by hand-over
 * @param groups their work
 * @param atBench what was done at the bench
 * @param problem what has to be placed
 */
record Week(
        long now,
        ZoneId zone,
        ShopSettings settings,
        List<Kept> orders,
        List<WorkOfOrders.Group> groups,
        DoneAtBench.Progress atBench,
        Problem problem) {
    private static final int DAYS_AFTER = 120;

    /**
     * @param orders whose hand-over is ahead
     * @param groups their work and that of others mixed with them
     */
    static Week of(
            long now,
            ZoneId zone,
            ShopSettings settings,
            List<Kept> orders,
            List<WorkOfOrders.Group> groups,
            DoneAtBench.Progress atBench) {
        Map<Long, Long> due = new LinkedHashMap<>();
        for (Kept order : orders) {
            due.put(order.id(), WorkList.readySeconds(seconds(order.details().handOver(), zone), settings.habits()));
        }
        List<Task> tasks = new ArrayList<>();
        Map<String, Long> notBefore = new HashMap<>();
        Map<String, Long> pins = new HashMap<>();
        Map<String, Long> done = new HashMap<>(atBench.doneAt());
        for (WorkOfOrders.Group group : groups) {
            List<Task> own = ofThoseAhead(group, due).stream()
                    .map(task -> left(task, atBench))
                    .toList();
            for (Kept order : group.orders()) {
                if (due.containsKey(order.id())) {
                    wishes(order, zone, pins, done, notBefore);
                }
            }
            tasks.addAll(own);
        }
        for (Kept order : orders) {
            long from = WorkList.bakedFrom(seconds(order.details().handOver(), zone), settings.habits());
            tasks.stream()
                    .filter(task -> task.order() == order.id() && task.doing() == Task.Work.BAKE)
                    .forEach(task -> notBefore.merge(task.key(), from, Math::max));
        }
        LocalDate today = LocalDate.ofInstant(Instant.ofEpochSecond(now), zone);
        LocalDate last = orders.stream()
                .map(order -> order.details().handOver().toLocalDate())
                .max(LocalDate::compareTo)
                .orElse(today)
                .plusDays(DAYS_AFTER);
        Drying drying = drying(settings, zone);
        List<Pair> hands = new ArrayList<>();
        hands.add(Pair.own(settings.working().own().sittings(zone, today, last, now)));
        for (Helper helper : settings.working().helpers()) {
            hands.add(new Pair(helper.name(), helper.hours().sittings(zone, today, last, now), helper.does()));
        }
        Problem problem = new Problem(
                stillToDo(tasks, done, drying, notBefore),
                due,
                hands,
                new Limits(settings.drying().places(settings.habits())),
                drying,
                notBefore,
                pins);
        return new Week(now, zone, settings, orders, groups, atBench, problem);
    }

    /** The same with other settings or orders, each group's work made anew. */
    Week otherwise(WorkOfOrders works, ShopSettings other, List<Kept> others) {
        Map<Long, Kept> byId = new HashMap<>();
        others.forEach(order -> byId.put(order.id(), order));
        List<WorkOfOrders.Group> made = groups.stream()
                .map(group -> works.otherwise(
                        group,
                        other,
                        group.orders().stream()
                                .map(order -> byId.getOrDefault(order.id(), order))
                                .toList()))
                .toList();
        return of(now, zone, other, others, made, atBench);
    }

    /**
     * What has to be done of a group. Of an order that leads a mixing and is not ahead itself only what others need of it: the bowls, in time for
     * them.
     */
    private static List<Task> ofThoseAhead(WorkOfOrders.Group group, Map<Long, Long> due) {
        long first = group.orders().stream()
                .filter(order -> due.containsKey(order.id()))
                .mapToLong(order -> due.get(order.id()))
                .min()
                .orElseThrow();
        Set<Long> ahead = new HashSet<>(due.keySet());
        due.putIfAbsent(group.leading(), first);
        return group.tasks().stream()
                .filter(task -> ahead.contains(task.order())
                        || task.doing() == Task.Work.BASE
                        || task.doing() == Task.Work.BOWL)
                .toList();
    }

    private static Task left(Task task, DoneAtBench.Progress atBench) {
        Integer seconds = atBench.leftSeconds().get(task.key());
        return seconds == null || seconds >= task.handSeconds() ? task : task.taking(seconds);
    }

    private static void wishes(
            Kept order, ZoneId zone, Map<String, Long> pins, Map<String, Long> done, Map<String, Long> notBefore) {
        for (Map.Entry<String, Wish> one : order.details().clock().entrySet()) {
            // What came from another shop may name tasks by the number of an order that is another one here.
            if (!one.getKey().startsWith(order.id() + " ")) {
                continue;
            }
            if (one.getValue().done() != null) {
                done.put(one.getKey(), seconds(one.getValue().done(), zone));
            } else if (one.getValue().pinned() != null) {
                pins.put(one.getKey(), seconds(one.getValue().pinned(), zone));
            }
            if (one.getValue().notBefore() != null) {
                notBefore.merge(one.getKey(), seconds(one.getValue().notBefore(), zone), Math::max);
            }
        }
    }

    /** What is done is left out; what waits for it may begin so long after that. */
    private static List<Task> stillToDo(
            List<Task> tasks, Map<String, Long> done, Drying drying, Map<String, Long> notBefore) {
        Set<String> keys = new HashSet<>();
        tasks.forEach(task -> keys.add(task.key()));
        done.keySet().retainAll(keys);
        if (done.isEmpty()) {
            return tasks;
        }
        List<Task> left = new ArrayList<>();
        for (Task task : tasks) {
            if (done.containsKey(task.key())) {
                continue;
            }
            List<Task.Wait> waits = new ArrayList<>();
            for (Task.Wait wait : task.waits()) {
                Long end = done.get(wait.task());
                if (end == null) {
                    waits.add(wait);
                } else if (wait.why() != Task.Why.REST) {
                    notBefore.merge(
                            task.key(),
                            wait.why().isDrying() ? drying.after(end, wait.seconds()) : end + wait.seconds(),
                            Math::max);
                }
            }
            left.add(task.waiting(waits));
        }
        return left;
    }

    private static Drying drying(ShopSettings settings, ZoneId zone) {
        double now = Room.times(settings.habits());
        return new Drying(settings.roomDays().stream()
                .sorted((a, b) -> a.day().compareTo(b.day()))
                .map(day -> stretch(day, zone, now))
                .toList());
    }

    private static Drying.Stretch stretch(RoomDay day, ZoneId zone, double now) {
        return new Drying.Stretch(
                day.day().atStartOfDay(zone).toEpochSecond(),
                day.day().plusDays(1).atStartOfDay(zone).toEpochSecond(),
                Room.times(day.celsius(), day.humidityPercent()) / now);
    }

    static long seconds(LocalDateTime wall, ZoneId zone) {
        return wall.atZone(zone).toEpochSecond();
    }

    LocalDateTime wall(long seconds) {
        return LocalDateTime.ofInstant(Instant.ofEpochSecond(seconds), zone);
    }

    Kept order(long id) {
        return orders.stream().filter(one -> one.id() == id).findFirst().orElse(null);
    }

    /** The bowl that most of a task's icing comes out of; null for none. */
    PourView.BowlColour bowl(Task task) {
        return task.colour() == null
                ? null
                : groups.stream()
                        .filter(group -> group.holds(task.order()))
                        .map(group -> group.mixing().bowls().get(task.colour()))
                        .filter(Objects::nonNull)
                        .findFirst()
                        .orElse(null);
    }

    WorkOfOrders.Group group(long order) {
        return groups.stream().filter(group -> group.holds(order)).findFirst().orElseThrow();
    }
}
