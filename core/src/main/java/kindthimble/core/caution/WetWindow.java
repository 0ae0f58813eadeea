package kindthimble.core.caution;

import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Room;
import kindthimble.core.habit.Habit;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.move.Easier;

/** Hands on what must be done while the coat is wet, the coat itself and all that sinks in, against the time that it stays so. */
final class WetWindow implements Warning {
    @Override
    public Weight weight() {
        return Weight.WILL_SPOIL;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        Map<Integer, Double> seconds = new TreeMap<>();
        Map<Integer, OnCookie> lastSinking = new HashMap<>();
        for (int i = 0; i < cookie.marks().size(); i++) {
            OnCookie on = cookie.marks().get(i);
            if (on.mark().gate() == Gate.WET || on.mark() instanceof Coat) {
                seconds.merge(on.pass(), cookie.hands().of(i), Double::sum);
            }
            if (on.mark().gate() == Gate.WET) {
                lastSinking.put(on.pass(), on);
            }
        }
        double limit = cookie.mean(Habit.WET_WINDOW_SECONDS)
                * Room.times(cookie.kitchen().habits())
                * cookie.mean(Habit.SHARE_OF_WET_WINDOW);
        seconds.forEach((pass, wet) -> {
            OnCookie last = lastSinking.get(pass);
            if (last != null && wet > limit) {
                Easier easier = cookie.given().get(last.move()).easier();
                found.add(
                        last.move(),
                        "Coat and what sinks into it take %.0f s of hands on one cookie; it stays wet enough for about %.0f s. Use fewer marks, or divide the cookie."
                                .formatted(wet, limit),
                        cookie.iced(),
                        Remedy.easier(last.move(), easier));
            }
        });
    }
}
