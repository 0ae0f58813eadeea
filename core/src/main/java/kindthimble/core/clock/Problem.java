package kindthimble.core.clock;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.hours.Sitting;
import kindthimble.core.work.Task;

/**
 * What has to be put on the clock, and what is there for it. All times are seconds since the epoch.
 *
 * @param tasks each waits only for such as stand before it
 * @param due by the number of an order: when all of it has to be ready
 * @param hands pairs of hands, the decorator's own first
 * @param limits what else there is
 * @param drying how icing dries
 * @param notBefore by the key of a task: from when on it may begin; what is not named may begin at any time
 * @param pins by the key of a task: when it begins, as the decorator wants it
 */
public record Problem(
        List<Task> tasks,
        Map<Long, Long> due,
        List<Pair> hands,
        Limits limits,
        Drying drying,
        Map<String, Long> notBefore,
        Map<String, Long> pins) {
    public Problem {
        tasks = List.copyOf(tasks);
        due = Map.copyOf(due);
        hands = List.copyOf(hands);
        notBefore = Map.copyOf(notBefore);
        pins = Map.copyOf(pins);
    }

    /** One pair of hands, and nothing else that there is too little of. */
    public static Problem of(List<Task> tasks, Map<Long, Long> due, List<Sitting> sittings) {
        return new Problem(tasks, due, List.of(Pair.own(sittings)), Limits.NONE, Drying.STEADY, Map.of(), Map.of());
    }

    /** The sittings of the decorator's own hands. */
    public List<Sitting> sittings() {
        return hands.get(0).sittings();
    }

    /** The same with other hands. */
    public Problem with(List<Pair> others) {
        return new Problem(tasks, due, others, limits, drying, notBefore, pins);
    }

    /** The same with other tasks. */
    public Problem withTasks(List<Task> others) {
        return new Problem(others, due, hands, limits, drying, notBefore, pins);
    }

    /** The same with other times at which orders have to be ready. */
    public Problem withDue(Map<Long, Long> others) {
        return new Problem(tasks, others, hands, limits, drying, notBefore, pins);
    }

    /** The same with orders due when a plan has them ready, where that is later: nothing of the plan is late then. */
    Problem dueAsIn(Schedule plan) {
        Map<Long, Long> ends = new HashMap<>(due);
        plan.lateSeconds().forEach((order, seconds) -> ends.merge(order, seconds, Long::sum));
        return withDue(ends);
    }

    /** The same with pins. */
    public Problem withPins(Map<String, Long> others) {
        return new Problem(tasks, due, hands, limits, drying, notBefore, others);
    }

    /** The same without the rest of deep colours, which is only wanted where the days allow it. */
    public Problem withoutRest() {
        return withTasks(tasks.stream()
                .map(task -> task.waiting(task.waits().stream()
                        .filter(wait -> wait.why() != Task.Why.REST)
                        .toList()))
                .toList());
    }

    /** When a task may begin by what it waits for. */
    long earliest(Task.Wait wait, long otherEnd) {
        return wait.why().isDrying() ? drying.after(otherEnd, wait.seconds()) : otherEnd + wait.seconds();
    }

    /** When what a task waits for has to be done. */
    long latestEnd(Task.Wait wait, long start) {
        return wait.why().isDrying() ? drying.before(start, wait.seconds()) : start - wait.seconds();
    }

    /** From when on a task may begin, whatever it waits for. */
    long notBefore(Task task) {
        return notBefore.getOrDefault(task.key(), Long.MIN_VALUE);
    }
}
