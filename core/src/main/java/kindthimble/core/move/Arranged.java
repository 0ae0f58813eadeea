package kindthimble.core.move;

/** How several of one thing lie. */
public enum Arranged {
    SCATTERED,
    ROWS
}
