package kindthimble.core.clock;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.hours.Sitting;
import kindthimble.core.passes.Passes;
import kindthimble.core.work.Task;

/**
 * What a plan is worth, by what is wanted of it in this order: little that is late or spoiled, few sittings, little time from the first icing
 * to the hand-over, and not too much from the first piece of work.
 *
 * @param lateSeconds of all orders
 * @param spoiled tasks that come too late for something that keeps only so long
 * @param sittings of the decorator's own hands in which something is done
 * @param freshSeconds from the first icing of each order until it has to be ready, of all orders together
 * @param begunSeconds the same from the first of all its work
 */
public record Worth(long lateSeconds, int spoiled, int sittings, long freshSeconds, long begunSeconds)
        implements Comparable<Worth> {
    /** A sitting less is worth so many seconds between first icing and hand-over. */
    public static final long SITTING_SECONDS = 12 * 3_600;

    /** What is begun so many seconds earlier is worth a second of freshness. */
    public static final int BEGUN_TO_FRESH = 4;

    public static Worth of(Problem problem, Schedule schedule) {
        Map<Long, Long> first = new HashMap<>();
        Map<Long, Long> begin = new HashMap<>();
        for (Schedule.Placed placed : schedule.placed()) {
            begin.merge(placed.task().order(), placed.start(), Math::min);
            if (isIcingOfCookies(placed.task())) {
                first.merge(placed.task().order(), placed.start(), Math::min);
            }
        }
        return new Worth(
                schedule.late(),
                schedule.spoiled().size(),
                used(problem.sittings(), schedule).size(),
                before(problem, first),
                before(problem, begin));
    }

    private static long before(Problem problem, Map<Long, Long> starts) {
        long sum = 0;
        for (Map.Entry<Long, Long> one : starts.entrySet()) {
            sum += Math.max(0, problem.due().get(one.getKey()) - one.getValue());
        }
        return sum;
    }

    /** Whether freshness counts from it. */
    public static boolean isIcingOfCookies(Task task) {
        return task.doing() == Task.Work.ICE && task.pass() > Passes.AHEAD;
    }

    /** The sittings of the decorator's own hands in which something is done, with the seconds of it. */
    static Map<Sitting, Long> used(List<Sitting> sittings, Schedule schedule) {
        Map<Sitting, Long> used = new HashMap<>();
        for (Schedule.Placed placed : schedule.placed()) {
            if (placed.hands() == 0) {
                for (Sitting sitting : sittings) {
                    if (sitting.start() <= placed.start() && placed.start() < sitting.end()) {
                        used.merge(sitting, (long) placed.task().handSeconds(), Long::sum);
                        break;
                    }
                }
            }
        }
        return used;
    }

    /** Sittings, freshness and begin as one number: what is to be little once nothing is late. */
    public long counted() {
        return sittings * SITTING_SECONDS + freshSeconds + begunSeconds / BEGUN_TO_FRESH;
    }

    @Override
    public int compareTo(Worth other) {
        if (lateSeconds != other.lateSeconds) {
            return Long.compare(lateSeconds, other.lateSeconds);
        }
        return spoiled == other.spoiled
                ? Long.compare(counted(), other.counted())
                : Integer.compare(spoiled, other.spoiled);
    }
}
