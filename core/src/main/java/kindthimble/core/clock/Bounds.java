package kindthimble.core.clock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.hours.Sitting;
import kindthimble.core.work.Task;

/**
 * What no plan of a problem can beat, if nothing is to be late. Each figure leaves something out that binds a real plan, so that it is a bound:
 * the sittings by the work that is due by some time, and by chains of waits that reach over breaks; the freshness by the latest start of each icing
 * if there were hands for everything, and by the hands that the order's own work takes from its first icing on.
 */
public final class Bounds {
    private Bounds() {}

    /** No plan in time has fewer sittings of the decorator's own hands. */
    public static int sittings(Problem problem) {
        return Math.max(byWork(problem), byChains(problem));
    }

    /** No plan in time has less time between first icings and hand-overs, all orders together; in seconds. */
    public static long freshSeconds(Problem problem) {
        Map<String, Long> latest = latestStarts(problem);
        Map<Long, Long> first = new HashMap<>();
        Map<Long, Long> hands = new HashMap<>();
        for (Task task : problem.tasks()) {
            if (Worth.isIcingOfCookies(task)) {
                first.merge(task.order(), latest.get(task.key()), Math::min);
            }
            if (onlyOwn(problem, task)
                    && (Worth.isIcingOfCookies(task)
                            || task.doing() == Task.Work.PACK
                            || task.doing() == Task.Work.LABEL)) {
                hands.merge(task.order(), (long) task.handSeconds(), Long::sum);
            }
        }
        return sum(problem, first, hands);
    }

    /** No plan in time has less time between the first pieces of work and hand-overs, all orders together; in seconds. */
    public static long begunSeconds(Problem problem) {
        Map<String, Long> latest = latestStarts(problem);
        Map<Long, Long> first = new HashMap<>();
        Map<Long, Long> hands = new HashMap<>();
        for (Task task : problem.tasks()) {
            first.merge(task.order(), latest.get(task.key()), Math::min);
            if (onlyOwn(problem, task)) {
                hands.merge(task.order(), (long) task.handSeconds(), Long::sum);
            }
        }
        return sum(problem, first, hands);
    }

    private static long sum(Problem problem, Map<Long, Long> first, Map<Long, Long> hands) {
        long sum = 0;
        for (Map.Entry<Long, Long> one : first.entrySet()) {
            long due = problem.due().get(one.getKey());
            long begin = Math.min(one.getValue(), begunFor(problem, due, hands.getOrDefault(one.getKey(), 0L)));
            sum += Math.max(0, due - begin);
        }
        return sum;
    }

    /** All of it, as {@link Worth#counted} counts. */
    public static long counted(Problem problem) {
        return sittings(problem) * Worth.SITTING_SECONDS
                + freshSeconds(problem)
                + begunSeconds(problem) / Worth.BEGUN_TO_FRESH;
    }

    private static boolean onlyOwn(Problem problem, Task task) {
        return problem.hands().stream().skip(1).noneMatch(pair -> pair.does(task));
    }

    /** The latest time from which on there are so many seconds of own hands until the end. */
    private static long begunFor(Problem problem, long end, long seconds) {
        long left = seconds;
        List<Sitting> sittings = problem.sittings();
        for (int i = sittings.size() - 1; i >= 0; i--) {
            Sitting one = sittings.get(i);
            long to = Math.min(one.end(), end);
            if (to <= one.start()) {
                continue;
            }
            if (to - one.start() >= left) {
                return to - left;
            }
            left -= to - one.start();
        }
        return Long.MIN_VALUE / 4;
    }

    /** When each task begins at the latest, if there were hands for everything while someone works. */
    private static Map<String, Long> latestStarts(Problem problem) {
        Map<String, Long> ends = new HashMap<>();
        Map<String, Long> starts = new HashMap<>();
        List<Task> tasks = problem.tasks();
        for (int i = tasks.size() - 1; i >= 0; i--) {
            Task task = tasks.get(i);
            long end = Math.min(problem.due().get(task.order()), ends.getOrDefault(task.key(), Long.MAX_VALUE));
            long start = latestWithin(problem, task, end - task.wholeSeconds());
            starts.put(task.key(), start);
            for (Task.Wait wait : task.waits()) {
                if (wait.why() != Task.Why.REST) {
                    ends.merge(wait.task(), problem.latestEnd(wait, start), Math::min);
                }
            }
        }
        return starts;
    }

    private static long latestWithin(Problem problem, Task task, long wanted) {
        long best = Long.MIN_VALUE / 4;
        for (Pair pair : problem.hands()) {
            if (pair.does(task)) {
                for (Sitting sitting : pair.sittings()) {
                    long start = Math.min(wanted, sitting.end() - task.wholeSeconds());
                    if (start >= sitting.start()) {
                        best = Math.max(best, start);
                    }
                }
            }
        }
        return best;
    }

    private static int byWork(Problem problem) {
        int most = 0;
        for (long due : problem.due().values()) {
            long work = problem.tasks().stream()
                    .filter(task -> problem.due().get(task.order()) <= due && onlyOwn(problem, task))
                    .mapToLong(Task::handSeconds)
                    .sum();
            List<Long> lengths = new ArrayList<>(problem.sittings().stream()
                    .filter(one -> one.start() < due)
                    .map(one -> Math.min(one.end(), due) - one.start())
                    .sorted(Comparator.reverseOrder())
                    .toList());
            int n = 0;
            while (work > 0 && n < lengths.size()) {
                work -= lengths.get(n++);
            }
            most = Math.max(most, n);
        }
        return most;
    }

    /**
     * Over each chain of waits: from the end backward, everything as late as it goes, a new sitting is begun only where the one before can't hold
     * it. A task that begins later never makes the one before it begin earlier, so that this is fewest for the chain.
     */
    private static int byChains(Problem problem) {
        if (problem.hands().size() > 1) {
            return 0;
        }
        Map<String, Integer> after = new HashMap<>();
        Map<String, Task> byKey = new HashMap<>();
        problem.tasks().forEach(task -> byKey.put(task.key(), task));
        int most = 0;
        List<Task> tasks = problem.tasks();
        long longest =
                problem.sittings().stream().mapToLong(Sitting::seconds).max().orElse(0);
        // The longest time that what follows a task takes within one sitting at the least; over that, another sitting.
        Map<String, Long> span = new HashMap<>();
        for (int i = tasks.size() - 1; i >= 0; i--) {
            Task task = tasks.get(i);
            int count = after.getOrDefault(task.key(), 1);
            long reach = span.getOrDefault(task.key(), 0L) + task.wholeSeconds();
            most = Math.max(most, count);
            for (Task.Wait wait : task.waits()) {
                if (wait.why() == Task.Why.REST || problem.drying().slowest() > 1) {
                    continue;
                }
                long whole = reach + wait.seconds();
                Task before = byKey.get(wait.task());
                boolean fits = whole + before.wholeSeconds() <= longest;
                int then = fits ? count : count + 1;
                long left = fits ? whole : 0;
                int known = after.getOrDefault(wait.task(), 0);
                if (then > known) {
                    after.put(wait.task(), then);
                    span.put(wait.task(), left);
                } else if (then == known) {
                    span.merge(wait.task(), left, Math::max);
                }
            }
        }
        return most;
    }
}
