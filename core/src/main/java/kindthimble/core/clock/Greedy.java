package kindthimble.core.clock;

import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import kindthimble.core.work.Task;

/**
 * A plan at once. Where all can be in time, tasks are put as late as they can be, from the hand-overs backward, so that cookies are fresh; then
 * sittings with little in them are closed as long as all stays in time. Where it can not, forward and the most urgent first, and from the ends
 * that this finds as late as it goes. Not the best plan, but one that can be carried out.
 */
public final class Greedy {
    /** How many tasks are placed at most while sittings are closed. */
    private static final int TRIED_TASKS = 8_000;

    /** Of the orders that are late at most so many are put last. */
    private static final int MOST_LAST = 4;

    private Greedy() {}

    /**
     * @param problem what has to be done, and what is there for it
     * @throws NoTime when a task is longer than any sitting, or the sittings are at an end before all is done
     */
    public static Schedule of(Problem problem) {
        return of(problem, true);
    }

    /**
     * The same with sittings and bags as they come: where only what is late is asked for.
     *
     * @throws NoTime as above
     */
    public static Schedule untidy(Problem problem) {
        return of(problem, false);
    }

    private static Schedule of(Problem problem, boolean isTidy) {
        Problem wanted = problem;
        Set<String> unkept = new HashSet<>();
        while (true) {
            try {
                Schedule found = placed(wanted, isTidy);
                Schedule said = new Schedule(found.placed(), found.lateSeconds(), unkept, found.spoiled());
                return isTidy ? FewerBags.of(problem, said) : said;
            } catch (Placing.PinInTheWay pin) {
                Map<String, Long> others = new HashMap<>(wanted.pins());
                others.remove(pin.task());
                unkept.add(pin.task());
                wanted = wanted.withPins(others);
            }
        }
    }

    private static Schedule placed(Problem problem, boolean isTidy) {
        for (Problem one : List.of(problem, problem.withoutRest())) {
            List<Schedule.Placed> inTime = Places.backward(one, one.due());
            if (inTime != null) {
                Schedule found = schedule(problem, inTime);
                return isTidy ? fewerSittings(one, found) : found;
            }
        }
        Problem restless = problem.withoutRest();
        Schedule late = leastLate(restless);
        Map<Long, Long> ends = problem.dueAsIn(late).due();
        List<Schedule.Placed> fresher = Places.backward(restless, ends);
        Schedule found = schedule(problem, fresher == null ? Places.later(restless, late.placed(), ends) : fresher);
        return isTidy ? fewerSittings(restless, found) : found;
    }

    /** Forward from now on, in the order of what is urgent; then, as long as that is less late, with the largest of the late orders last. */
    private static Schedule leastLate(Problem problem) {
        Schedule best = schedule(problem, Places.forward(problem, Map.of()));
        Map<Long, Integer> ranks = new HashMap<>();
        while (best.lateSeconds().size() > 1 && ranks.size() < MOST_LAST) {
            Optional<Long> largest = best.lateSeconds().keySet().stream()
                    .filter(order -> !ranks.containsKey(order))
                    .max(Comparator.comparingLong((Long order) -> handSeconds(problem, order))
                            .thenComparing(Comparator.reverseOrder()));
            if (largest.isEmpty()) {
                return best;
            }
            ranks.put(largest.get(), 1);
            Schedule other = schedule(problem, Places.forward(problem, ranks));
            if (Worth.of(problem, other).compareTo(Worth.of(problem, best)) >= 0) {
                return best;
            }
            best = other;
        }
        return best;
    }

    private static long handSeconds(Problem problem, long order) {
        return problem.tasks().stream()
                .filter(task -> task.order() == order)
                .mapToLong(Task::handSeconds)
                .sum();
    }

    private static Schedule fewerSittings(Problem problem, Schedule found) {
        return new Closing(problem, found)
                .tried(Math.max(1, TRIED_TASKS / Math.max(1, problem.tasks().size())), () -> false);
    }

    /** Tasks that are placed as a schedule: what of them is late or spoiled is said. */
    public static Schedule schedule(Problem problem, List<Schedule.Placed> placed) {
        List<Schedule.Placed> inOrder = Trays.inOrder(problem, placed);
        Map<String, Schedule.Placed> at = new HashMap<>();
        inOrder.forEach(one -> at.put(one.task().key(), one));
        Map<Long, Long> late = new HashMap<>();
        Set<String> spoiled = new HashSet<>();
        for (Schedule.Placed one : inOrder) {
            long over = one.end() - problem.due().get(one.task().order());
            if (over > 0) {
                late.merge(one.task().order(), over, Math::max);
            }
        }
        for (Task task : problem.tasks()) {
            long start = at.get(task.key()).start();
            if (task.waits().stream()
                    .anyMatch(wait -> start - at.get(wait.task()).end() > wait.mostSeconds())) {
                spoiled.add(task.key());
            }
        }
        List<Schedule.Placed> byStart = inOrder.stream()
                .sorted(Comparator.comparingLong(Schedule.Placed::start)
                        .thenComparing(one -> one.task().key()))
                .toList();
        return new Schedule(byStart, late, Set.of(), spoiled);
    }
}
