package kindthimble.app.http;

/** The machine has so much to do that something did not get its turn; nothing is wrong with it, and the page asks again by itself. */
public class Busy extends RuntimeException {
    private static final long serialVersionUID = 1;

    public Busy() {
        super("The kitchen computer is busy, and still working on it.");
    }
}
