package kindthimble.core.caution;

import java.util.Map;
import kindthimble.core.habit.Habit;
import kindthimble.core.move.Airbrush;
import kindthimble.core.move.Coating;
import kindthimble.core.move.Easier;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Marker;
import kindthimble.core.move.Move;
import kindthimble.core.move.Outline;
import kindthimble.core.move.Paint;

/** The move that takes most of the hands is worth a thought, where another way looks alike. */
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
        if (byMove.size() <= FEW_MOVES) {
            return;
        }
        byMove.entrySet().stream()
                .filter(one -> one.getValue() > cookie.mean(Habit.LARGE_SHARE_OF_HANDS) * all)
                .filter(one -> looksAlike(cookie, one.getKey()))
                .max(Map.Entry.comparingByValue())
                .ifPresent(most -> {
                    int at = most.getKey();
                    Easier easier = cookie.given().get(at).easier();
                    found.add(
                            at,
                            "This move takes %.0f %% of the hands on this cookie. %s"
                                    .formatted(100 * most.getValue() / all, easier.sentence()),
                            cookie.iced(),
                            Remedy.easier(at, easier));
                });
    }

    /** Whether the quicker way is one that nobody tells apart: a dip only for a plain coat of one colour, with nothing but colour on it. */
    private static boolean looksAlike(IcedCookie cookie, int at) {
        return cookie.given().get(at).easier().looksAlike()
                && (!(cookie.given().get(at) instanceof Coating)
                        || cookie.given().get(at) instanceof Flood
                                && !cookie.sections().isDivided()
                                && cookie.given().stream().allMatch(LargeShareOfHands::leavesItPlain));
    }

    private static boolean leavesItPlain(Move move) {
        return move instanceof Flood
                || move instanceof Outline
                || move instanceof Marker
                || move instanceof Paint
                || move instanceof Airbrush;
    }
}
