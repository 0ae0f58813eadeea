package kindthimble.core.tint;

import kindthimble.core.colour.Lab;

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
        double seventh = Math.pow(chroma, 7);
        double g = 0.5 * (1 - Math.sqrt(seventh / (seventh + Math.pow(25, 7))));
        double a = target.a() * (1 + g);
        double c = Math.hypot(a, target.b());
        double hue = Math.toDegrees(Math.atan2(target.b(), a));
        double t = 1
                - 0.17 * Math.cos(Math.toRadians(hue - 30))
                + 0.24 * Math.cos(Math.toRadians(2 * hue))
                + 0.32 * Math.cos(Math.toRadians(3 * hue + 6))
                - 0.20 * Math.cos(Math.toRadians(4 * hue - 63));
        double away = (target.l() - 50) * (target.l() - 50);
        double sl = 1 + 0.015 * away / Math.sqrt(20 + away);
        double sc = 1 + 0.045 * c;
        double sh = 1 + 0.015 * c * t;
        double ca = c > 1e-6 ? a / c : 1;
        double cb = c > 1e-6 ? target.b() / c : 0;
        rows[0][0] = 1 / sl;
        rows[1][1] = ca * (1 + g) / sc;
        rows[1][2] = cb / sc;
        rows[2][1] = -cb * (1 + g) / sh;
        rows[2][2] = ca / sh;
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
