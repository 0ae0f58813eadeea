package kindthimble.core.caution;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.words.Range;

/** Marks that lie on each other while wet, near the edge. */
final class StackedNearEdge implements Warning {
    private static final double LEAST_OVERLAP_MM2 = 0.5;

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
        List<OnCookie> sunk = cookie.marks().stream()
                .filter(on -> on.mark().gate() == Gate.WET && on.mark().icing() != null)
                .toList();
        if (sunk.size() < 2) {
            return;
        }
        double nearMm = cookie.mean(Habit.NEAR_EDGE_MM);
        Region rim = cookie.iced().difference(cookie.baked().inset(nearMm));
        List<Region> near =
                sunk.stream().map(on -> on.mark().covers().intersection(rim)).toList();
        for (int i = 1; i < sunk.size(); i++) {
            for (int j = 0; j < i; j++) {
                Region both = near.get(i).intersection(near.get(j));
                if (sunk.get(i).move() != sunk.get(j).move()
                        && sunk.get(i).pass() == sunk.get(j).pass()
                        && both.areaMm2() > LEAST_OVERLAP_MM2) {
                    found.add(
                            sunk.get(i).move(),
                            "Wet marks lie on each other within %s mm of the edge: they push icing over it."
                                    .formatted(Range.plain(nearMm)),
                            both,
                            Remedy.margin(nearMm));
                    break;
                }
            }
        }
    }
}
