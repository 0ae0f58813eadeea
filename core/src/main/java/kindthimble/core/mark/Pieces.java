package kindthimble.core.mark;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;

/**
 * Piped pieces of which the shop knows the weight: leaves, rosettes, stars, flowers.
 *
 * @param icing what they are made with
 * @param kind which
 * @param poses where they are
 * @param sizeMm how large they are drawn
 * @param gramsEach as weighed
 * @param gate what has to be so underneath
 */
public record Pieces(Icing icing, PieceKind kind, List<Pose> poses, double sizeMm, double gramsEach, Gate gate)
        implements Mark {
    /** What can be piped by the piece. */
    public enum PieceKind {
        LEAF,
        ROSETTE,
        STAR,
        FLOWER,
        PETAL
    }

    public Pieces {
        poses = List.copyOf(poses);
    }

    @Override
    public double volumeMm3() {
        return poses.size() * gramsEach * 1000 / STIFF_MG_PER_MM3;
    }

    @Override
    public double grams(BaseRecipe recipe) {
        return poses.size() * gramsEach;
    }

    @Override
    public Stage stage() {
        return Stage.raised(gate);
    }

    @Override
    public double handSeconds(Habits habits) {
        return poses.size() * habits.mean(Habit.PIECE_SECONDS);
    }

    @Override
    public Region covers() {
        return Region.discs(Pose.spots(poses), sizeMm);
    }

    @Override
    public Extent extent() {
        return Extent.of(Pose.spots(poses), sizeMm);
    }

    @Override
    public List<Layer> layers() {
        return PieceDrawing.layers(this);
    }
}
