package kindthimble.core.geometry;

import java.util.List;

/**
 * Where something stands, and how it is turned.
 *
 * @param x in mm, to the right
 * @param y in mm, downwards
 * @param turnDegrees clockwise; 0 upright
 * @param flipped whether it is its own mirror image, right for left, before it is turned
 */
public record Pose(double x, double y, double turnDegrees, boolean flipped) {
    /** As it is, and not its mirror image. */
    public Pose(double x, double y, double turnDegrees) {
        this(x, y, turnDegrees, false);
    }

    /** Upright at a point. */
    public static Pose at(Spot spot) {
        return new Pose(spot.x(), spot.y(), 0);
    }

    /** The point alone. */
    public Spot spot() {
        return new Spot(x, y);
    }

    /** The points of several. */
    public static List<Spot> spots(List<Pose> poses) {
        return poses.stream().map(Pose::spot).toList();
    }

    /** Its image in an upright mirror that stands at x. */
    public Pose mirrored(double mirrorX) {
        return new Pose(2 * mirrorX - x, y, -turnDegrees, !flipped);
    }

    /** There as well, but to be read: letters have no mirror image. */
    public Pose readable() {
        return new Pose(x, y, turnDegrees);
    }
}
