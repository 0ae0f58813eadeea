package kindthimble.core.geometry;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.time.Duration;
import java.util.function.Supplier;

/**
 * How long a computation may take, in time that its thread has worked: what it waits for, a turn or a busy machine, does not count. Geometry
 * looks at it between insets, overlays and other steps that are short by themselves ({@link #check}), so that a drawing which nobody could
 * ice ends in a sentence and not in a machine that stands still. Outside {@link #within} there is no limit. Each thread has its own.
 */
public final class Deadline {
    private static final ThreadLocal<Deadline> CURRENT = new ThreadLocal<>();

    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    private final long beganNanos = worked();
    private final long longestNanos;
    private final long briefNanos;
    private final Turns turns;
    private boolean hasTurn;

    /** Before this moment it can't have worked for too long: no thread works longer than time passes. */
    private long lookAgainNanos = System.nanoTime();

    /** Where computations that are not brief wait for each other, so that brief ones find the machine free. */
    public interface Turns {
        /** No waiting at all. */
        Turns NONE = new Turns() {
            @Override
            public void take() {}

            @Override
            public void giveBack() {}
        };

        /** Waits for one's turn; where that does not come, throws what is to be said about it, and there is nothing to give back. */
        void take();

        /** After a turn. */
        void giveBack();
    }

    private Deadline(Duration longest, Duration brief, Turns turns) {
        this.longestNanos = longest.toNanos();
        this.briefNanos = brief.toNanos();
        this.turns = turns;
    }

    /** Computes something within a time. */
    public static <T> T within(Duration longest, Supplier<T> work) {
        return within(longest, longest, Turns.NONE, work);
    }

    /**
     * Computes something within a time. One that lies within another keeps the outer one's limit.
     *
     * @param longest after so much work it ends with {@link TooMuch}
     * @param brief for so much work it goes on at once; then it takes its turn
     * @param turns one for all that share a machine
     */
    public static <T> T within(Duration longest, Duration brief, Turns turns, Supplier<T> work) {
        if (CURRENT.get() != null) {
            return work.get();
        }
        Deadline deadline = new Deadline(longest, brief, turns);
        CURRENT.set(deadline);
        try {
            return work.get();
        } finally {
            CURRENT.remove();
            if (deadline.hasTurn) {
                turns.giveBack();
            }
        }
    }

    /**
     * A step of a computation.
     *
     * @throws TooMuch when its time is over
     */
    public static void check() {
        Deadline deadline = CURRENT.get();
        if (deadline != null) {
            deadline.look();
        }
    }

    private void look() {
        if (System.nanoTime() - lookAgainNanos < 0) {
            return;
        }
        long worked = worked() - beganNanos;
        if (worked > longestNanos) {
            throw new TooMuch("it takes too long to work out. Make it simpler, with fewer lines, pieces or points.");
        }
        if (worked > briefNanos && !hasTurn) {
            turns.take();
            hasTurn = true;
        }
        lookAgainNanos = System.nanoTime() + (hasTurn ? longestNanos : Math.min(briefNanos, longestNanos)) - worked;
    }

    private static long worked() {
        return THREADS.getCurrentThreadCpuTime();
    }
}
