package kindthimble.app.cookie;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import kindthimble.core.geometry.Deadline;
import kindthimble.core.geometry.TooMuch;

/**
 * Shares the machine between computations: a few go on at once while they are brief, and one at a time once they are not. So a design
 * that takes long to measure holds up neither those that do not, nor what needs no measuring.
 */
public final class OneByOne {
    private final Semaphore few = new Semaphore(Math.max(2, Runtime.getRuntime().availableProcessors()), true);
    private final Semaphore one = new Semaphore(1, true);
    private final Duration longest;
    private final Duration brief;

    public OneByOne(Duration longest, Duration brief) {
        this.longest = longest;
        this.brief = brief;
    }

    /**
     * @throws TooMuch when its time is over
     */
    public <T> T compute(Supplier<T> work) {
        if (!taken(few, longest.toNanos())) {
            throw new TooMuch("the machine is busy with designs that take long. Try again in a moment.");
        }
        Visit visit = new Visit();
        try {
            return Deadline.within(longest, brief, visit, work);
        } finally {
            visit.leave();
        }
    }

    private static boolean taken(Semaphore semaphore, long longestNanos) {
        try {
            return semaphore.tryAcquire(longestNanos, TimeUnit.NANOSECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** One computation: among the few, then alone. */
    private final class Visit implements Deadline.Turns {
        private boolean amongFew = true;

        @Override
        public boolean take(long longestNanos) {
            leave();
            return taken(one, longestNanos);
        }

        @Override
        public void giveBack() {
            one.release();
        }

        private void leave() {
            if (amongFew) {
                amongFew = false;
                few.release();
            }
        }
    }
}
