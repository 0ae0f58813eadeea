package kindthimble.core.caution;

import java.util.List;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Fill;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.mark.Placed;
import kindthimble.core.move.Move;
import kindthimble.core.move.Wait;

/** Icing piped on a much lighter or much darker coat before that is dry through. */
final class Bleeding implements Warning {
    @Override
    public Weight weight() {
        return Weight.WILL_SPOIL;
    }

    @Override
    public Damage damage() {
        return Damage.BLEED;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Move.class, (at, move) -> {
            String into = cookie.marksOf(at).stream()
                    .filter(on -> isPiped(on.mark()))
                    .map(on -> bledInto(cookie, on))
                    .filter(colour -> colour != null)
                    .findFirst()
                    .orElse(null);
            if (into != null) {
                found.add(
                        at,
                        cookie.kitchen().palette().darkerBy(move.colour(), into) > 0
                                ? "Dark on light: it bleeds into a coat that is not dry through."
                                : "Light on dark: a coat that is not dry through bleeds into it.",
                        cookie.on(at),
                        Remedy.replaced("Wait until it is dry through", at, Bleeding::dryThrough));
            }
        });
    }

    private static List<Move> dryThrough(Move move) {
        Move waits = Catalogue.has(move, "waits") ? Catalogue.with(move, "waits", Wait.DRY_THROUGH) : move;
        return List.of(Catalogue.has(waits, "waitMinutes") ? Catalogue.with(waits, "waitMinutes", null) : waits);
    }

    private static boolean isPiped(Mark mark) {
        return mark.stage() == Stage.RAISED && mark.icing() != null && !(mark instanceof Placed);
    }

    /** Key of the colour that is under a mark, and takes part in it; null for none. */
    private static String bledInto(IcedCookie cookie, OnCookie upper) {
        for (OnCookie lower : cookie.marks()) {
            if (lower.move() < upper.move()
                    && lower.pass() < upper.pass()
                    && (lower.mark() instanceof Coat || lower.mark() instanceof Fill)
                    && cookie.bleeds(upper.mark().colour(), lower.mark().colour())
                    && cookie.minutesBetween(lower.pass(), upper.pass())
                            < Gate.DRY_THROUGH.minutes(
                                    cookie.kitchen().habits(), lower.mark().dryingMm())
                    && upper.mark().extent().touches(lower.mark().extent())) {
                return lower.mark().colour();
            }
        }
        return null;
    }
}
