package kindthimble.app.cookie;

import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import kindthimble.core.geometry.Deadline;

/** Lets computations that are not brief go on one at a time. */
final class OneByOne implements Deadline.Turns {
    private final Semaphore turn = new Semaphore(1, true);

    @Override
    public boolean take(long longestNanos) {
        try {
            return turn.tryAcquire(longestNanos, TimeUnit.NANOSECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    @Override
    public void giveBack() {
        turn.release();
    }
}
