package kindthimble.core.geometry;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * How long two regions lie side by side. Goes through all pairs of edges: those that run alongside within {@value #NEAR_MM} mm and
 * nearly in parallel share what they overlap. Made for sections cut out of one region, which share their vertices or nearly.
 */
public final class SharedEdge {
    private static final double NEAR_MM = 0.02;
    private static final double MOST_SINE = 0.05;

    private SharedEdge() {}

    /**
     * @return mm; 0 when they do not touch
     */
    public static double lengthMm(Region a, Region b) {
        Envelope reach = a.shape().getEnvelopeInternal();
        reach.expandBy(NEAR_MM);
        if (!reach.intersects(b.shape().getEnvelopeInternal())) {
            return 0;
        }
        double sum = 0;
        for (int i = 0; i < a.shape().getNumGeometries(); i++) {
            for (int j = 0; j < b.shape().getNumGeometries(); j++) {
                sum += ofPolygons(a.shape().getGeometryN(i), b.shape().getGeometryN(j));
            }
        }
        return sum;
    }

    private static double ofPolygons(Geometry a, Geometry b) {
        if (!(a instanceof Polygon one) || !(b instanceof Polygon other)) {
            return 0;
        }
        double sum = 0;
        for (int i = -1; i < one.getNumInteriorRing(); i++) {
            Coordinate[] ring = ring(one, i);
            for (int j = -1; j < other.getNumInteriorRing(); j++) {
                sum += ofRings(ring, ring(other, j));
            }
        }
        return sum;
    }

    private static Coordinate[] ring(Polygon polygon, int index) {
        return index < 0
                ? polygon.getExteriorRing().getCoordinates()
                : polygon.getInteriorRingN(index).getCoordinates();
    }

    private static double ofRings(Coordinate[] a, Coordinate[] b) {
        double sum = 0;
        for (int i = 0; i + 1 < a.length; i++) {
            double dx = a[i + 1].x - a[i].x;
            double dy = a[i + 1].y - a[i].y;
            double length = Math.hypot(dx, dy);
            if (length < 1e-9) {
                continue;
            }
            for (int j = 0; j + 1 < b.length; j++) {
                sum += overlap(a[i], dx / length, dy / length, length, b[j], b[j + 1]);
            }
        }
        return sum;
    }

    /** Length of the segment from {@code start} along (ux, uy) that the segment from p to q runs beside. */
    private static double overlap(Coordinate start, double ux, double uy, double length, Coordinate p, Coordinate q) {
        double awayP = (p.x - start.x) * uy - (p.y - start.y) * ux;
        double awayQ = (q.x - start.x) * uy - (q.y - start.y) * ux;
        if (Math.abs(awayP) > NEAR_MM && Math.abs(awayQ) > NEAR_MM
                || Math.abs(awayP - awayQ) > MOST_SINE * Math.hypot(q.x - p.x, q.y - p.y)) {
            return 0;
        }
        double alongP = (p.x - start.x) * ux + (p.y - start.y) * uy;
        double alongQ = (q.x - start.x) * ux + (q.y - start.y) * uy;
        return Math.max(0, Math.min(length, Math.max(alongP, alongQ)) - Math.max(0, Math.min(alongP, alongQ)));
    }
}
