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
    RAISED,
    MARKER;

    /** When raised detail goes on: on a bare cookie with the coats. */
    public static Stage raised(Gate gate) {
        return gate == Gate.BARE_COOKIE ? COAT : RAISED;
    }
}
