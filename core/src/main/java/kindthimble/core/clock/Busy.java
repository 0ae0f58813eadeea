package kindthimble.core.clock;

import java.util.Map;
import java.util.TreeMap;

/** Times in which one thing, a pair of hands or an oven, is taken; they do not overlap. */
final class Busy {
    private final TreeMap<Long, Long> taken = new TreeMap<>();

    void take(long start, long end) {
        if (end > start) {
            taken.put(start, end);
        }
    }

    void free(long start) {
        taken.remove(start);
    }

    /** What is taken within a time and begins last; null for nothing. */
    Map.Entry<Long, Long> lastWithin(long start, long end) {
        Map.Entry<Long, Long> last = taken.lowerEntry(end);
        return last != null && last.getValue() > start ? last : null;
    }

    /** What is taken within a time and begins first; null for nothing. */
    Map.Entry<Long, Long> firstWithin(long start, long end) {
        Map.Entry<Long, Long> before = taken.floorEntry(start);
        if (before != null && before.getValue() > start) {
            return before;
        }
        Map.Entry<Long, Long> next = taken.ceilingEntry(start);
        return next != null && next.getKey() < end ? next : null;
    }
}
