package kindthimble.app.http;

/** What was asked for does not exist, or was removed. */
public final class NotThere extends RuntimeException {
    private static final long serialVersionUID = 1;

    public NotThere(String what) {
        super("There is no such " + what + "; it may have been removed.");
    }
}
