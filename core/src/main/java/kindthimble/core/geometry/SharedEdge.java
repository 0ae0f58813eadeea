package kindthimble.core.geometry;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

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
        return upTo(Double.POSITIVE_INFINITY, a, b);
    }

    /** Whether they lie side by side for more than so many mm; saves looking farther than that. */
    public static boolean isLongerThan(double mm, Region a, Region b) {
        return upTo(mm, a, b) > mm;
    }

    private static double upTo(double enough, Region a, Region b) {
        Envelope reach = a.shape().getEnvelopeInternal();
        reach.expandBy(NEAR_MM);
        if (!reach.intersects(b.shape().getEnvelopeInternal())) {
            return 0;
        }
        return Remembered.measure(a.shape(), b.shape(), "beside", enough, () -> searched(enough, a, b));
    }

    private static double searched(double enough, Region a, Region b) {
        double sum = 0;
        for (LinearRing one : Rings.of(a.shape())) {
            for (LinearRing other : Rings.of(b.shape())) {
                if (sum <= enough && IndexedFacetDistance.isWithinDistance(one, other, NEAR_MM)) {
                    sum = ofRings(one.getCoordinates(), other.getCoordinates(), sum, enough);
                }
            }
        }
        return sum;
    }

    private static double ofRings(Coordinate[] a, Coordinate[] b, double before, double enough) {
        double sum = before;
        for (int i = 0; i + 1 < a.length && sum <= enough; i++) {
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
