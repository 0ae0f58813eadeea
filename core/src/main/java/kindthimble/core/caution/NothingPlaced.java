package kindthimble.core.caution;

import kindthimble.core.move.Move;
import kindthimble.core.placing.Laid;

/** A move whose marks are to be pressed on the cookie, or whose line is to be drawn there, and are not yet. */
final class NothingPlaced implements Warning {
    @Override
    public Weight weight() {
        return Weight.MIND;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Move.class, (at, move) -> {
            if (move.where() != null && move.where().hasNoPlaceYet()) {
                found.add(
                        at,
                        move.where().laid() == Laid.PATH
                                ? "Nothing of it is there yet. Draw its line on the cookie."
                                : "Nothing of it is there yet. Press the cookie where it goes.",
                        cookie.iced());
            }
        });
    }
}
