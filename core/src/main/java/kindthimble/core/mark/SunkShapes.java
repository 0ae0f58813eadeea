package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * Shapes piped into a wet coat. A share a of each stays above the level of the coat, so each takes {@code A a h}, as wet dots do.
 *
 * @param icing what they are made with
 * @param regions what they cover when they have spread
 * @param coatThicknessMm h of the coat they sink into
 * @param aboveShare share of each that stands above that coat
 */
public record SunkShapes(Icing icing, List<Region> regions, double coatThicknessMm, double aboveShare) implements Mark {
    public SunkShapes {
        regions = List.copyOf(regions);
    }

    @Override
    public double volumeMm3() {
        return areaMm2() * coatThicknessMm * aboveShare;
    }

    @Override
    public double areaMm2() {
        return regions.stream().mapToDouble(Region::areaMm2).sum();
    }

    @Override
    public Gate gate() {
        return Gate.WET;
    }

    @Override
    public Stage stage() {
        return Stage.COAT;
    }

    @Override
    public double handSeconds(Habits habits) {
        return areaMm2() / 100 * habits.mean(Habit.FLOOD_SECONDS_PER_CM2)
                + regions.size() * habits.mean(Habit.DOT_SECONDS);
    }

    @Override
    public List<Slice> slices(double y) {
        return regions.stream()
                .flatMap(region -> region.crossings(y).stream())
                .map(pair -> Slice.sunk(pair[0], pair[1], coatThicknessMm))
                .toList();
    }

    @Override
    public Region covers() {
        return Region.union(regions);
    }

    @Override
    public List<Layer> layers() {
        return regions.stream()
                .map(region -> new Layer(Layer.Role.SUNK, icing.colour(), region.pathData(), null))
                .toList();
    }
}
