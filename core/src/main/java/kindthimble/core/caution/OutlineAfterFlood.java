package kindthimble.core.caution;

import java.util.stream.IntStream;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.move.Coating;
import kindthimble.core.move.Outline;

/** An outline that comes when what it should hold is there already. */
final class OutlineAfterFlood implements Warning {
    @Override
    public Weight weight() {
        return Weight.MIND;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        Filling filling = cookie.coats().filling(cookie.kitchen());
        if (filling == Filling.NO_OUTLINE || filling == Filling.DIP) {
            return;
        }
        cookie.each(Outline.class, (at, outline) -> {
            if (!cookie.isBare(at)) {
                found.add(
                        at,
                        "An outline comes before the flood that it holds.",
                        cookie.on(at),
                        Remedy.moved(
                                "Move it up",
                                at,
                                moves -> IntStream.range(0, moves.size())
                                        .filter(i -> moves.get(i) instanceof Coating)
                                        .findFirst()
                                        .orElse(0)));
            }
        });
    }
}
