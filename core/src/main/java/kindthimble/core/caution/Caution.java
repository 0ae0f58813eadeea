package kindthimble.core.caution;

import java.util.List;
import java.util.regex.Pattern;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Spot;
import kindthimble.core.move.Move;

/**
 * What is likely to go wrong with a cookie, as it is shown.
 *
 * @param move index of the move it is about
 * @param weight how much it weighs
 * @param sentence what is likely to go wrong and what helps
 * @param press what one press does about it; null for nothing
 * @param moves the moves after that press; null for nothing
 * @param marginMm the edge margin that the press sets; null to leave it
 * @param effect what that press changes, measured; null for nothing, or where that was not tried
 * @param damage what it looks like on the cookie; null where there is nothing to see there
 * @param at the middle of what it is about
 * @param radiusMm of a circle round that
 */
public record Caution(
        int move,
        Weight weight,
        String sentence,
        String press,
        List<Move> moves,
        Double marginMm,
        Effect effect,
        Damage damage,
        Spot at,
        double radiusMm) {
    private static final Pattern FIGURES = Pattern.compile("\\b[a-z]?[0-9]+([.,][0-9]+)*");

    /** The same without a press. */
    public Caution unmended() {
        return new Caution(move, weight, sentence, null, null, null, null, damage, at, radiusMm);
    }

    /** The same with what its press changes. */
    public Caution with(Effect measured) {
        return new Caution(move, weight, sentence, press, moves, marginMm, measured, damage, at, radiusMm);
    }

    /** One of a small design that is set on a cookie, as a warning about that. */
    public Caution ofSmall(int setOn, Pose where) {
        return new Caution(setOn, weight, "On it: " + sentence, null, null, null, null, damage, where.spot(), radiusMm);
    }

    /** Whether it is more than a thought. */
    public boolean isWarning() {
        return weight != Weight.A_THOUGHT;
    }

    /** What it is about, whatever its figures and its section. */
    public String kind() {
        return FIGURES.matcher(sentence).replaceAll("#");
    }
}
