package kindthimble.core.drying;

/** When a mark goes on, among all that a cookie gets: on a flat dry coat, airbrush, stencil, raised detail
 * and marker in that order. */
public enum Stage {
    /** On film, days before. */
    AHEAD,
    /** A guide on the bare cookie, a coat, or what sinks into one. */
    COAT,
    /** A guide on a coat that has a skin, to be covered. */
    GUIDE,
    AIRBRUSH,
    STENCIL,
    /** A flood on a coat that is dry. */
    SECOND,
    RAISED,
    MARKER,
    /** Paint, dust or gilding. */
    PAINT;

    /** When raised detail goes on: on a bare cookie, or on a wet coat, with the coats. */
    public static Stage raised(Gate gate) {
        return gate.isPastWet() ? RAISED : COAT;
    }
}
