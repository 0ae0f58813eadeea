package kindthimble.core.clock;

import java.util.List;
import java.util.Map;
import kindthimble.core.work.Task;

/**
 * Tasks on the clock.
 *
 * @param placed each with its start, by that
 * @param lateSeconds by the number of an order: how much later than wanted it is ready; empty where all are in time
 */
public record Schedule(List<Placed> placed, Map<Long, Long> lateSeconds) {
    public Schedule {
        placed = List.copyOf(placed);
        lateSeconds = Map.copyOf(lateSeconds);
    }

    /**
     * @param task what is done
     * @param start seconds since the epoch
     */
    public record Placed(Task task, long start) {
        /** When hands are free again. */
        public long handsEnd() {
            return start + task.handSeconds();
        }

        /** When it is done, the oven with it. */
        public long end() {
            return start + task.wholeSeconds();
        }
    }
}
