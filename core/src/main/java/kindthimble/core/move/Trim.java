package kindthimble.core.move;

/** A move without icing of its own: a guide, paint, sprinkles, a squiggle under the flood. */
public sealed interface Trim extends Move permits Squiggle, Sprinkle, Airbrush, Marker, Paint {

    /** Words for the sections it lies on; null for the whole cookie. */
    String on();
}
