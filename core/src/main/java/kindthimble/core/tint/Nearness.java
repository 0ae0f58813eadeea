package kindthimble.core.tint;

import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Weights;

/**
 * CIEDE2000 around one target, as three numbers whose squares sum up to about its square: lightness, chroma and hue in the weights that
 * hold at the target. Quick to work out and smooth, so that a search can follow it; what it finds is judged by the whole formula.
 */
final class Nearness {
    private final Lab target;
    private final double[][] rows = new double[3][3];

    Nearness(Lab target) {
        this.target = target;
        double chroma = target.chroma();
        double stretch = Weights.stretchOfA(chroma);
        double a = target.a() * stretch;
        double c = Math.hypot(a, target.b());
        Weights weights = Weights.at(target.l(), c, Math.toDegrees(Math.atan2(target.b(), a)));
        double ca = c > 1e-6 ? a / c : 1;
        double cb = c > 1e-6 ? target.b() / c : 0;
        rows[0][0] = 1 / weights.ofL();
        rows[1][1] = ca * stretch / weights.ofC();
        rows[1][2] = cb / weights.ofC();
        rows[2][1] = -cb * stretch / weights.ofH();
        rows[2][2] = ca / weights.ofH();
    }

    /** The three numbers of a look. */
    void of(double[] lab, double[] into) {
        turn(lab[0] - target.l(), lab[1] - target.a(), lab[2] - target.b(), into);
    }

    /** The same of a slope of the look. */
    void ofSlope(double[] slope, double[] into) {
        turn(slope[0], slope[1], slope[2], into);
    }

    private void turn(double l, double a, double b, double[] into) {
        into[0] = rows[0][0] * l;
        into[1] = rows[1][1] * a + rows[1][2] * b;
        into[2] = rows[2][1] * a + rows[2][2] * b;
    }

    static double squared(double[] three) {
        return three[0] * three[0] + three[1] * three[1] + three[2] * three[2];
    }
}
