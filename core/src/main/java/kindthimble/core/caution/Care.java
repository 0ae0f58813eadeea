package kindthimble.core.caution;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import kindthimble.core.move.Airbrush;
import kindthimble.core.move.Blend;
import kindthimble.core.move.Dot;
import kindthimble.core.move.Marker;
import kindthimble.core.move.Move;
import kindthimble.core.move.Paint;
import kindthimble.core.move.Sprinkle;
import kindthimble.core.move.Stripe;
import kindthimble.core.move.Transfer;

/** What to take care of for whoever eats a cookie (docs/craft.md, Care): said once where it applies, whatever else is right. */
public enum Care {
    /** Paint is dust in something that dries off. */
    THINNED(
            "Paint is thinned with alcohol or an extract: let it dry off, and say so to those who avoid it. A nut extract is nuts."),
    /** Dust, paint, marker and airbrush colour. */
    SOLD_AS_FOOD(
            "Only dusts, paints and markers that are sold as food: non-toxic is not edible. Brushes for food and nothing else."),
    /** What can be swallowed whole. */
    HARD_AND_SMALL("Hard pearls, candies and small sugar parts are not for toddlers."),
    /** A needle that draws through icing, or props what stands up. */
    PINS("Count toothpicks and pins before you pack: none stays on a cookie.");

    private final String sentence;

    Care(String sentence) {
        this.sentence = sentence;
    }

    public String sentence() {
        return sentence;
    }

    /** What moves ask for, and those of small designs within them; each once. */
    public static List<Care> of(List<Move> moves) {
        Set<Care> cares = EnumSet.noneOf(Care.class);
        moves.forEach(move -> {
            add(move, cares);
            cares.addAll(of(move.inner()));
        });
        return List.copyOf(cares);
    }

    private static void add(Move move, Set<Care> cares) {
        if (move instanceof Paint paint) {
            cares.add(SOLD_AS_FOOD);
            if (paint.what() != Paint.What.DUST) {
                cares.add(THINNED);
            }
        }
        if (move instanceof Airbrush || move instanceof Marker marker && !marker.leavesNoColour()) {
            cares.add(SOLD_AS_FOOD);
        }
        if (move instanceof Sprinkle strewn && strewn.what() != Sprinkle.What.SUGAR) {
            cares.add(HARD_AND_SMALL);
        }
        if (takesNeedle(move) || move instanceof Transfer transfer && transfer.standing() != null) {
            cares.add(PINS);
        }
    }

    private static boolean takesNeedle(Move move) {
        return move instanceof Marker marker && marker.leavesNoColour()
                || move instanceof Dot dot && dot.drag() != null
                || move instanceof Stripe stripe && stripe.dragged() != null
                || move instanceof Blend;
    }
}
