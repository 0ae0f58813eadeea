package kindthimble.core.clock;

/** The working hours in sight are not enough, or a task is longer than any sitting. */
public final class NoTime extends RuntimeException {
    private static final long serialVersionUID = 1;

    NoTime() {
        super("The working hours in sight do not hold all that has to be done.");
    }
}
