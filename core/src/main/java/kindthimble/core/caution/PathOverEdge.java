package kindthimble.core.caution;

import kindthimble.core.move.Move;
import kindthimble.core.move.Strokes;

/** A path of one's own that reaches beyond the section. */
final class PathOverEdge implements Warning {
    private static final double MOST_OUTSIDE = 0.02;

    @Override
    public Weight weight() {
        return Weight.MIND;
    }

    @Override
    public boolean isOnFilm() {
        return false;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Move.class, (at, move) -> {
            if (!move.ownPath().isBlank() && Strokes.shareOutside(cookie.on(at), move.ownPath()) > MOST_OUTSIDE) {
                found.add(at, "The path reaches over the edge: only what lies inside is counted.", cookie.on(at));
            }
        });
    }
}
