package kindthimble.core.geometry;

import java.util.Arrays;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * A convex polygon: what can be told of it directly, without JTS' search for crossings. Most sections are convex, and a coat takes
 * six insets of each.
 *
 * <p>Inset: as long as no edge vanishes, each edge moves inward by the same distance s, and two edges that turn by the angle a
 * shorten by {@code s tan(a/2)} each at their corner. Intersection: one is cut along each edge of the other in turn
 * (I. Sutherland and G. Hodgman, Reentrant polygon clipping, Communications of the ACM 17, 1974).
 */
final class Convex {
    private static final double LEAST_EDGE = 1e-9;
    private static final double LEAST_AREA = 1e-9;
    private static final double MOST_TURN_COSINE = -0.999;

    /** Corners, counter to the clock where y points up; not closed. */
    private final double[] x;

    private final double[] y;

    /** Unit vectors and lengths of the edges that leave each corner. */
    private final double[] ux;

    private final double[] uy;
    private final double[] length;

    private Convex(double[] x, double[] y) {
        this.x = x;
        this.y = y;
        int n = x.length;
        ux = new double[n];
        uy = new double[n];
        length = new double[n];
        for (int i = 0; i < n; i++) {
            double dx = x[(i + 1) % n] - x[i];
            double dy = y[(i + 1) % n] - y[i];
            length[i] = Math.sqrt(dx * dx + dy * dy);
            ux[i] = dx / length[i];
            uy[i] = dy / length[i];
        }
    }

    /** The same shape as a convex polygon; null when it has hollows, holes or several parts, or edges of no length. */
    static Convex of(Geometry shape) {
        if (!(shape instanceof Polygon polygon) || polygon.getNumInteriorRing() > 0) {
            return null;
        }
        Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
        int n = ring.length - 1;
        if (n < 3) {
            return null;
        }
        double twiceArea = 0;
        for (int i = 0; i < n; i++) {
            twiceArea += ring[i].x * ring[i + 1].y - ring[i + 1].x * ring[i].y;
        }
        double[] x = new double[n];
        double[] y = new double[n];
        for (int i = 0; i < n; i++) {
            Coordinate corner = ring[twiceArea > 0 ? i : n - 1 - i];
            x[i] = corner.x;
            y[i] = corner.y;
        }
        Convex convex = new Convex(x, y);
        return convex.turnsOneWayRoundOnce() ? convex : null;
    }

    private boolean turnsOneWayRoundOnce() {
        double turned = 0;
        for (int i = 0; i < x.length; i++) {
            double sine = sine(i);
            double cosine = cosine(i);
            if (!(length[i] > LEAST_EDGE) || sine < -LEAST_EDGE || cosine < MOST_TURN_COSINE) {
                return false;
            }
            turned += Math.atan2(sine, cosine);
        }
        return turned < 3 * Math.PI;
    }

    private int before(int corner) {
        return corner == 0 ? x.length - 1 : corner - 1;
    }

    private double sine(int corner) {
        int b = before(corner);
        return ux[b] * uy[corner] - uy[b] * ux[corner];
    }

    private double cosine(int corner) {
        int b = before(corner);
        return ux[b] * ux[corner] + uy[b] * uy[corner];
    }

    /** What is left when each edge moves inward; null when an edge vanishes on the way. */
    Polygon inset(double mm) {
        int n = x.length;
        double[] taken = new double[n];
        for (int i = 0; i < n; i++) {
            taken[i] = mm * sine(i) / (1 + cosine(i));
        }
        Coordinate[] inner = new Coordinate[n + 1];
        for (int i = 0; i < n; i++) {
            if (length[i] <= taken[i] + taken[(i + 1) % n]) {
                return null;
            }
            inner[i] = new Coordinate(x[i] + taken[i] * ux[i] - mm * uy[i], y[i] + taken[i] * uy[i] + mm * ux[i]);
        }
        inner[n] = inner[0].copy();
        return Region.FACTORY.createPolygon(inner);
    }

    /** What lies in both; an empty polygon when nothing does. */
    Polygon intersection(Convex other) {
        double[] px = x.clone();
        double[] py = y.clone();
        for (int edge = 0; edge < other.x.length && px.length > 0; edge++) {
            int n = px.length;
            double[] cutX = new double[2 * n];
            double[] cutY = new double[2 * n];
            int kept = 0;
            for (int i = 0; i < n; i++) {
                int next = (i + 1) % n;
                double here = other.inside(edge, px[i], py[i]);
                double there = other.inside(edge, px[next], py[next]);
                if (here >= 0) {
                    cutX[kept] = px[i];
                    cutY[kept++] = py[i];
                }
                if (here > 0 && there < 0 || here < 0 && there > 0) {
                    double share = here / (here - there);
                    cutX[kept] = px[i] + share * (px[next] - px[i]);
                    cutY[kept++] = py[i] + share * (py[next] - py[i]);
                }
            }
            px = Arrays.copyOf(cutX, kept);
            py = Arrays.copyOf(cutY, kept);
        }
        return polygon(px, py);
    }

    /** How far inside of an edge a point lies; negative outside, and 0 for one that is as good as on it. */
    private double inside(int edge, double px, double py) {
        double far = ux[edge] * (py - y[edge]) - uy[edge] * (px - x[edge]);
        return Math.abs(far) < LEAST_EDGE ? 0 : far;
    }

    private static Polygon polygon(double[] px, double[] py) {
        int n = 0;
        Coordinate[] ring = new Coordinate[px.length + 1];
        for (int i = 0; i < px.length; i++) {
            int last = n == 0 ? px.length - 1 : i - 1;
            if (Math.hypot(px[i] - px[last], py[i] - py[last]) > LEAST_EDGE || px.length == 1) {
                ring[n++] = new Coordinate(px[i], py[i]);
            }
        }
        if (n < 3) {
            return Region.FACTORY.createPolygon();
        }
        ring[n] = ring[0].copy();
        Polygon polygon = Region.FACTORY.createPolygon(Arrays.copyOf(ring, n + 1));
        return polygon.getArea() > LEAST_AREA ? polygon : Region.FACTORY.createPolygon();
    }
}
