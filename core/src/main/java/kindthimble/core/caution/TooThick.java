package kindthimble.core.caution;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import kindthimble.core.drying.Gate;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.move.Flood;
import kindthimble.core.words.Range;

/** Icing that levels and stands so thick in the mean that it runs over the edge. */
final class TooThick implements Warning {
    private static final double LEAST_FULLNESS = 0.5;

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
        Map<Integer, Double> sunkMm3 = new HashMap<>();
        Map<Integer, Double> coatedMm2 = new HashMap<>();
        for (OnCookie on : cookie.marks()) {
            if (on.mark().gate() == Gate.WET) {
                sunkMm3.merge(on.pass(), on.mark().volumeMm3(), Double::sum);
            } else if (on.mark() instanceof Coat coat) {
                coatedMm2.merge(on.pass(), coat.areaMm2(), Double::sum);
            }
        }
        double most = cookie.mean(Habit.THICKEST_MM);
        Set<Integer> told = new HashSet<>();
        for (OnCookie on : cookie.marks()) {
            if (!(on.mark() instanceof Coat coat)
                    || coat.icing().consistency().countSeconds() > Consistency.LEAST_MEDIUM_SECONDS
                    || coat.areaMm2() == 0) {
                continue;
            }
            boolean isFlood = cookie.moves().get(on.move()) instanceof Flood;
            double fullness = isFlood ? ((Flood) cookie.moves().get(on.move())).fullness() : 1;
            double mean =
                    coat.thicknessMm() * fullness + sunkMm3.getOrDefault(on.pass(), 0.0) / coatedMm2.get(on.pass());
            if (mean > most && told.add(on.move())) {
                found.add(
                        on.move(),
                        "%.1f mm of wet icing in the mean is likely to run over the edge. Take a thinner count, less fullness or fewer wet marks."
                                .formatted(mean),
                        coat.regions().get(0),
                        isFlood ? leaner(on.move(), fullness, mean, most) : null);
            }
        }
    }

    private static Remedy leaner(int at, double fullness, double mean, double most) {
        double less = Math.floor(100 * (fullness - (mean - most) / (mean / fullness))) / 100;
        return less < LEAST_FULLNESS
                ? null
                : Remedy.set("Fullness %s".formatted(Range.plain(less)), at, "fullness", less);
    }
}
