package kindthimble.core.clock;

import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.core.work.Task;

/**
 * Tasks on the clock.
 *
 * @param placed each with its start, by that
 * @param lateSeconds by the number of an order: how much later than wanted it is ready; empty where all are in time
 * @param unkept keys of tasks that could not be left where they are pinned
 * @param spoiled keys of tasks that begin after something they need has been kept too long
 */
public record Schedule(List<Placed> placed, Map<Long, Long> lateSeconds, Set<String> unkept, Set<String> spoiled) {
    public Schedule {
        placed = List.copyOf(placed);
        lateSeconds = Map.copyOf(lateSeconds);
        unkept = Set.copyOf(unkept);
        spoiled = Set.copyOf(spoiled);
    }

    /**
     * @param task what is done
     * @param start seconds since the epoch
     * @param hands index of the pair that does it, 0 for the decorator's own
     */
    public record Placed(Task task, long start, int hands) {
        /** When hands are free again. */
        public long handsEnd() {
            return start + task.handSeconds();
        }

        /** When it is done, the oven with it. */
        public long end() {
            return start + task.wholeSeconds();
        }
    }

    /** How late all orders are together, in seconds. */
    public long late() {
        return lateSeconds.values().stream().mapToLong(Long::longValue).sum();
    }
}
