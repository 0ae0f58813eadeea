package kindthimble.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;

/**
 * About the largest circle inside a shape: from the middles between its edges along some lines across it, the best ones are moved to where
 * they are farthest from all edges. For hundreds of shapes at once, where a search through all of each would take too long.
 */
final class Inscribed {
    private static final int LINES = 13;
    private static final int BEST = 5;
    private static final double CLOSE_ENOUGH = 0.008;

    /** In a sliver that opens slowly each step gains less than the last digit holds: such steps would never end. */
    private static final double WORTH_A_STEP = 1 + CLOSE_ENOUGH / 10;

    /** Cosines of eight ways; the sines are those of the ways a quarter back. */
    private static final double[] WAYS = new double[8];

    static {
        Arrays.setAll(WAYS, way -> Math.cos(way * Math.PI / 4));
    }

    private final double[] x0;
    private final double[] y0;
    private final double[] x1;
    private final double[] y1;

    private Inscribed(Geometry shape) {
        List<Coordinate[]> rings = new ArrayList<>();
        int sides = 0;
        for (LinearRing ring : Rings.of(shape)) {
            rings.add(ring.getCoordinates());
            sides += ring.getNumPoints() - 1;
        }
        x0 = new double[sides];
        y0 = new double[sides];
        x1 = new double[sides];
        y1 = new double[sides];
        int at = 0;
        for (Coordinate[] ring : rings) {
            for (int i = 0; i + 1 < ring.length; i++) {
                x0[at] = ring[i].x;
                y0[at] = ring[i].y;
                x1[at] = ring[i + 1].x;
                y1[at++] = ring[i + 1].y;
            }
        }
    }

    static double radiusMm(Geometry shape, Box box) {
        Inscribed sides = new Inscribed(shape);
        List<double[]> spots = new ArrayList<>();
        for (int i = 0; i < LINES; i++) {
            double share = (i + 0.5) / LINES;
            double y = box.y() + share * box.heightMm();
            for (double[] middle : middles(sides.y0, sides.x0, sides.y1, sides.x1, y)) {
                spots.add(new double[] {middle[0], y, middle[1]});
            }
            double x = box.x() + share * box.widthMm();
            for (double[] middle : middles(sides.x0, sides.y0, sides.x1, sides.y1, x)) {
                spots.add(new double[] {x, middle[0], middle[1]});
            }
        }
        // No circle round a middle is wider than what lies between the edges there.
        spots.sort((a, b) -> Double.compare(b[2], a[2]));
        double best = 0;
        List<double[]> deep = new ArrayList<>();
        for (double[] spot : spots) {
            if (spot[2] <= best) {
                break;
            }
            double r = sides.inside(spot[0], spot[1], best / 2);
            if (r > 0) {
                best = Math.max(best, r);
                deep.add(new double[] {spot[0], spot[1], r});
            }
        }
        deep.sort((a, b) -> Double.compare(b[2], a[2]));
        for (double[] spot : deep.subList(0, Math.min(BEST, deep.size()))) {
            best = Math.max(best, sides.climbed(spot[0], spot[1], spot[2]));
        }
        return best;
    }

    /** Half-way between the edges that a line at a height crosses, two by two, and half the way between them. */
    private static double[][] middles(double[] h0, double[] w0, double[] h1, double[] w1, double height) {
        double[] crossings = new double[16];
        int count = 0;
        for (int i = 0; i < h0.length; i++) {
            if (h0[i] <= height != h1[i] <= height) {
                if (count == crossings.length) {
                    crossings = Arrays.copyOf(crossings, 2 * count);
                }
                crossings[count++] = w0[i] + (height - h0[i]) / (h1[i] - h0[i]) * (w1[i] - w0[i]);
            }
        }
        Arrays.sort(crossings, 0, count);
        double[][] middles = new double[count / 2][];
        for (int i = 0; i < middles.length; i++) {
            double from = crossings[2 * i];
            double to = crossings[2 * i + 1];
            middles[i] = new double[] {(from + to) / 2, (to - from) / 2};
        }
        return middles;
    }

    private double climbed(double fromX, double fromY, double from) {
        double x = fromX;
        double y = fromY;
        double r = from;
        double step = r / 2;
        while (step > CLOSE_ENOUGH * r) {
            Deadline.check();
            boolean isBetter = false;
            for (int way = 0; way < 8; way++) {
                double toX = x + step * WAYS[way];
                double toY = y + step * WAYS[(way + 6) % 8];
                double there = inside(toX, toY, r);
                if (there > r * WORTH_A_STEP) {
                    x = toX;
                    y = toY;
                    r = there;
                    isBetter = true;
                }
            }
            step = isBetter ? step : step / 2;
        }
        return r;
    }

    /** How far a point lies inside the edge; 0 outside, or where that is no farther than it needs. */
    private double inside(double x, double y, double atLeast) {
        double enough = atLeast * atLeast;
        boolean isIn = false;
        double nearest = Double.MAX_VALUE;
        for (int i = 0; i < x0.length; i++) {
            double dx = x1[i] - x0[i];
            double dy = y1[i] - y0[i];
            double px = x - x0[i];
            double py = y - y0[i];
            double along = Math.max(0, Math.min(1, (px * dx + py * dy) / (dx * dx + dy * dy)));
            double ox = px - along * dx;
            double oy = py - along * dy;
            nearest = Math.min(nearest, ox * ox + oy * oy);
            if (nearest <= enough) {
                return 0;
            }
            if (y0[i] <= y != y1[i] <= y && x < x0[i] + (y - y0[i]) / dy * dx) {
                isIn = !isIn;
            }
        }
        return isIn ? Math.sqrt(nearest) : 0;
    }
}
