package kindthimble.core.caution;

import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.habit.Habit;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.mark.Placed;
import kindthimble.core.move.Move;
import kindthimble.core.move.Wait;

/** Dark icing piped on a light coat before that is dry through. */
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
            if (isPipedTooSoon(cookie, at) && isDarkOnLight(cookie, at)) {
                found.add(
                        at,
                        "Dark on light: it bleeds into a coat that is not dry through.",
                        cookie.on(at),
                        Remedy.set("Wait until it is dry through", at, "waits", Wait.DRY_THROUGH));
            }
        });
    }

    private static boolean isPipedTooSoon(IcedCookie cookie, int move) {
        return cookie.marks().stream()
                .filter(on -> on.move() == move)
                .map(OnCookie::mark)
                .anyMatch(mark -> mark.stage() == Stage.RAISED && isPiped(mark) && isTooSoon(mark.gate()));
    }

    private static boolean isPiped(Mark mark) {
        return mark.icing() != null && !(mark instanceof Placed);
    }

    private static boolean isTooSoon(Gate gate) {
        return gate.isPastWet() && gate.compareTo(Gate.DRY_THROUGH) < 0;
    }

    private static boolean isDarkOnLight(IcedCookie cookie, int move) {
        return cookie.named(move).stream()
                .mapToInt(section -> cookie.coatUnder(section, move))
                .anyMatch(coat -> coat >= 0
                        && cookie.kitchen()
                                        .palette()
                                        .darkerBy(
                                                cookie.moves().get(move).colour(),
                                                cookie.moves().get(coat).colour())
                                > cookie.mean(Habit.BLEEDS_FROM_DELTA_L));
    }
}
