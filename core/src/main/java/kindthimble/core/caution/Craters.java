package kindthimble.core.caution;

import kindthimble.core.mark.Mark;

/**
 * From which width on flooded icing keeps its surface: thin icing sinks in the middle of a narrow part before it sets, thicker icing holds itself
 * (docs/craft.md, Warnings: 9 mm at 15 s, 6 mm at 20 s, 4 mm from 25 s on).
 */
final class Craters {
    private static final double THIN_SECONDS = 15;
    private static final double BETWEEN_SECONDS = 20;
    private static final double THICK_SECONDS = 25;
    private static final double BETWEEN_SHARE = 6 / 9.0;
    private static final double THICK_SHARE = 4 / 9.0;

    private Craters() {}

    /**
     * @param thinMm what is narrow at 15 s and looser, over 0
     * @param countSeconds of what is flooded
     * @return what is narrow at that count, in mm
     */
    static double narrowerThan(double thinMm, double countSeconds) {
        if (countSeconds <= THIN_SECONDS) {
            return thinMm;
        }
        if (countSeconds >= THICK_SECONDS) {
            return THICK_SHARE * thinMm;
        }
        return thinMm
                * (countSeconds <= BETWEEN_SECONDS
                        ? between(1, BETWEEN_SHARE, (countSeconds - THIN_SECONDS) / (BETWEEN_SECONDS - THIN_SECONDS))
                        : between(
                                BETWEEN_SHARE,
                                THICK_SHARE,
                                (countSeconds - BETWEEN_SECONDS) / (THICK_SECONDS - BETWEEN_SECONDS)));
    }

    private static double between(double from, double to, double share) {
        return from + share * (to - from);
    }

    /** The same for what a move floods; as for thin icing where that is not known. */
    static double narrowerThan(double thinMm, IcedCookie cookie, int move) {
        return cookie.marksOf(move).stream()
                .map(on -> on.mark())
                .filter(mark -> mark.icing() != null)
                .findFirst()
                .map((Mark mark) ->
                        narrowerThan(thinMm, mark.icing().consistency().countSeconds()))
                .orElse(thinMm);
    }
}
