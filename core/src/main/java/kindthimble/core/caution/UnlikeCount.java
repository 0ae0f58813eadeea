package kindthimble.core.caution;

import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.drying.Gate;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.move.Move;
import kindthimble.core.words.Range;

/** A wet mark of another count than the coat that it goes into: much thicker it stays up, much thinner it craters. */
final class UnlikeCount implements Warning {
    @Override
    public Weight weight() {
        return Weight.MIND;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Move.class, (at, move) -> {
            if (move.sinks() == null) {
                return;
            }
            int under = cookie.coatUnder(at);
            double own = count(cookie, at, false);
            double coat = under < 0 ? Double.NaN : count(cookie, under, true);
            // Piping icing stays up, and is put in for that.
            boolean thicker =
                    own > coat + cookie.mean(Habit.THICKER_BY_SECONDS) && own < Consistency.LEAST_PIPING_SECONDS;
            if (cookie.isOnWetMarks(at) || !(thicker || own < coat / 2)) {
                return;
            }
            found.add(
                    at,
                    "Of %s s on a flood of %s s: %s. Take the flood's own count."
                            .formatted(
                                    Range.plain(own),
                                    Range.plain(coat),
                                    thicker ? "it stays up and does not sink in" : "it craters and runs out"),
                    cookie.on(at),
                    Catalogue.has(move, "countSeconds")
                            ? Remedy.set("Take %s s".formatted(Range.plain(coat)), at, "countSeconds", coat)
                            : null);
        });
    }

    /** The count of what a move puts on, of its coat or of what goes into one; not a number where there is none. */
    private static double count(IcedCookie cookie, int move, boolean ofCoat) {
        return cookie.marksOf(move).stream()
                .map(OnCookie::mark)
                .filter(mark -> mark.icing() != null)
                .filter(mark -> ofCoat ? mark instanceof Coat : mark.gate() == Gate.WET)
                .mapToDouble((Mark mark) -> mark.icing().consistency().countSeconds())
                .findFirst()
                .orElse(Double.NaN);
    }
}
