package kindthimble.core.caution;

/** What it looks like when it goes wrong. */
public enum Damage {
    /** A pit in a small area. */
    CRATER,
    /** A dark colour creeps into a light one. */
    BLEED,
    /** Two coats that should show a line between them have none. */
    RUN_TOGETHER,
    /** Icing hangs over the edge. */
    RUN_OVER,
    /** The surface is pressed in. */
    DENT
}
