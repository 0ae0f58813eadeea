package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * Icing filled into regions of their own on a dry coat: a second flood, or a raised fill. It levels there as a coat does.
 *
 * @param icing what it is made with
 * @param regions what it covers
 * @param thicknessMm its wet thickness, over 0
 * @param volumeMm3 what goes on
 * @param gate what has to be so underneath
 * @param stage when
 * @param waitsForItsOwn whether the same move has filled what lies beside it first
 */
public record Fill(
        Icing icing,
        List<Region> regions,
        double thicknessMm,
        double volumeMm3,
        Gate gate,
        Stage stage,
        boolean waitsForItsOwn)
        implements Mark {
    /** One that is filled in one go. */
    public Fill(Icing icing, List<Region> regions, double thicknessMm, double volumeMm3, Gate gate, Stage stage) {
        this(icing, regions, thicknessMm, volumeMm3, gate, stage, false);
    }

    public Fill {
        regions = List.copyOf(regions);
    }

    @Override
    public double dryingMm() {
        return thicknessMm;
    }

    @Override
    public double areaMm2() {
        return regions.stream().mapToDouble(Region::areaMm2).sum();
    }

    @Override
    public double handSeconds(Habits habits) {
        return areaMm2() / 100 * habits.mean(Habit.FLOOD_SECONDS_PER_CM2)
                + regions.size() * habits.mean(Habit.NEEDLE_SECONDS);
    }

    @Override
    public List<Slice> slices(double y) {
        return regions.stream()
                .flatMap(region -> region.crossings(y).stream())
                .map(pair -> new Slice(pair[0], pair[1], thicknessMm, true))
                .toList();
    }

    @Override
    public Region covers() {
        return Region.union(regions);
    }

    @Override
    public List<Layer> layers() {
        return regions.stream()
                .map(region -> new Layer(Layer.Role.RAISED, icing.colour(), region.pathData(), null))
                .toList();
    }
}
