package kindthimble.core.caution;

import java.util.LinkedHashSet;
import java.util.Set;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.mark.Balls;
import kindthimble.core.mark.Bead;
import kindthimble.core.mark.Drops;
import kindthimble.core.mark.Fill;
import kindthimble.core.mark.Frill;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.Pieces;
import kindthimble.core.mark.Placed;
import kindthimble.core.move.Stencil;

/** A stencil over creases, or over something raised. */
final class StencilOnUneven implements Warning {
    /** A stencil that only reaches the edge of a section does not lie on it. */
    private static final double HAIR_MM = 0.3;

    @Override
    public Weight weight() {
        return Weight.WILL_SPOIL;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Stencil.class, (at, stencil) -> {
            Extent print = print(cookie, at);
            if (!cookie.isBare(at)
                    && cookie.coats().byPass(under(cookie, at, print)).size() > 1) {
                found.add(
                        at,
                        "A stencil wants a flat coat; these sections crease. Let them flow, or airbrush instead.",
                        cookie.on(at),
                        Remedy.flowing("Let them flow"));
            } else if (isOnRelief(cookie, at, print)) {
                found.add(
                        at,
                        "A stencil wants a flat coat; something raised lies there already.",
                        cookie.on(at),
                        Remedy.replaced(
                                "Airbrush instead", at, move -> stencil.easier().instead()));
            }
        });
    }

    private static Extent print(IcedCookie cookie, int move) {
        return cookie.marksOf(move).stream()
                .map(on -> on.mark().extent())
                .findFirst()
                .orElse(Extent.NONE);
    }

    /** The sections that the stencil itself lies on, of those that the move names. */
    private static Set<String> under(IcedCookie cookie, int move, Extent print) {
        Set<String> under = new LinkedHashSet<>(cookie.named(move));
        under.removeIf(
                name -> !print.touches(Extent.of(cookie.sections().region(name).inset(HAIR_MM))));
        return under;
    }

    /** Piped on the wet coat so that it bonds: it stands up none the less. */
    private static boolean isRaisedAtOnce(Mark mark) {
        return mark.gate() == Gate.WET
                && (mark instanceof Bead
                        || mark instanceof Balls
                        || mark instanceof Drops
                        || mark instanceof Pieces
                        || mark instanceof Frill
                        || mark instanceof Fill
                        || mark instanceof Placed);
    }

    private static boolean isOnRelief(IcedCookie cookie, int move, Extent print) {
        return cookie.marks().stream()
                .anyMatch(on -> on.move() < move
                        && (on.mark().stage() == Stage.RAISED
                                || on.mark().stage() == Stage.STENCIL
                                || isRaisedAtOnce(on.mark()))
                        && cookie.meet(on.move(), move)
                        && print.touches(on.mark().extent()));
    }
}
