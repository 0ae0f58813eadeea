package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * Raised dots or the beads of a border, each half a ball: {@code pi D^3/12}, and a share more for the tails.
 *
 * @param icing what they are made with
 * @param spots their middles
 * @param diameterMm D
 * @param tailShare what the tails add, 0 or more
 * @param gate what has to be so underneath
 */
public record Balls(Icing icing, List<Spot> spots, double diameterMm, double tailShare, Gate gate) implements Mark {
    public Balls {
        spots = List.copyOf(spots);
    }

    @Override
    public double volumeMm3() {
        return spots.size() * Math.PI * Math.pow(diameterMm, 3) / 12 * (1 + tailShare);
    }

    @Override
    public Stage stage() {
        return Stage.raised(gate);
    }

    @Override
    public double handSeconds(Habits habits) {
        return spots.size() * habits.mean(Habit.BEAD_SECONDS);
    }

    @Override
    public List<Slice> slices(double y) {
        double r = diameterMm / 2;
        return spots.stream()
                .filter(spot -> Math.abs(spot.y() - y) < r)
                .map(spot -> new Slice(spot.x() - r, spot.x() + r, r, gate != Gate.BARE_COOKIE))
                .toList();
    }

    @Override
    public Region covers() {
        return Region.discs(spots, diameterMm);
    }

    @Override
    public Extent extent() {
        return Extent.of(spots, diameterMm);
    }

    @Override
    public List<Layer> layers() {
        return List.of(new Layer(Layer.Role.RAISED, icing.colour(), Shapes.discs(spots, diameterMm), null));
    }
}
