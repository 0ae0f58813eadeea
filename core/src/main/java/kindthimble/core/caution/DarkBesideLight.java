package kindthimble.core.caution;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import kindthimble.core.drying.Gate;
import kindthimble.core.move.Coating;
import kindthimble.core.move.Edge;
import kindthimble.core.move.Seam;

/** Dark and light coats beside each other over a crease, where the second comes before the first is dry through. */
final class DarkBesideLight implements Warning {
    @Override
    public Weight weight() {
        return Weight.MIND;
    }

    @Override
    public Damage damage() {
        return Damage.BLEED;
    }

    /** The longest that can be said of a crease. */
    private static final int MOST_MINUTES = 1_440;

    @Override
    public void look(IcedCookie cookie, Found found) {
        Map<Integer, Set<String>> beside = new TreeMap<>();
        Map<Integer, Integer> minutes = new HashMap<>();
        for (String name : cookie.sections().leaves().keySet()) {
            for (String other : cookie.coats().neighbours(name)) {
                int first = lastCoat(cookie, name);
                int second = lastCoat(cookie, other);
                if (first < 0 || second < 0 || cookie.passOf(name) >= cookie.passOf(other)) {
                    continue;
                }
                int dry = Gate.DRY_THROUGH.minutes(
                        cookie.kitchen().habits(),
                        ((Coating) cookie.moves().get(first))
                                .thicknessMm(cookie.kitchen().habits()));
                if (cookie.bleeds(
                                cookie.moves().get(first).colour(),
                                cookie.moves().get(second).colour())
                        && cookie.minutesBetween(cookie.passOf(name), cookie.passOf(other)) < dry) {
                    beside.computeIfAbsent(second, move -> new TreeSet<>()).addAll(List.of(name, other));
                    minutes.merge(second, dry, Math::max);
                }
            }
        }
        beside.forEach((at, names) -> found.add(
                at,
                "Dark beside light over a crease: it may bleed. Dry the first one through, or flood them while both are wet.",
                cookie.sections().region(names),
                minutes.get(at) > MOST_MINUTES ? Remedy.flowing("Let them flow") : dried(at, names, minutes.get(at))));
    }

    /** A crease that waits so long between just these sections, before the coat that comes later. */
    private static Remedy dried(int at, Set<String> names, int minutes) {
        return Remedy.before(
                "Dry the first one through", at, new Edge(Seam.CREASE, (double) minutes, String.join(" ", names)));
    }

    private static int lastCoat(IcedCookie cookie, String section) {
        return cookie.coatUnder(section, cookie.moves().size());
    }
}
