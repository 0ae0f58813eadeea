package kindthimble.core.caution;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;

/** A dark coat beside a light one that is flooded after it, over a crease. */
final class DarkBesideLight implements Warning {
    @Override
    public Weight weight() {
        return Weight.MIND;
    }

    @Override
    public Damage damage() {
        return Damage.BLEED;
    }

    @Override
    public void look(IcedCookie cookie, Found found) {
        Set<Integer> told = new HashSet<>();
        for (String name : cookie.sections().leaves().keySet()) {
            int one = lastCoat(cookie, name);
            if (one < 0) {
                continue;
            }
            for (String other : cookie.coats().neighbours(name)) {
                int beside = lastCoat(cookie, other);
                boolean bleeds = beside >= 0
                        && cookie.coats().pass(name) != cookie.coats().pass(other)
                        && cookie.kitchen()
                                        .palette()
                                        .darkerBy(
                                                cookie.moves().get(one).colour(),
                                                cookie.moves().get(beside).colour())
                                > cookie.mean(Habit.BLEEDS_FROM_DELTA_L);
                if (bleeds && told.add(one)) {
                    found.add(
                            one,
                            "Dark beside light over a crease: it may bleed. Flood them while both are wet, or dry the first one through.",
                            Region.union(List.of(
                                    cookie.sections().region(name),
                                    cookie.sections().region(other))),
                            Remedy.flowing("Let them flow"));
                }
            }
        }
    }

    private static int lastCoat(IcedCookie cookie, String section) {
        return cookie.coatUnder(section, cookie.moves().size());
    }
}
