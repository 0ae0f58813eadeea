package kindthimble.core.geometry;

/** Which way a cutter is measured. */
public enum Across {
    WIDTH,
    HEIGHT
}
