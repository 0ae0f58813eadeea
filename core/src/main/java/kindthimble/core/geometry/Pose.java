package kindthimble.core.geometry;

import java.util.List;

/**
 * Where something stands, and how it is turned.
 *
 * @param x in mm, to the right
 * @param y in mm, downwards
 * @param turnDegrees clockwise; 0 upright
 */
public record Pose(double x, double y, double turnDegrees) {
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
        return new Pose(2 * mirrorX - x, y, -turnDegrees);
    }
}
