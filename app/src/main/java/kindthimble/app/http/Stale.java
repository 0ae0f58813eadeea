package kindthimble.app.http;

/** Somebody (another tab, another device) has saved since the caller last looked. */
public final class Stale extends RuntimeException {
    private static final long serialVersionUID = 1;

    public Stale(String what) {
        super("This " + what
                + " was changed in another tab or on another device. Look again; nothing was overwritten.");
    }

    /**
     * @throws Stale when the version that the caller worked on is not the newest
     */
    public static void check(String what, long given, long newest) {
        if (given != newest) {
            throw new Stale(what);
        }
    }
}
