package kindthimble.core.caution;

import java.util.Map;
import kindthimble.core.habit.Habit;
import kindthimble.core.move.Easier;

/** One move that takes most of the hands is worth a thought. */
final class LargeShareOfHands implements Warning {
    private static final int FEW_MOVES = 2;

    @Override
    public Weight weight() {
        return Weight.A_THOUGHT;
    }

    @Override
    public boolean isOnFilm() {
        return false;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        Map<Integer, Double> byMove = cookie.hands().byMove();
        double all = cookie.hands().all();
        byMove.forEach((at, seconds) -> {
            if (byMove.size() > FEW_MOVES && seconds > cookie.mean(Habit.LARGE_SHARE_OF_HANDS) * all) {
                Easier easier = cookie.given().get(at).easier();
                found.add(
                        at,
                        "This move takes %.0f %% of the hands on this cookie. %s"
                                .formatted(100 * seconds / all, easier.sentence()),
                        cookie.iced(),
                        Remedy.easier(at, easier));
            }
        });
    }
}
