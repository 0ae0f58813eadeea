package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * Drops, teardrops or spikes from a round tip. Raised, each is a half ball drawn out: {@code pi D^2 L / 12}. Wet, it is flat and as long:
 * {@code pi/4 D L x 0.7 x a h}, where a share a of it stays above the coat of thickness h.
 *
 * @param icing what they are made with
 * @param poses where they are; upright, the tail points down
 * @param widthMm D
 * @param tallMm L
 * @param sunkMm a h of a wet one; 0 for raised ones
 * @param gate what has to be so underneath
 */
public record Drops(Icing icing, List<Pose> poses, double widthMm, double tallMm, double sunkMm, Gate gate)
        implements Mark {
    /** Of the ellipse round it, what a wet drop with its tail covers. */
    private static final double DROP_SHARE = 0.7;

    public Drops {
        poses = List.copyOf(poses);
    }

    @Override
    public double volumeMm3() {
        double each = sunkMm > 0
                ? Math.PI / 4 * widthMm * tallMm * DROP_SHARE * sunkMm
                : Math.PI * widthMm * widthMm * tallMm / 12;
        return poses.size() * each;
    }

    @Override
    public Stage stage() {
        return Stage.raised(gate);
    }

    @Override
    public double handSeconds(Habits habits) {
        return poses.size() * habits.mean(sunkMm > 0 ? Habit.DOT_SECONDS : Habit.BEAD_SECONDS);
    }

    @Override
    public List<Slice> slices(double y) {
        double r = widthMm / 2;
        return poses.stream()
                .filter(pose -> Math.abs(pose.y() - y) < r)
                .map(pose -> sunkMm > 0
                        ? Slice.sunk(pose.x() - r, pose.x() + r, 2 * sunkMm)
                        : new Slice(pose.x() - r, pose.x() + r, r, gate != Gate.BARE_COOKIE))
                .toList();
    }

    @Override
    public Region covers() {
        return Region.discs(Pose.spots(poses), widthMm);
    }

    @Override
    public Extent extent() {
        return Extent.of(Pose.spots(poses), widthMm);
    }

    @Override
    public List<Layer> layers() {
        Layer.Role role = sunkMm > 0 ? Layer.Role.SUNK : Layer.Role.RAISED;
        return List.of(new Layer(role, icing.colour(), Shapes.drops(poses, widthMm, tallMm), null));
    }
}
