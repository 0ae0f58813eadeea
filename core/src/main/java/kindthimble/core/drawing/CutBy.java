package kindthimble.core.drawing;

/** What the cookie of a drawing is cut with. */
public enum CutBy {
    /** The shape that lies around all others. */
    OUTERMOST,
    /** All shapes together, and a margin around them. */
    SILHOUETTE,
    /** A cutter of the shop, laid over the middle of the drawing. */
    CUTTER
}
