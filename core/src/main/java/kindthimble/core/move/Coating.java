package kindthimble.core.move;

import kindthimble.core.habit.Habits;

/** A move that covers sections with a coat. */
public sealed interface Coating extends Move permits Flood, Dip, Spatula {

    /** Words for the sections it covers; null for all that no other coat covers. */
    @Override
    String on();

    /** How they meet their neighbours; null for a crease. */
    Seam seam();

    @Override
    default Easier easier() {
        return Easier.by(
                        "A dip covers a whole cookie at once.",
                        "Dip it instead",
                        new Dip(colour(), null, null, null, on()))
                .alike();
    }

    /** Wet thickness in mm. */
    double thicknessMm(Habits habits);
}
