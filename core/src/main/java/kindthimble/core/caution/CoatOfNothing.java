package kindthimble.core.caution;

import java.util.List;
import kindthimble.core.move.Coating;

/** A coat for which no section is left. */
final class CoatOfNothing implements Warning {
    @Override
    public Weight weight() {
        return Weight.MIND;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Coating.class, (at, coat) -> {
            if (cookie.named(at).isEmpty()) {
                found.add(
                        at,
                        "Every section has a coat already, so this one covers nothing. Say on which sections it lies.",
                        cookie.iced(),
                        Remedy.replaced("Take it out", at, move -> List.of()));
            }
        });
    }
}
