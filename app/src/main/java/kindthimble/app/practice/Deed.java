package kindthimble.app.practice;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;

/**
 * Something that hands do in the practice kitchen.
 *
 * @param what it is
 * @param step key of the step at which
 * @param name of what it is done with: an ingredient, a gel, a bag; the words tell one deed from another
 * @param wanted grams of it, or seconds by the plan; 0 where neither counts
 * @param nth drop or cookie; 0 where that does not count
 * @param fromMs of holding: what flowed before that was told before
 * @param toMs of holding
 * @param isLast whether the hand stops with that
 */
record Deed(What what, String step, String name, double wanted, int nth, double fromMs, double toMs, boolean isLast) {

    /** What hands do. */
    @Schema(name = "PracticeDeed")
    enum What {
        /** Pours onto the scale. */
        POUR,
        /** Takes a spoon of it off the scale. */
        SPOON,
        /** Lets a drop of gel fall onto the scale. */
        DRIP,
        /** Looks into a bowl that is being tinted. */
        LOOK,
        /** Draws a line through the icing, and waits. */
        LINE,
        /** Ices a cookie. */
        ICE,
        /** Puts a bag on the scale. */
        BAG,
        /** Puts a bare cookie on the scale. */
        BARE,
        /** Puts the same cookie on the scale when it is iced. */
        ICED,
        /** Touches what dries. */
        TOUCH
    }

    /**
     * What comes of it.
     *
     * @param amount grams that flowed, drops that fell, seconds that a line or a cookie takes, grams on the scale
     * @param mishap what happened to a cookie, in a word; null for nothing
     * @param hex how a bowl looks; null where none was looked into
     * @param isDry whether what was touched is dry
     * @param onScale whether a scale took it
     */
    @Schema(name = "PracticeOutcome")
    record Outcome(
            double amount,
            @Nullable String mishap,
            @Nullable String hex,
            boolean isDry,
            boolean onScale) {
        static Outcome grams(double amount, boolean onScale) {
            return new Outcome(amount, null, null, false, onScale);
        }
    }
}
