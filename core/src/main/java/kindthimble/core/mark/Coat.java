package kindthimble.core.mark;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * A coat over one or more sections that are covered in one pass.
 *
 * @param icing what it is made with
 * @param regions what it covers
 * @param thicknessMm its wet thickness, over 0
 * @param volumeMm3 what goes on, the outlines that stand there taken off
 * @param creased whether a crease shows where it meets its neighbours
 * @param surface how it looks: level by itself, as a spatula leaves it, or pressed
 */
public record Coat(
        Icing icing, List<Region> regions, double thicknessMm, double volumeMm3, boolean creased, Relief surface)
        implements Mark {
    /** A coat that meets its neighbours by a crease. */
    public Coat(Icing icing, List<Region> regions, double thicknessMm, double volumeMm3) {
        this(icing, regions, thicknessMm, volumeMm3, true, Relief.LEVEL);
    }

    public Coat {
        regions = List.copyOf(regions);
    }

    /** Wet thickness in mm of a coat flooded at a count in seconds, 2 to 30: a straight line of it. */
    public static double thicknessMm(Habits habits, double countSeconds) {
        return habits.mean(Habit.COAT_MM) + habits.mean(Habit.COAT_MM_PER_SECOND) * countSeconds;
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
    public Gate gate() {
        return Gate.BARE_COOKIE;
    }

    @Override
    public Stage stage() {
        return Stage.COAT;
    }

    @Override
    public double handSeconds(Habits habits) {
        return icing.vessel() == Icing.Vessel.DIP_BOWL
                ? habits.mean(Habit.DIP_SECONDS)
                : areaMm2() / 100 * habits.mean(Habit.FLOOD_SECONDS_PER_CM2) + habits.mean(Habit.NEEDLE_SECONDS);
    }

    @Override
    public List<Slice> slices(double y) {
        return regions.stream()
                .flatMap(region -> region.crossings(y).stream())
                .map(pair -> new Slice(pair[0], pair[1], thicknessMm, false))
                .toList();
    }

    @Override
    public Region covers() {
        return Region.union(regions);
    }

    @Override
    public List<Layer> layers() {
        List<Layer> layers = new ArrayList<>();
        for (Region region : regions) {
            layers.add(
                    new Layer(creased ? Layer.Role.COAT : Layer.Role.FLOWING, icing.colour(), region.pathData(), null));
            layers.addAll(surface.layers(region, icing.colour()));
        }
        return layers;
    }

    /** The same coat over other regions, with so much icing. */
    public Coat over(List<Region> others, double mm3) {
        return new Coat(icing, others, thicknessMm, mm3, creased, surface);
    }
}
