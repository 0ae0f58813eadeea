package kindthimble.core.tracing;

import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import kindthimble.core.geometry.PathTrack;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Spot;

/** Regions for the drawing tools of Java. */
final class Paths {
    private Paths() {}

    static Path2D of(Region region) {
        Path2D path = PathTrack.of(region.cornerData());
        path.setWindingRule(Path2D.WIND_EVEN_ODD);
        return path;
    }

    /** Places along the edge, never farther apart than that. */
    static List<Spot> places(Region region, double mm) {
        List<Spot> places = new ArrayList<>();
        PathIterator along = new FlatteningPathIterator(of(region).getPathIterator(null), 0.01);
        double[] to = new double[6];
        Spot start = null;
        Spot last = null;
        for (; !along.isDone(); along.next()) {
            int kind = along.currentSegment(to);
            Spot next = kind == PathIterator.SEG_CLOSE ? start : new Spot(to[0], to[1]);
            if (kind == PathIterator.SEG_MOVETO) {
                start = next;
            } else {
                int steps = (int) Math.ceil(Math.hypot(next.x() - last.x(), next.y() - last.y()) / mm);
                for (int i = 0; i < steps; i++) {
                    double share = (double) i / steps;
                    places.add(new Spot(
                            last.x() + share * (next.x() - last.x()), last.y() + share * (next.y() - last.y())));
                }
            }
            last = next;
        }
        return places;
    }
}
