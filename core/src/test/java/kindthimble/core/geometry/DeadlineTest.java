package kindthimble.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How long a computation may take, and that those which are not brief take turns. */
class DeadlineTest {
    private static final Duration LONG = Duration.ofMinutes(1);
    private static final Duration NOUGHT = Duration.ZERO;

    private static final class Queue implements Deadline.Turns {
        private final List<String> done = new ArrayList<>();
        private final boolean free;

        Queue(boolean free) {
            this.free = free;
        }

        @Override
        public void take() {
            if (!free) {
                throw new IllegalStateException("busy");
            }
            done.add("taken");
        }

        @Override
        public void giveBack() {
            done.add("given back");
        }
    }

    @Test
    void withoutALimitNothingIsChecked() {
        Deadline.check();
        assertEquals(3, Deadline.within(LONG, () -> {
            Deadline.check();
            return 3;
        }));
        Deadline.check();
    }

    @Test
    void whatTakesTooLongEnds() {
        TooMuch tooMuch = assertThrows(
                TooMuch.class,
                () -> Deadline.within(NOUGHT, () -> {
                    Deadline.check();
                    return 3;
                }));
        assertTrue(tooMuch.getMessage().contains("Make it simpler"));
        Deadline.check();
    }

    @Test
    void whatIsBriefTakesNoTurn() {
        Queue queue = new Queue(true);
        Deadline.within(LONG, LONG, queue, () -> {
            Deadline.check();
            return 0;
        });
        assertEquals(List.of(), queue.done);
    }

    @Test
    void whatIsNotBriefTakesOneTurnAndGivesItBack() {
        Queue queue = new Queue(true);
        Deadline.within(LONG, NOUGHT, queue, () -> {
            Deadline.check();
            Deadline.check();
            return 0;
        });
        assertEquals(List.of("taken", "given back"), queue.done);
    }

    @Test
    void aTurnIsGivenBackAfterAFault() {
        Queue queue = new Queue(true);
        assertThrows(
                IllegalStateException.class,
                () -> Deadline.within(LONG, NOUGHT, queue, () -> {
                    Deadline.check();
                    throw new IllegalStateException("fault");
                }));
        assertEquals(List.of("taken", "given back"), queue.done);
    }

    @Test
    void whoseTurnDoesNotComeHearsItFromTheQueueAndGivesNothingBack() {
        Queue queue = new Queue(false);
        assertThrows(
                IllegalStateException.class,
                () -> Deadline.within(LONG, NOUGHT, queue, () -> {
                    Deadline.check();
                    return 0;
                }));
        assertEquals(List.of(), queue.done);
    }

    /** A thread that sleeps, or that others keep from the machine, does no work: only its own counts. */
    @Test
    void waitingDoesNotCountAndWorkDoes() {
        Duration limit = Duration.ofMillis(60);
        assertEquals(3, Deadline.within(limit, () -> {
            Deadline.check();
            sleep(3 * limit.toMillis());
            Deadline.check();
            return 3;
        }));
        assertThrows(
                TooMuch.class,
                () -> Deadline.within(limit, () -> {
                    while (true) {
                        Deadline.check();
                    }
                }));
    }

    @Test
    void whatTheTurnsWaitForDoesNotCount() {
        Deadline.Turns slow = new Deadline.Turns() {
            @Override
            public void take() {
                sleep(150);
            }

            @Override
            public void giveBack() {}
        };
        assertEquals(3, Deadline.within(Duration.ofMillis(60), NOUGHT, slow, () -> {
            Deadline.check();
            Deadline.check();
            return 3;
        }));
    }

    private static void sleep(long ms) {
        try {
            Thread.sleep(ms);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The outer limit holds: what lies within it can't make itself more time. */
    @Test
    void oneWithinAnotherKeepsTheOuterLimit() {
        assertThrows(
                TooMuch.class,
                () -> Deadline.within(
                        NOUGHT,
                        () -> Deadline.within(LONG, () -> {
                            Deadline.check();
                            return 0;
                        })));
        boolean[] reached = {false};
        Deadline.within(
                LONG,
                () -> Deadline.within(NOUGHT, () -> {
                    Deadline.check();
                    reached[0] = true;
                    return 0;
                }));
        assertTrue(reached[0]);
        assertFalse(Thread.currentThread().isInterrupted());
    }
}
