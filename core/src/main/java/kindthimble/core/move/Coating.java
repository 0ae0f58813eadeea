package kindthimble.core.move;

/** A move that covers sections with a coat. */
public sealed interface Coating extends Move permits Flood, Dip, Spatula {

    /** Words for the sections it covers; null for all that no other coat covers. */
    String on();

    /** How they meet their neighbours; null for a crease. */
    Seam seam();

    @Override
    default String easier() {
        return "A dip, or a colour that the order has already, would be quicker.";
    }

    /** Wet thickness in mm. */
    double thicknessMm(double orderFloodSeconds);
}
