package kindthimble.core.caution;

import kindthimble.core.move.Coating;

/** A coat over a coat. */
final class SecondCoat implements Warning {
    @Override
    public Weight weight() {
        return Weight.MIND;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Coating.class, (at, coat) -> {
            if (!cookie.isBare(at)) {
                found.add(
                        at,
                        "This is a second coat over the first: both are counted in full.",
                        cookie.sections().region(cookie.named(at)));
            }
        });
    }
}
