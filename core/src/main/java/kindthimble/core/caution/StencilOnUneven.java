package kindthimble.core.caution;

import kindthimble.core.drying.Stage;
import kindthimble.core.move.Stencil;

/** A stencil over creases, or over something raised. */
final class StencilOnUneven implements Warning {
    @Override
    public Weight weight() {
        return Weight.WILL_SPOIL;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Stencil.class, (at, stencil) -> {
            if (!cookie.isBare(at) && cookie.coats().byPass(cookie.named(at)).size() > 1) {
                found.add(
                        at,
                        "A stencil wants a flat coat; these sections crease. Let them flow, or airbrush instead.",
                        cookie.on(at),
                        Remedy.flowing("Let them flow"));
            } else if (isOnRaised(cookie, at)) {
                found.add(
                        at,
                        "A stencil wants a flat coat; something raised lies there already.",
                        cookie.on(at),
                        Remedy.replaced(
                                "Airbrush instead", at, move -> stencil.easier().instead()));
            }
        });
    }

    private static boolean isOnRaised(IcedCookie cookie, int move) {
        return cookie.marks().stream()
                .anyMatch(on -> on.move() < move && on.mark().stage() == Stage.RAISED && cookie.meet(on.move(), move));
    }
}
