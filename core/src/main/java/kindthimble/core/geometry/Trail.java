package kindthimble.core.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;

/** A walk along a line in equal steps, each of its points visited once. */
final class Trail {
    private Trail() {}

    /**
     * Places from the first to the last point, turned along the line.
     *
     * @param points two at least
     * @param stepMm how long a step is at the most, over 0
     */
    static List<Pose> along(Coordinate[] points, double stepMm) {
        double whole = 0;
        for (int i = 1; i < points.length; i++) {
            whole += points[i].distance(points[i - 1]);
        }
        int steps = (int) Math.max(1, Math.ceil(whole / stepMm));
        List<Pose> places = new ArrayList<>(steps + 1);
        int segment = 1;
        double before = 0;
        for (int k = 0; k <= steps; k++) {
            double at = whole * k / steps;
            double length = points[segment].distance(points[segment - 1]);
            while (before + length < at && segment + 1 < points.length) {
                before += length;
                segment++;
                length = points[segment].distance(points[segment - 1]);
            }
            Coordinate from = points[segment - 1];
            Coordinate to = points[segment];
            double share = length > 0 ? Math.min(1, (at - before) / length) : 0;
            places.add(new Pose(
                    from.x + share * (to.x - from.x),
                    from.y + share * (to.y - from.y),
                    Math.toDegrees(Math.atan2(to.y - from.y, to.x - from.x))));
        }
        return places;
    }
}
