package kindthimble.app.clock;

import java.util.Map;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import kindthimble.app.solver.Solved;
import kindthimble.core.clock.Schedule;

/** A plan of all that is ahead, while a better one is looked for. */
final class Plan {
    private final Week week;
    private final Map<Long, String> without;
    private final AtomicReference<Solved> best;
    private final AtomicBoolean stopped = new AtomicBoolean();
    private volatile boolean isSearched;

    /**
     * @param week what was to be placed
     * @param without orders that found no time, each with why
     * @param first the plan that was made at once
     */
    Plan(Week week, Map<Long, String> without, Solved first) {
        this.week = week;
        this.without = Map.copyOf(without);
        best = new AtomicReference<>(first);
    }

    Week week() {
        return week;
    }

    Map<Long, String> without() {
        return without;
    }

    Solved best() {
        return best.get();
    }

    Schedule schedule() {
        return best.get().schedule();
    }

    void better(Solved solved) {
        best.set(solved);
    }

    /** Whether a better one is still looked for. */
    boolean isSearching() {
        return !isSearched && !stopped.get();
    }

    void searched() {
        isSearched = true;
    }

    void stop() {
        stopped.set(true);
    }

    boolean isStopped() {
        return stopped.get();
    }
}
