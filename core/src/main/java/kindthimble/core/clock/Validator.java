package kindthimble.core.clock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToLongFunction;
import kindthimble.core.work.Task;

/**
 * Looks whether a schedule can be carried out, by nothing but what it says: each task once, no two for one pair of hands or one oven at a time, every
 * wait kept, all hands within one sitting, and each order ready when it is due or named as late. Every plan passes through here before it is shown.
 */
public final class Validator {
    private Validator() {}

    /** What is wrong with it; empty where nothing is. */
    public static List<String> faults(
            List<Task> tasks, Map<Long, Long> due, List<Sitting> sittings, Schedule schedule) {
        List<String> faults = new ArrayList<>();
        Map<String, Schedule.Placed> at = new HashMap<>();
        for (Schedule.Placed placed : schedule.placed()) {
            if (at.put(placed.task().key(), placed) != null) {
                faults.add(placed.task().key() + " is there twice");
            }
        }
        Set<String> wanted = new HashSet<>();
        for (Task task : tasks) {
            wanted.add(task.key());
            Schedule.Placed placed = at.get(task.key());
            if (placed == null || !placed.task().equals(task)) {
                faults.add(task.key() + " is not placed");
            }
        }
        at.keySet().stream().filter(key -> !wanted.contains(key)).forEach(key -> faults.add(key + " is not wanted"));
        if (!faults.isEmpty()) {
            return faults;
        }
        for (Schedule.Placed placed : schedule.placed()) {
            Task task = placed.task();
            for (Task.Wait wait : task.waits()) {
                if (placed.start() < at.get(wait.task()).end() + wait.seconds()) {
                    faults.add(task.key() + " does not wait for " + wait.task());
                }
            }
            if (sittings.stream().noneMatch(one -> one.start() <= placed.start() && placed.handsEnd() <= one.end())) {
                faults.add(task.key() + " is not within a sitting");
            }
            long late = placed.end() - due.get(task.order());
            if (late > schedule.lateSeconds().getOrDefault(task.order(), 0L)) {
                faults.add(task.key() + " is late, and it is not said");
            }
        }
        overlaps(schedule.placed(), Schedule.Placed::start, Schedule.Placed::handsEnd, "the hands", faults);
        overlaps(
                schedule.placed().stream()
                        .filter(placed -> placed.task().ovenSeconds() > 0)
                        .toList(),
                Schedule.Placed::handsEnd,
                Schedule.Placed::end,
                "the oven",
                faults);
        return faults;
    }

    private static void overlaps(
            List<Schedule.Placed> placed,
            ToLongFunction<Schedule.Placed> from,
            ToLongFunction<Schedule.Placed> to,
            String what,
            List<String> faults) {
        List<Schedule.Placed> sorted =
                placed.stream().sorted(Comparator.comparingLong(from)).toList();
        for (int i = 1; i < sorted.size(); i++) {
            if (from.applyAsLong(sorted.get(i)) < to.applyAsLong(sorted.get(i - 1))) {
                faults.add(sorted.get(i).task().key() + " and "
                        + sorted.get(i - 1).task().key() + " both take " + what);
            }
        }
    }
}
