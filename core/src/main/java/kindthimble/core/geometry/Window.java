package kindthimble.core.geometry;

import java.util.ArrayList;
import java.util.List;

/** Cuts rings of points to an upright rectangle (Sutherland and Hodgman, 1974): what they wind round inside it stays the same. */
public final class Window {
    private static final double[][] NOTHING = {};

    private final double[] least;
    private final double[] most;

    public Window(double x0, double y0, double x1, double y1) {
        least = new double[] {x0, y0};
        most = new double[] {x1, y1};
    }

    /** The part of a ring inside; fewer than three points where there is none. */
    public double[][] cut(double[][] ring) {
        double[][] left = ring;
        for (int axis = 0; axis < 2; axis++) {
            left = cut(left, axis, least[axis], 1);
            left = cut(left, axis, most[axis], -1);
        }
        return left;
    }

    /** The part of a ring on one side of a line across an axis. */
    static double[][] cut(double[][] ring, int axis, double at, int way) {
        int inside = 0;
        for (double[] point : ring) {
            inside += way * (point[axis] - at) >= 0 ? 1 : 0;
        }
        if (inside == ring.length) {
            return ring;
        }
        if (inside == 0) {
            return NOTHING;
        }
        List<double[]> kept = new ArrayList<>();
        for (int i = 0; i < ring.length; i++) {
            double[] a = ring[i];
            double[] b = ring[(i + 1) % ring.length];
            boolean aIn = way * (a[axis] - at) >= 0;
            boolean bIn = way * (b[axis] - at) >= 0;
            if (aIn) {
                kept.add(a);
            }
            if (aIn != bIn) {
                double share = (at - a[axis]) / (b[axis] - a[axis]);
                double[] crossing = {a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])};
                crossing[axis] = at;
                kept.add(crossing);
            }
        }
        return kept.toArray(double[][]::new);
    }
}
