package kindthimble.core.clock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import kindthimble.core.geometry.Deadline;
import kindthimble.core.work.Task;

/**
 * A plan at once: from the hand-overs backward, each task as late as what waits for it, the hands and the oven allow, so that little time lies between the first
 * icing and the hand-over. Where that would have to begin before now, everything forward from now, the most urgent first, and it is said which orders
 * are late by how much.
 */
public final class Greedy {
    private final List<Task> tasks;
    private final Map<Long, Long> due;
    private final List<Sitting> sittings;
    private final Map<String, List<Follower>> followers = new HashMap<>();

    private record Follower(Task task, int seconds) {}

    private record Ready(Task task, long at) {}

    private Greedy(List<Task> tasks, Map<Long, Long> due, List<Sitting> sittings) {
        this.tasks = tasks;
        this.due = due;
        this.sittings = sittings;
        for (Task task : tasks) {
            for (Task.Wait wait : task.waits()) {
                followers
                        .computeIfAbsent(wait.task(), key -> new ArrayList<>())
                        .add(new Follower(task, wait.seconds()));
            }
        }
    }

    /**
     * @param tasks each waits only for others of them
     * @param due by the number of an order: when all of it has to be ready, in seconds since the epoch
     * @param sittings when hands work, from now on, in order
     * @throws NoTime when a task is longer than any sitting, or the sittings are at an end before all is done
     */
    public static Schedule of(List<Task> tasks, Map<Long, Long> due, List<Sitting> sittings) {
        Greedy greedy = new Greedy(tasks, due, sittings);
        Schedule backward = greedy.backward();
        return backward != null ? backward : greedy.forward();
    }

    private Schedule backward() {
        Map<String, Integer> open = new HashMap<>();
        Map<String, Long> starts = new HashMap<>();
        PriorityQueue<Ready> ready = new PriorityQueue<>(
                Comparator.comparingLong((Ready one) -> -one.at).thenComparing(one -> one.task.key()));
        for (Task task : tasks) {
            int after = followers.getOrDefault(task.key(), List.of()).size();
            open.put(task.key(), after);
            if (after == 0) {
                ready.add(new Ready(task, due.get(task.order()) - task.wholeSeconds()));
            }
        }
        Map<String, Task> byKey = new HashMap<>();
        tasks.forEach(task -> byKey.put(task.key(), task));
        Busy hands = new Busy();
        Busy oven = new Busy();
        List<Schedule.Placed> placed = new ArrayList<>();
        while (!ready.isEmpty()) {
            Deadline.check();
            Ready next = ready.poll();
            long start = latest(next.task, next.at, hands, oven);
            if (start == Long.MIN_VALUE) {
                return null;
            }
            take(next.task, start, hands, oven);
            starts.put(next.task.key(), start);
            placed.add(new Schedule.Placed(next.task, start));
            for (Task.Wait wait : next.task.waits()) {
                if (open.merge(wait.task(), -1, Integer::sum) == 0) {
                    Task before = byKey.get(wait.task());
                    ready.add(new Ready(before, latestStart(before, starts)));
                }
            }
        }
        placed.sort(Comparator.comparingLong(Schedule.Placed::start));
        return new Schedule(placed, Map.of());
    }

    /** The latest start that what waits for it leaves. */
    private long latestStart(Task task, Map<String, Long> starts) {
        long latest = due.get(task.order());
        for (Follower follower : followers.get(task.key())) {
            latest = Math.min(latest, starts.get(follower.task.key()) - follower.seconds);
        }
        return latest - task.wholeSeconds();
    }

    private static void take(Task task, long start, Busy hands, Busy oven) {
        hands.take(start, start + task.handSeconds());
        oven.take(start + task.handSeconds(), start + task.wholeSeconds());
    }

    private long latest(Task task, long wanted, Busy hands, Busy oven) {
        for (int i = sittings.size() - 1; i >= 0; i--) {
            Sitting sitting = sittings.get(i);
            long start = Math.min(wanted, sitting.end() - task.handSeconds());
            while (start >= sitting.start()) {
                Map.Entry<Long, Long> there = hands.lastWithin(start, start + task.handSeconds());
                Map.Entry<Long, Long> baking = task.ovenSeconds() == 0
                        ? null
                        : oven.lastWithin(start + task.handSeconds(), start + task.wholeSeconds());
                if (there == null && baking == null) {
                    return start;
                }
                start = there != null ? there.getKey() - task.handSeconds() : baking.getKey() - task.wholeSeconds();
            }
        }
        return Long.MIN_VALUE;
    }

    private Schedule forward() {
        Map<String, Long> urgent = urgencies();
        Map<String, Integer> open = new HashMap<>();
        Map<String, Long> earliest = new HashMap<>();
        PriorityQueue<Ready> ready =
                new PriorityQueue<>(Comparator.comparingLong((Ready one) -> urgent.get(one.task.key()))
                        .thenComparing(one -> one.task.key()));
        for (Task task : tasks) {
            open.put(task.key(), task.waits().size());
            earliest.put(task.key(), sittings.isEmpty() ? 0 : sittings.get(0).start());
            if (task.waits().isEmpty()) {
                ready.add(new Ready(task, 0));
            }
        }
        Busy hands = new Busy();
        Busy oven = new Busy();
        List<Schedule.Placed> placed = new ArrayList<>();
        Map<Long, Long> late = new HashMap<>();
        while (!ready.isEmpty()) {
            Deadline.check();
            Task task = ready.poll().task;
            long start = earliest(task, earliest.get(task.key()), hands, oven);
            take(task, start, hands, oven);
            placed.add(new Schedule.Placed(task, start));
            long end = start + task.wholeSeconds();
            if (end > due.get(task.order())) {
                late.merge(task.order(), end - due.get(task.order()), Math::max);
            }
            for (Follower follower : followers.getOrDefault(task.key(), List.of())) {
                earliest.merge(follower.task.key(), end + follower.seconds, Math::max);
                if (open.merge(follower.task.key(), -1, Integer::sum) == 0) {
                    ready.add(new Ready(follower.task, 0));
                }
            }
        }
        placed.sort(Comparator.comparingLong(Schedule.Placed::start));
        return new Schedule(placed, late);
    }

    /** When each task would have to begin, if there were hands for all. */
    private Map<String, Long> urgencies() {
        Map<String, Long> urgent = new HashMap<>();
        for (int i = tasks.size() - 1; i >= 0; i--) {
            Task task = tasks.get(i);
            long latest = due.get(task.order());
            for (Follower follower : followers.getOrDefault(task.key(), List.of())) {
                latest = Math.min(latest, urgent.get(follower.task.key()) - follower.seconds);
            }
            urgent.put(task.key(), latest - task.wholeSeconds());
        }
        return urgent;
    }

    private long earliest(Task task, long wanted, Busy hands, Busy oven) {
        for (Sitting sitting : sittings) {
            long start = Math.max(wanted, sitting.start());
            while (start + task.handSeconds() <= sitting.end()) {
                Map.Entry<Long, Long> there = hands.firstWithin(start, start + task.handSeconds());
                Map.Entry<Long, Long> baking = task.ovenSeconds() == 0
                        ? null
                        : oven.firstWithin(start + task.handSeconds(), start + task.wholeSeconds());
                if (there == null && baking == null) {
                    return start;
                }
                start = there != null ? there.getValue() : baking.getValue() - task.handSeconds();
            }
        }
        throw new NoTime();
    }
}
