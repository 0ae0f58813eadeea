package kindthimble.core.clock;

import kindthimble.core.work.Task;

/** The working hours in sight are not enough for something that has to be done, or it is longer than any sitting. */
public final class NoTime extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final transient Task task;

    NoTime(Task task) {
        super("The working hours in sight do not hold all that has to be done.");
        this.task = task;
    }

    /** What finds no time. */
    public Task task() {
        return task;
    }
}
