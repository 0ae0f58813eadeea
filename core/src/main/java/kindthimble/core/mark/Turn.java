package kindthimble.core.mark;

/** When a mark goes on, among all that a cookie gets: on a flat dry coat, airbrush, stencil, raised detail and marker in that order. */
public enum Turn {
    /** A guide on the bare cookie, a coat, or what sinks into one. */
    COAT,
    AIRBRUSH,
    STENCIL,
    RAISED,
    MARKER
}
