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
 * Round dots dropped into a wet coat. A share a of each stays above the level of the coat, so each takes {@code pi/4 D^2 x a h}.
 *
 * @param icing what they are made with
 * @param poses where they are
 * @param diameterMm D, as they look when they have spread
 * @param coatThicknessMm h of the coat they sink into
 * @param aboveShare share of each that stands above that coat
 * @param drag what a needle does to each; null for nothing
 */
public record WetDots(
        Icing icing, List<Pose> poses, double diameterMm, double coatThicknessMm, double aboveShare, Drag drag)
        implements Mark {
    /** What a needle does to dots. */
    public enum Drag {
        /** Once through the middle of a row: hearts. */
        HEARTS,
        /** Through the middle and out on both sides: leaves. */
        LEAVES,
        /** Round and round from the middle: a rose. */
        ROSE
    }

    /** A leaf is drawn so much longer than its dot was wide. */
    private static final double LEAF_LENGTH = 1.5;

    public WetDots {
        poses = List.copyOf(poses);
    }

    @Override
    public double volumeMm3() {
        return areaMm2() * coatThicknessMm * aboveShare;
    }

    @Override
    public double areaMm2() {
        return poses.size() * Math.PI / 4 * diameterMm * diameterMm;
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
        return poses.size() * (habits.mean(Habit.DOT_SECONDS) + (drag == null ? 0 : habits.mean(Habit.DRAG_SECONDS)));
    }

    @Override
    public List<Slice> slices(double y) {
        double r = diameterMm / 2;
        return poses.stream()
                .filter(spot -> Math.abs(spot.y() - y) < r)
                .map(spot -> {
                    double half = Math.sqrt(r * r - (spot.y() - y) * (spot.y() - y));
                    return Slice.sunk(spot.x() - half, spot.x() + half, coatThicknessMm);
                })
                .toList();
    }

    @Override
    public Region covers() {
        return Region.discs(Pose.spots(poses), diameterMm);
    }

    @Override
    public Extent extent() {
        return Extent.of(Pose.spots(poses), diameterMm);
    }

    @Override
    public List<Layer> layers() {
        if (drag == Drag.ROSE) {
            return List.of(new Layer(
                    Layer.Role.SUNK, icing.colour(), Shapes.swirls(Pose.spots(poses), diameterMm), 0.14 * diameterMm));
        }
        String path = drag == Drag.HEARTS
                ? Shapes.hearts(poses, diameterMm)
                : drag == Drag.LEAVES
                        ? Shapes.leaves(poses, LEAF_LENGTH * diameterMm)
                        : Shapes.discs(Pose.spots(poses), diameterMm);
        return List.of(new Layer(Layer.Role.SUNK, icing.colour(), path, null));
    }
}
