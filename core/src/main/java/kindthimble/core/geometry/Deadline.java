package kindthimble.core.geometry;

import java.time.Duration;
import java.util.function.Supplier;

/**
 * How long a computation may take. Geometry looks at it between insets, overlays and other steps that are short by themselves
 * ({@link #check}), so that a drawing which nobody could ice ends in a sentence and not in a machine that stands still. Outside
 * {@link #within} there is no limit. Each thread has its own.
 */
public final class Deadline {
    private static final ThreadLocal<Deadline> CURRENT = new ThreadLocal<>();

    private final long beganNanos = System.nanoTime();
    private final long longestNanos;
    private final long briefNanos;
    private final Turns turns;
    private boolean hasTurn;

    /** Where computations that are not brief wait for each other, so that brief ones find the machine free. */
    public interface Turns {
        /** No waiting at all. */
        Turns NONE = new Turns() {
            @Override
            public boolean take(long longestNanos) {
                return true;
            }

            @Override
            public void giveBack() {}
        };

        /**
         * @param longestNanos the longest to wait
         * @return whether it is one's turn
         */
        boolean take(long longestNanos);

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
     * @param longest after so long it ends with {@link TooMuch}
     * @param brief for so long it goes on at once; then it takes its turn
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
        long passed = System.nanoTime() - beganNanos;
        if (passed > briefNanos && !hasTurn && passed < longestNanos) {
            hasTurn = turns.take(longestNanos - passed);
            passed = hasTurn ? System.nanoTime() - beganNanos : longestNanos + 1;
        }
        if (passed > longestNanos) {
            throw new TooMuch("it takes too long to work out. Make it simpler, with fewer lines, pieces or points.");
        }
    }
}
