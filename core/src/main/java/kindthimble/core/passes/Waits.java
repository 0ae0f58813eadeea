package kindthimble.core.passes;

import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.mark.Balls;
import kindthimble.core.mark.Bead;
import kindthimble.core.mark.Mark;

/** What a mark waits for that goes on or beside another one which is no coat: the table of docs/craft.md, pair by pair. */
final class Waits {
    /** From this share on, a mark lies on the other and does not only touch it. */
    static final double LIES_ON = 0.6;

    /** Dots up to this width take a brush sooner than lines. */
    private static final double SMALL_DOT_MM = 3.2;

    private Waits() {}

    /**
     * @param upper what goes on later
     * @param shareOn share of it that lies on the other, 0 to 1
     * @param lower what is there, and no coat that it waits for itself
     * @return what has to have come; {@link Gate#WET} where it may follow at once, in the same pass
     */
    static Gate between(Mark upper, double shareOn, Mark lower) {
        return switch (lower.stage()) {
            case RAISED -> onRaised(upper, shareOn, lower);
            case SECOND -> upper.stage() == Stage.SECOND ? Gate.SKINNED : upper.gate();
            case AIRBRUSH, STENCIL, MARKER, PAINT, GUIDE -> Gate.PRINT_DRY;
            case AHEAD, COAT -> Gate.WET;
        };
    }

    private static Gate onRaised(Mark upper, double shareOn, Mark lower) {
        return switch (upper.stage()) {
            case RAISED -> isOneLine(upper, lower) ? Gate.WET : shareOn >= LIES_ON ? Gate.LINES_SET : Gate.TOUCHING;
            case SECOND -> Gate.LINES_HOLD;
            case MARKER, GUIDE -> Gate.LINES_DRY;
            case PAINT ->
                lower instanceof Balls dots && dots.diameterMm() <= SMALL_DOT_MM ? Gate.DOTS_SET : Gate.LINES_SET;
            case AIRBRUSH, STENCIL -> Gate.LINES_SET;
            case AHEAD, COAT -> Gate.WET;
        };
    }

    /** Lines of one icing that run into each other are piped in one go. */
    private static boolean isOneLine(Mark upper, Mark lower) {
        return upper instanceof Bead
                && lower instanceof Bead
                && upper.icing().colour().equals(lower.icing().colour());
    }
}
