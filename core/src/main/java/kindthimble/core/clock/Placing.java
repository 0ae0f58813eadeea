package kindthimble.core.clock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import kindthimble.core.geometry.Deadline;
import kindthimble.core.hours.Sitting;
import kindthimble.core.work.Task;

/** Puts the tasks of a problem on the clock one by one, each as late or as early as what is there already lets it. */
final class Placing {
    /** So often things are put later, as what keeps only so long lets what comes after it move when it has moved itself. */
    private static final int ROUNDS = 8;

    private final Problem problem;
    private final Map<String, Task> byKey = new HashMap<>();
    private final Map<String, List<Follower>> followers = new HashMap<>();
    private final Map<String, List<String>> turns;
    private final List<Busy> hands = new ArrayList<>();
    private final Busy oven = new Busy();
    private final Busy mixer = new Busy();

    /** What waits for a task; without a wait where it is its turn after that one. */
    private record Follower(Task task, Task.Wait waits) {}

    private record Ready(Task task, long at) {}

    private record Slot(long start, int hands) {}

    /** A task can't be left where it is pinned. */
    static final class PinInTheWay extends RuntimeException {
        private static final long serialVersionUID = 1;
        private final String task;

        PinInTheWay(String task) {
            super(task + " can't begin when it is pinned");
            this.task = task;
        }

        String task() {
            return task;
        }
    }

    /**
     * @param turns by the key of a task, others whose turn comes before it
     */
    Placing(Problem problem, Map<String, List<String>> turns) {
        this.problem = problem;
        this.turns = turns;
        problem.hands().forEach(pair -> hands.add(new Busy()));
        for (Task task : problem.tasks()) {
            byKey.put(task.key(), task);
            for (Task.Wait wait : task.waits()) {
                follow(wait.task(), new Follower(task, wait));
            }
            turns.getOrDefault(task.key(), List.of()).forEach(before -> follow(before, new Follower(task, null)));
        }
    }

    private void follow(String before, Follower follower) {
        followers.computeIfAbsent(before, key -> new ArrayList<>()).add(follower);
    }

    private List<Follower> followers(Task task) {
        return followers.getOrDefault(task.key(), List.of());
    }

    /** Takes the time of what is pinned before anything else does. */
    private void takePins() {
        problem.pins().forEach((key, start) -> {
            Task task = byKey.get(key);
            if (task == null) {
                return;
            }
            int pair = pinned(task, start);
            if (pair < 0) {
                throw new PinInTheWay(key);
            }
            take(task, new Slot(start, pair));
        });
    }

    /** The pair of hands that is free for a task when it is pinned; -1 for none. */
    private int pinned(Task task, long start) {
        if (start < problem.notBefore(task) || !thingsFree(task, start)) {
            return -1;
        }
        for (int pair = 0; pair < hands.size(); pair++) {
            Pair one = problem.hands().get(pair);
            if (one.does(task)
                    && one.holds(start, start + task.wholeSeconds())
                    && hands.get(pair).firstWithin(start, start + task.handSeconds()) == null) {
                return pair;
            }
        }
        return -1;
    }

    private boolean thingsFree(Task task, long start) {
        return (task.ovenSeconds() == 0
                        || oven.firstWithin(start + task.handSeconds(), start + task.wholeSeconds()) == null)
                && (!task.doing().takesMixer() || mixer.firstWithin(start, start + task.handSeconds()) == null);
    }

    private void free(Task task, Slot slot) {
        hands.get(slot.hands).free(slot.start);
        oven.free(slot.start + task.handSeconds());
        if (task.doing().takesMixer()) {
            mixer.free(slot.start);
        }
    }

    private void take(Task task, Slot slot) {
        hands.get(slot.hands).take(slot.start, slot.start + task.handSeconds());
        oven.take(slot.start + task.handSeconds(), slot.start + task.wholeSeconds());
        if (task.doing().takesMixer()) {
            mixer.take(slot.start, slot.start + task.handSeconds());
        }
    }

    /**
     * From the ends backward.
     *
     * @param ends by the number of an order, when all of it has to be done
     * @return null where not all can be
     */
    List<Schedule.Placed> backward(Map<Long, Long> ends) {
        takePins();
        Map<String, Integer> open = new HashMap<>();
        Map<String, Long> starts = new HashMap<>();
        PriorityQueue<Ready> ready = new PriorityQueue<>(
                Comparator.comparingLong((Ready one) -> -one.at).thenComparing(one -> one.task.key()));
        for (Task task : problem.tasks()) {
            open.put(task.key(), followers(task).size());
            if (followers(task).isEmpty()) {
                ready.add(new Ready(task, ends.get(task.order()) - task.wholeSeconds()));
            }
        }
        List<Schedule.Placed> placed = new ArrayList<>();
        while (!ready.isEmpty()) {
            Deadline.check();
            Ready next = ready.poll();
            Task task = next.task;
            Long pin = problem.pins().get(task.key());
            Slot slot;
            if (pin == null) {
                slot = latest(task, next.at);
                if (slot == null || slot.start < problem.notBefore(task)) {
                    return null;
                }
                take(task, slot);
            } else if (pin > next.at) {
                return null;
            } else {
                slot = new Slot(pin, whose(task, pin));
            }
            starts.put(task.key(), slot.start);
            placed.add(new Schedule.Placed(task, slot.start, slot.hands));
            for (Task.Wait wait : task.waits()) {
                freed(wait.task(), ends, open, starts, ready);
            }
            for (String before : turns.getOrDefault(task.key(), List.of())) {
                freed(before, ends, open, starts, ready);
            }
        }
        return placed;
    }

    /**
     * A plan with each task as late as the others let it, the last one first. What waits for something keeps its time after it, nothing is spoiled that
     * was not, and no order ends later than it may.
     *
     * @param plan one that can be carried out
     * @param ends by the number of an order, when all of it has to be done
     */
    List<Schedule.Placed> later(List<Schedule.Placed> plan, Map<Long, Long> ends) {
        Map<String, Schedule.Placed> at = new HashMap<>();
        for (Schedule.Placed one : plan) {
            at.put(one.task().key(), one);
            take(one.task(), new Slot(one.start(), one.hands()));
        }
        boolean isMoved = true;
        for (int round = 0; round < ROUNDS && isMoved; round++) {
            isMoved = false;
            List<Schedule.Placed> fromTheEnd = at.values().stream()
                    .sorted(Comparator.comparingLong(Schedule.Placed::end)
                            .thenComparingLong(Schedule.Placed::start)
                            .reversed()
                            .thenComparing(one -> one.task().key()))
                    .toList();
            for (Schedule.Placed one : fromTheEnd) {
                Deadline.check();
                if (!problem.pins().containsKey(one.task().key())) {
                    free(one.task(), new Slot(one.start(), one.hands()));
                    Slot slot = latest(one.task(), lastStart(one, at, ends));
                    Slot kept = slot == null || slot.start <= one.start() ? new Slot(one.start(), one.hands()) : slot;
                    take(one.task(), kept);
                    at.put(one.task().key(), new Schedule.Placed(one.task(), kept.start, kept.hands));
                    isMoved |= kept.start > one.start();
                }
            }
        }
        return List.copyOf(at.values());
    }

    private long lastStart(Schedule.Placed one, Map<String, Schedule.Placed> at, Map<Long, Long> ends) {
        Task task = one.task();
        long end = ends.get(task.order());
        for (Follower follower : followers(task)) {
            long start = at.get(follower.task.key()).start();
            end = Math.min(end, follower.waits == null ? start : problem.latestEnd(follower.waits, start));
        }
        long last = end - task.wholeSeconds();
        for (Task.Wait wait : task.waits()) {
            long before = at.get(wait.task()).end();
            if (one.start() - before <= wait.mostSeconds() && wait.mostSeconds() != Task.Wait.NO_END) {
                last = Math.min(last, before + (long) wait.mostSeconds());
            }
        }
        return last;
    }

    /** Whose hands do what is pinned. */
    private int whose(Task task, long start) {
        for (int pair = 0; pair < hands.size(); pair++) {
            Pair one = problem.hands().get(pair);
            Map.Entry<Long, Long> there = hands.get(pair).firstWithin(start, start + task.handSeconds());
            if (one.does(task)
                    && one.holds(start, start + task.wholeSeconds())
                    && there != null
                    && there.getKey() == start
                    && there.getValue() == start + task.handSeconds()) {
                return pair;
            }
        }
        return 0;
    }

    private void freed(
            String key,
            Map<Long, Long> ends,
            Map<String, Integer> open,
            Map<String, Long> starts,
            PriorityQueue<Ready> ready) {
        if (open.merge(key, -1, Integer::sum) > 0) {
            return;
        }
        Task task = byKey.get(key);
        long end = ends.get(task.order());
        for (Follower follower : followers(task)) {
            long start = starts.get(follower.task.key());
            end = Math.min(end, follower.waits == null ? start : problem.latestEnd(follower.waits, start));
        }
        ready.add(new Ready(task, end - task.wholeSeconds()));
    }

    /** The latest free start that is not after the one that is wanted; null for none. Of two pairs of hands the one that can begin later. */
    private Slot latest(Task task, long wanted) {
        Slot best = null;
        for (int pair = 0; pair < hands.size(); pair++) {
            if (problem.hands().get(pair).does(task)) {
                long start = latest(task, wanted, pair);
                if (start != Long.MIN_VALUE && (best == null || start > best.start)) {
                    best = new Slot(start, pair);
                }
            }
        }
        return best;
    }

    private long latest(Task task, long wanted, int pair) {
        List<Sitting> sittings = problem.hands().get(pair).sittings();
        for (int i = sittings.size() - 1; i >= 0; i--) {
            Sitting sitting = sittings.get(i);
            long start = Math.min(wanted, sitting.end() - task.wholeSeconds());
            while (start >= sitting.start()) {
                Map.Entry<Long, Long> there = hands.get(pair).lastWithin(start, start + task.handSeconds());
                if (there != null) {
                    start = there.getKey() - task.handSeconds();
                    continue;
                }
                Map.Entry<Long, Long> mixing =
                        task.doing().takesMixer() ? mixer.lastWithin(start, start + task.handSeconds()) : null;
                if (mixing != null) {
                    start = mixing.getKey() - task.handSeconds();
                    continue;
                }
                Map.Entry<Long, Long> baking = task.ovenSeconds() == 0
                        ? null
                        : oven.lastWithin(start + task.handSeconds(), start + task.wholeSeconds());
                if (baking == null) {
                    return start;
                }
                start = baking.getKey() - task.wholeSeconds();
            }
        }
        return Long.MIN_VALUE;
    }

    /**
     * From now on, the most urgent first.
     *
     * @param ranks by the number of an order: those of a lower rank come first, whatever is urgent; 0 for those that are not named
     * @throws NoTime when the sittings are at an end before all is done
     */
    List<Schedule.Placed> forward(Map<Long, Integer> ranks) {
        takePins();
        Map<String, Long> urgent = urgencies();
        Map<String, Integer> open = new HashMap<>();
        Map<String, Long> earliest = new HashMap<>();
        PriorityQueue<Ready> ready =
                new PriorityQueue<>(Comparator.comparingInt((Ready one) -> ranks.getOrDefault(one.task.order(), 0))
                        .thenComparingLong(one -> urgent.get(one.task.key()))
                        .thenComparing(one -> one.task.key()));
        for (Task task : problem.tasks()) {
            int before = task.waits().size()
                    + turns.getOrDefault(task.key(), List.of()).size();
            open.put(task.key(), before);
            earliest.put(task.key(), problem.notBefore(task));
            if (before == 0) {
                ready.add(new Ready(task, 0));
            }
        }
        List<Schedule.Placed> placed = new ArrayList<>();
        while (!ready.isEmpty()) {
            Deadline.check();
            Task task = ready.poll().task;
            Long pin = problem.pins().get(task.key());
            Slot slot;
            if (pin == null) {
                slot = earliest(task, earliest.get(task.key()));
                take(task, slot);
            } else if (pin < earliest.get(task.key())) {
                throw new PinInTheWay(task.key());
            } else {
                slot = new Slot(pin, whose(task, pin));
            }
            placed.add(new Schedule.Placed(task, slot.start, slot.hands));
            long end = slot.start + task.wholeSeconds();
            for (Follower follower : followers(task)) {
                earliest.merge(
                        follower.task.key(),
                        follower.waits == null ? end : problem.earliest(follower.waits, end),
                        Math::max);
                if (open.merge(follower.task.key(), -1, Integer::sum) == 0) {
                    ready.add(new Ready(follower.task, 0));
                }
            }
        }
        return placed;
    }

    /** When each task would have to begin, if there were hands for all. */
    private Map<String, Long> urgencies() {
        Map<String, Long> urgent = new HashMap<>();
        List<Task> tasks = problem.tasks();
        for (int i = tasks.size() - 1; i >= 0; i--) {
            Task task = tasks.get(i);
            long latest = problem.due().get(task.order());
            for (Follower follower : followers(task)) {
                if (follower.waits != null) {
                    latest = Math.min(latest, problem.latestEnd(follower.waits, urgent.get(follower.task.key())));
                }
            }
            urgent.put(task.key(), latest - task.wholeSeconds());
        }
        return urgent;
    }

    private Slot earliest(Task task, long wanted) {
        Slot best = null;
        for (int pair = 0; pair < hands.size(); pair++) {
            if (problem.hands().get(pair).does(task)) {
                long start = earliest(task, wanted, pair);
                if (start != Long.MAX_VALUE && (best == null || start < best.start)) {
                    best = new Slot(start, pair);
                }
            }
        }
        if (best == null) {
            throw new NoTime(task);
        }
        return best;
    }

    private long earliest(Task task, long wanted, int pair) {
        for (Sitting sitting : problem.hands().get(pair).sittings()) {
            long start = Math.max(wanted, sitting.start());
            while (start + task.wholeSeconds() <= sitting.end()) {
                Map.Entry<Long, Long> there = hands.get(pair).firstWithin(start, start + task.handSeconds());
                if (there != null) {
                    start = there.getValue();
                    continue;
                }
                Map.Entry<Long, Long> mixing =
                        task.doing().takesMixer() ? mixer.firstWithin(start, start + task.handSeconds()) : null;
                if (mixing != null) {
                    start = mixing.getValue();
                    continue;
                }
                Map.Entry<Long, Long> baking = task.ovenSeconds() == 0
                        ? null
                        : oven.firstWithin(start + task.handSeconds(), start + task.wholeSeconds());
                if (baking == null) {
                    return start;
                }
                start = baking.getValue() - task.handSeconds();
            }
        }
        return Long.MAX_VALUE;
    }
}
