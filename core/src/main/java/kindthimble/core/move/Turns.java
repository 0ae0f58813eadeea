package kindthimble.core.move;

/** How shapes beside each other are filled, where not all at once. */
public enum Turns {
    /** Every other one first, and those between when they have a skin. */
    EVERY_OTHER
}
