package kindthimble.core.tracing;

import java.util.List;
import kindthimble.core.geometry.Spot;
import kindthimble.core.words.Refused;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealVector;

/**
 * How a flat sheet lies before a camera: the projective map from the sheet to the picture that takes its four corners to where they are seen
 * (R. Hartley, A. Zisserman, Multiple View Geometry, 2.3 and 4.1, with the last element 1).
 */
public final class Slant {
    private static final int UNKNOWNS = 8;

    private final double[] h;

    private Slant(double[] h) {
        this.h = h;
    }

    /**
     * @param from four places of the sheet, no three of them in line
     * @param to where they are seen
     * @throws Refused when they are no four corners
     */
    public static Slant of(List<Spot> from, List<Spot> to) {
        double[][] rows = new double[UNKNOWNS][UNKNOWNS];
        double[] right = new double[UNKNOWNS];
        for (int i = 0; i < 4; i++) {
            Spot a = from.get(i);
            Spot b = to.get(i);
            rows[2 * i] = new double[] {a.x(), a.y(), 1, 0, 0, 0, -a.x() * b.x(), -a.y() * b.x()};
            rows[2 * i + 1] = new double[] {0, 0, 0, a.x(), a.y(), 1, -a.x() * b.y(), -a.y() * b.y()};
            right[2 * i] = b.x();
            right[2 * i + 1] = b.y();
        }
        DecompositionSolver solver = new QRDecomposition(new Array2DRowRealMatrix(rows, false), 1e-9).getSolver();
        if (!solver.isNonSingular()) {
            throw new Refused("corners", "Three of these corners lie in one line. Put each on a corner of the sheet.");
        }
        RealVector solved = solver.solve(new ArrayRealVector(right, false));
        return new Slant(solved.toArray());
    }

    /** Where a place of the sheet is seen. */
    public Spot seen(double x, double y) {
        double w = h[6] * x + h[7] * y + 1;
        return new Spot((h[0] * x + h[1] * y + h[2]) / w, (h[3] * x + h[4] * y + h[5]) / w);
    }
}
