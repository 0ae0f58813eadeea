package kindthimble.core.caution;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.words.Range;

/**
 * Marks that lie on each other while wet, near the edge, and bring more icing there than the rim holds: what they add where they meet, spread
 * a little, on the coat that is there.
 */
final class StackedNearEdge implements Warning {
    private static final double LEAST_OVERLAP_MM2 = 0.5;

    /** So far what lies too thick spreads before the rim has to hold it. */
    private static final double SPREADS_MM = 1.5;

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
        for (int i = 1; i < sunk.size(); i++) {
            for (int j = 0; j < i; j++) {
                Region over = sunk.get(i).move() == sunk.get(j).move()
                                || sunk.get(i).pass() != sunk.get(j).pass()
                        ? Region.EMPTY
                        : overfull(cookie, sunk, sunk.get(i), sunk.get(j), rim);
                if (!over.isEmpty()) {
                    found.add(
                            sunk.get(i).move(),
                            "Wet marks lie on each other within %s mm of the edge: they push icing over it."
                                    .formatted(Range.plain(nearMm)),
                            over,
                            Remedy.margin(nearMm));
                    break;
                }
            }
        }
    }

    /** Where two marks lie on each other at the rim, and stand too thick there; empty for nowhere. */
    private static Region overfull(IcedCookie cookie, List<OnCookie> sunk, OnCookie one, OnCookie other, Region rim) {
        if (!one.mark().extent().touches(other.mark().extent())) {
            return Region.EMPTY;
        }
        return one.mark().covers().intersection(other.mark().covers()).pieces().stream()
                .filter(both -> both.intersection(rim).areaMm2() > LEAST_OVERLAP_MM2)
                .filter(both -> thickness(cookie, sunk, both.grown(SPREADS_MM).intersection(cookie.iced()), one.pass())
                        > cookie.mean(Habit.THICKEST_MM))
                .findFirst()
                .orElse(Region.EMPTY);
    }

    /** Mean wet thickness of a part, in mm: the coat's, and what sinks in there. */
    private static double thickness(IcedCookie cookie, List<OnCookie> sunk, Region part, int pass) {
        double coat = cookie.marks().stream()
                .filter(on -> on.pass() == pass && on.mark() instanceof Coat)
                .mapToDouble(on -> on.mark().dryingMm())
                .max()
                .orElse(0);
        double mm3 = 0;
        for (OnCookie on : sunk) {
            double covered = on.mark().covers().areaMm2();
            if (on.pass() == pass && covered > 0) {
                mm3 += on.mark().volumeMm3()
                        * on.mark().covers().intersection(part).areaMm2()
                        / covered;
            }
        }
        return coat + mm3 / part.areaMm2();
    }
}
