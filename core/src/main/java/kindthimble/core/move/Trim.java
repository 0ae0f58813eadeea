package kindthimble.core.move;

/** A move without icing of its own: a guide, paint, sprinkles, a squiggle under the flood. */
public sealed interface Trim extends Move permits Edge, Blend, Drag, Squiggle, Sprinkle, Airbrush, Marker, Paint {

    @Override
    String on();
}
