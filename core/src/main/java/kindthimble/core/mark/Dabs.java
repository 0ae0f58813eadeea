package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * Icing dabbed on a dry coat for a rough texture: area times thickness.
 *
 * @param icing what it is made with
 * @param region where
 * @param thicknessMm of what is dabbed on, in the mean
 * @param gate what has to be so underneath
 */
public record Dabs(Icing icing, Region region, double thicknessMm, Gate gate) implements Mark {
    private static final double APART_MM = 4;
    private static final int MOST = 300;

    @Override
    public double volumeMm3() {
        return areaMm2() * thicknessMm;
    }

    @Override
    public double areaMm2() {
        return region.areaMm2();
    }

    @Override
    public Stage stage() {
        return Stage.raised(gate);
    }

    @Override
    public double handSeconds(Habits habits) {
        return areaMm2() / 100 * habits.mean(Habit.DAB_SECONDS_PER_CM2);
    }

    @Override
    public Region covers() {
        return region;
    }

    @Override
    public List<Layer> layers() {
        int dabs = (int) Math.min(MOST, Math.max(1, areaMm2() / (APART_MM * APART_MM)));
        return List.of(new Layer(Layer.Role.RAISED, icing.colour(), Shapes.grains(region, dabs, APART_MM * 0.7), null));
    }
}
