package kindthimble.core.caution;

import kindthimble.core.move.Sprinkle;

/** Something strewn where sugar lies already. */
final class SugarBefore implements Warning {
    @Override
    public Weight weight() {
        return Weight.MIND;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Sprinkle.class, (at, strewn) -> {
            int sugared = sugarBefore(cookie, at);
            if (strewn.what() != Sprinkle.What.SUGAR && sugared >= 0) {
                found.add(
                        at,
                        "On sugar they do not hold: press them in first, then strew the sugar.",
                        cookie.on(at),
                        Remedy.moved("Press them in first", at, moves -> sugared));
            }
        });
    }

    /** The last sugar that came first somewhere where a move lies; -1 for none. */
    private static int sugarBefore(IcedCookie cookie, int move) {
        return cookie.named(move).stream()
                .mapToInt(section -> firstSugar(cookie, section, move))
                .max()
                .orElse(-1);
    }

    private static int firstSugar(IcedCookie cookie, String section, int before) {
        for (int i = 0; i < before; i++) {
            if (cookie.moves().get(i) instanceof Sprinkle sugar
                    && sugar.what() == Sprinkle.What.SUGAR
                    && cookie.named(i).contains(section)) {
                return i;
            }
        }
        return -1;
    }
}
