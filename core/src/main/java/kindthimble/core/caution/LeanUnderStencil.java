package kindthimble.core.caution;

import kindthimble.core.habit.Habit;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Stencil;

/** A flood that is too lean to lie flat under a stencil. */
final class LeanUnderStencil implements Warning {
    @Override
    public Weight weight() {
        return Weight.MIND;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        double full = cookie.mean(Habit.FULLNESS_UNDER_STENCIL);
        cookie.each(Stencil.class, (at, stencil) -> {
            int under = cookie.coatUnder(at);
            if (under >= 0 && cookie.moves().get(under) instanceof Flood flood && flood.fullness() < full - 1e-9) {
                found.add(
                        at,
                        "The flood under it is too lean to lie flat: the stencil rides on the rim.",
                        cookie.on(at),
                        Remedy.set("Flood it generously", under, "fullness", full));
            }
        });
    }
}
