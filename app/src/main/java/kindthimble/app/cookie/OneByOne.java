package kindthimble.app.cookie;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import kindthimble.app.http.Busy;
import kindthimble.core.geometry.Deadline;
import kindthimble.core.geometry.TooMuch;

/**
 * Shares the machine between computations: a few go on at once while they are brief, and one at a time once they are not. So a design
 * that takes long to measure holds up neither those that do not, nor what needs no measuring. Waiting is no work, and counts for nobody.
 */
public final class OneByOne {
    /** So long that a page need not ask again while a few others have theirs. */
    public static final Duration PATIENCE = Duration.ofSeconds(20);

    private final Semaphore few = new Semaphore(Math.max(2, Runtime.getRuntime().availableProcessors()), true);
    private final Semaphore one = new Semaphore(1, true);
    private final Duration longest;
    private final Duration brief;
    private final Duration patience;

    /**
     * @param longest work, in the thread's own time
     * @param brief work that takes no turn
     * @param patience how long anybody waits for a turn; the page asks again after that, by itself
     */
    public OneByOne(Duration longest, Duration brief, Duration patience) {
        this.longest = longest;
        this.brief = brief;
        this.patience = patience;
    }

    /**
     * @throws TooMuch when it works for too long
     * @throws Busy when its turn does not come
     */
    public <T> T compute(Supplier<T> work) {
        turn(few);
        Visit visit = new Visit();
        try {
            return Deadline.within(longest, brief, visit, work);
        } finally {
            visit.leave();
        }
    }

    private void turn(Semaphore semaphore) {
        try {
            if (semaphore.tryAcquire(patience.toNanos(), TimeUnit.NANOSECONDS)) {
                return;
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        throw new Busy();
    }

    /** One computation: among the few, then alone. */
    private final class Visit implements Deadline.Turns {
        private boolean amongFew = true;

        @Override
        public void take() {
            leave();
            turn(one);
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
