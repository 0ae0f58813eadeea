package kindthimble.core.caution;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.move.Coating;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Move;

/** What goes on a coat lies on the bare cookie. */
final class NoCoatUnder implements Warning {
    @Override
    public Weight weight() {
        return Weight.WILL_SPOIL;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Move.class, (at, move) -> {
            if (move.needsCoat() != null && cookie.isBare(at)) {
                found.add(at, move.needsCoat(), cookie.on(at), behindItsFlood(at));
            }
        });
    }

    /** The flood that stands further down, or a new one. */
    static Remedy behindItsFlood(int at) {
        return new Remedy("Put it behind its flood", list -> {
            List<Move> changed = new ArrayList<>(list);
            Move early = changed.remove(at);
            int flood = at;
            while (flood < changed.size() && !(changed.get(flood) instanceof Coating)) {
                flood++;
            }
            if (flood == changed.size()) {
                flood = at;
                changed.add(at, new Flood(early.colour(), null, null, null, early.on(), null));
            }
            changed.add(flood + 1, early);
            return changed;
        });
    }
}
