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
 * Looks whether a schedule can be carried out, by nothing but what it says: each task once; no two for one pair of hands, the oven or the mixer at
 * a time; no more trays than there are places; every wait kept, and nothing kept too long that is not said to be; all work within one sitting of
 * hands that do it; pins where they are or said not to be; and each order ready when it is due or said to be late. Every plan passes through here
 * before it is shown.
 */
public final class Validator {
    private final Problem problem;
    private final Schedule schedule;
    private final List<String> faults = new ArrayList<>();
    private final Map<String, Schedule.Placed> at = new HashMap<>();

    private Validator(Problem problem, Schedule schedule) {
        this.problem = problem;
        this.schedule = schedule;
    }

    /** What is wrong with it; empty where nothing is. */
    public static List<String> faults(Problem problem, Schedule schedule) {
        Validator validator = new Validator(problem, schedule);
        validator.counted();
        if (validator.faults.isEmpty()) {
            schedule.placed().forEach(validator::look);
            validator.things();
            validator.places();
        }
        return validator.faults;
    }

    private void counted() {
        for (Schedule.Placed placed : schedule.placed()) {
            if (at.put(placed.task().key(), placed) != null) {
                faults.add(placed.task().key() + " is there twice");
            }
        }
        Set<String> wanted = new HashSet<>();
        for (Task task : problem.tasks()) {
            wanted.add(task.key());
            Schedule.Placed placed = at.get(task.key());
            if (placed == null
                    || placed.task().handSeconds() != task.handSeconds()
                    || placed.task().ovenSeconds() != task.ovenSeconds()) {
                faults.add(task.key() + " is not placed");
            }
        }
        at.keySet().stream().filter(key -> !wanted.contains(key)).forEach(key -> faults.add(key + " is not wanted"));
    }

    private void look(Schedule.Placed placed) {
        Task task = placed.task();
        if (placed.hands() < 0 || placed.hands() >= problem.hands().size()) {
            faults.add(task.key() + " has no hands");
            return;
        }
        Pair pair = problem.hands().get(placed.hands());
        if (!pair.does(task)) {
            faults.add(task.key() + " is not done by " + pair.name());
        }
        if (!pair.holds(placed.start(), placed.end())) {
            faults.add(task.key() + " is not within a sitting");
        }
        if (placed.start() < problem.notBefore(task)) {
            faults.add(task.key() + " begins too early");
        }
        Long pin = problem.pins().get(task.key());
        if (pin != null && placed.start() != pin && !schedule.unkept().contains(task.key())) {
            faults.add(task.key() + " is not where it is pinned");
        }
        long late = placed.end() - problem.due().get(task.order());
        if (late > schedule.lateSeconds().getOrDefault(task.order(), 0L)) {
            faults.add(task.key() + " is late, and it is not said");
        }
    }

    private void things() {
        for (Task task : problem.tasks()) {
            for (Task.Wait wait : task.waits()) {
                long start = at.get(task.key()).start();
                long end = at.get(wait.task()).end();
                // A rest is wanted where the days allow it, and no more.
                if (wait.why() != Task.Why.REST && start < problem.earliest(wait, end)) {
                    faults.add(task.key() + " does not wait for " + wait.task());
                }
                if (start - end > wait.mostSeconds() && !schedule.spoiled().contains(task.key())) {
                    faults.add(
                            task.key() + " comes when " + wait.task() + " has been kept too long, and it is not said");
                }
            }
        }
        for (int pair = 0; pair < problem.hands().size(); pair++) {
            int whose = pair;
            overlaps(
                    schedule.placed().stream()
                            .filter(placed -> placed.hands() == whose)
                            .toList(),
                    Schedule.Placed::start,
                    Schedule.Placed::handsEnd,
                    "the same hands");
        }
        overlaps(
                schedule.placed().stream()
                        .filter(placed -> placed.task().ovenSeconds() > 0)
                        .toList(),
                Schedule.Placed::handsEnd,
                Schedule.Placed::end,
                "the oven");
        overlaps(
                schedule.placed().stream()
                        .filter(placed -> placed.task().doing().takesMixer())
                        .toList(),
                Schedule.Placed::start,
                Schedule.Placed::handsEnd,
                "the mixer");
    }

    private void overlaps(
            List<Schedule.Placed> placed,
            ToLongFunction<Schedule.Placed> from,
            ToLongFunction<Schedule.Placed> to,
            String what) {
        List<Schedule.Placed> sorted =
                placed.stream().sorted(Comparator.comparingLong(from)).toList();
        for (int i = 1; i < sorted.size(); i++) {
            if (from.applyAsLong(sorted.get(i)) < to.applyAsLong(sorted.get(i - 1))) {
                faults.add(sorted.get(i).task().key() + " and "
                        + sorted.get(i - 1).task().key() + " both take " + what);
            }
        }
    }

    private void places() {
        int most = Places.most(schedule.placed());
        if (most > problem.limits().places()) {
            faults.add(most + " trays are there at once");
        }
    }
}
