package kindthimble.core.move;

/** What is piped where a small shape is filled, before it is. */
public enum Under {
    /** A line through it, so that it does not sink. */
    SQUIGGLE
}
