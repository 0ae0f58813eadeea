package kindthimble.core.move;

/** What a piped line gets while it is still wet. */
public enum Finish {
    /** Dipped in sugar. */
    SUGARED
}
