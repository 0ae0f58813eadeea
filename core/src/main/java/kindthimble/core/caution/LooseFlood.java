package kindthimble.core.caution;

import java.util.HashSet;
import java.util.Set;
import kindthimble.core.habit.Habit;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Outline;
import kindthimble.core.words.Range;

/** A flood so thin that nothing but an outline holds it, and there is none. */
final class LooseFlood implements Warning {
    @Override
    public Weight weight() {
        return Weight.WILL_SPOIL;
    }

    @Override
    public boolean isOnFilm() {
        return false;
    }

    @Override
    public Damage damage() {
        return Damage.RUN_OVER;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        cookie.each(Flood.class, (at, flood) -> {
            Set<String> open = new HashSet<>(cookie.named(at));
            boolean held = cookie.coats().filling(cookie.kitchen()) != Filling.NO_OUTLINE;
            for (int i = 0; i < at && held; i++) {
                if (cookie.moves().get(i) instanceof Outline) {
                    open.removeAll(cookie.named(i));
                }
            }
            if (!open.isEmpty()
                    && flood.countSeconds() < cookie.mean(Habit.HOLDS_FROM_SECONDS)
                    && cookie.coats().filling(cookie.kitchen()) != Filling.DIP) {
                found.add(
                        at,
                        "At %s s it runs over the edge where no outline holds it."
                                .formatted(Range.plain(flood.countSeconds())),
                        cookie.on(at),
                        Remedy.before(
                                "Outline it first",
                                at,
                                new Outline(flood.colour(), null, null, null, null, flood.on())));
            }
        });
    }
}
