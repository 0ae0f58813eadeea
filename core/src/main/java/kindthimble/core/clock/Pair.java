package kindthimble.core.clock;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import kindthimble.core.hours.Helper;
import kindthimble.core.hours.Sitting;
import kindthimble.core.work.Task;

/**
 * A pair of hands.
 *
 * @param name of whose they are; empty for the decorator's own
 * @param sittings when they work, in order and apart
 * @param does kinds of work that they do
 */
public record Pair(String name, List<Sitting> sittings, Set<Helper.Help> does) {
    public Pair {
        sittings = List.copyOf(sittings);
        does = Set.copyOf(does);
    }

    /** The decorator's own, which do everything. */
    public static Pair own(List<Sitting> sittings) {
        return new Pair("", sittings, EnumSet.allOf(Helper.Help.class));
    }

    boolean does(Task task) {
        return does.contains(task.doing().kind());
    }

    /** Whether a stretch lies within one of its sittings. */
    boolean holds(long start, long end) {
        return sittings.stream().anyMatch(one -> one.start() <= start && end <= one.end());
    }

    Pair with(List<Sitting> others) {
        return new Pair(name, others, does);
    }
}
