package kindthimble.core.tint;

import java.util.List;
import kindthimble.core.colour.Lab;

/**
 * Gels of a shelf in white icing, rested, as fast as a search needs it: look, and how the look answers to more of each gel. Amounts are
 * drops per 100 g of base.
 */
final class Blend {

    private final double[] white;
    private final double[][] k;
    private final double[] whitening;
    private final double[] whitePoint;
    private final double[] reflectance = new double[Observer.BANDS];
    private final double[] absorption = new double[Observer.BANDS];
    private final double[] root = new double[Observer.BANDS];
    private final double[] slopeX = new double[Observer.BANDS];
    private final double[] slopeY = new double[Observer.BANDS];
    private final double[] slopeZ = new double[Observer.BANDS];
    private final double[] curveSlope = new double[3];
    private double scatter = 1;

    Blend(WhiteIcing white, List<Gel> gels) {
        this.white = white.absorption();
        k = new double[gels.size()][];
        whitening = new double[gels.size()];
        for (int g = 0; g < k.length; g++) {
            Gel gel = gels.get(g);
            k[g] = gel.absorption();
            double rested = gel.deepened(Gel.RESTED_HOURS);
            for (int i = 0; i < Observer.BANDS; i++) {
                k[g][i] *= rested;
            }
            whitening[g] = gel.whitening();
        }
        whitePoint = Lab.white();
    }

    int gels() {
        return k.length;
    }

    /**
     * How it looks.
     *
     * @param which gels
     * @param drops of each
     */
    Lab look(int[] which, double[] drops) {
        mix(which, drops);
        return Observer.lab(reflectance);
    }

    /** The same into {@code lab}, as L, a and b; {@link #slopes} then tells of this look. */
    void look(int[] which, double[] drops, double[] lab) {
        mix(which, drops);
        double x = 0;
        double y = 0;
        double z = 0;
        for (int i = 0; i < Observer.BANDS; i++) {
            x += Observer.wx(i) * reflectance[i];
            y += Observer.wy(i) * reflectance[i];
            z += Observer.wz(i) * reflectance[i];
        }
        double fx = curve(0, x / whitePoint[0]);
        double fy = curve(1, y / whitePoint[1]);
        double fz = curve(2, z / whitePoint[2]);
        lab[0] = 116 * fy - 16;
        lab[1] = 500 * (fx - fy);
        lab[2] = 200 * (fy - fz);
    }

    /** Slopes of L, a and b of the last look against drops of each gel of {@code along}, into {@code into[gel][0 to 2]}. */
    void slopes(int[] along, double[][] into) {
        for (int i = 0; i < Observer.BANDS; i++) {
            double slope = (1 - (absorption[i] + 1) / root[i]) / scatter;
            slopeX[i] = Observer.wx(i) * slope;
            slopeY[i] = Observer.wy(i) * slope;
            slopeZ[i] = Observer.wz(i) * slope;
        }
        for (int n = 0; n < along.length; n++) {
            double[] gel = k[along[n]];
            double w = whitening[along[n]];
            double x = 0;
            double y = 0;
            double z = 0;
            for (int i = 0; i < Observer.BANDS; i++) {
                double change = gel[i] - absorption[i] * w;
                x += slopeX[i] * change;
                y += slopeY[i] * change;
                z += slopeZ[i] * change;
            }
            double dy = curveSlope[1] * y;
            into[n][0] = 116 * dy;
            into[n][1] = 500 * (curveSlope[0] * x - dy);
            into[n][2] = 200 * (dy - curveSlope[2] * z);
        }
    }

    /** The curve of lightness of one of X, Y and Z (CIE 15), whose slope is kept. */
    private double curve(int which, double t) {
        curveSlope[which] = Lab.rootSlope(t) / whitePoint[which];
        return Lab.root(t);
    }

    /** Fills in K/S, the light given back, and how much more it scatters than without a whitener. */
    private void mix(int[] which, double[] drops) {
        scatter = 1;
        System.arraycopy(white, 0, absorption, 0, Observer.BANDS);
        for (int n = 0; n < which.length; n++) {
            double amount = drops[n];
            double[] gel = k[which[n]];
            for (int i = 0; i < Observer.BANDS; i++) {
                absorption[i] += amount * gel[i];
            }
            scatter += amount * whitening[which[n]];
        }
        for (int i = 0; i < Observer.BANDS; i++) {
            double q = absorption[i] / scatter;
            absorption[i] = q;
            root[i] = Math.sqrt(q * q + 2 * q);
            reflectance[i] = 1 + q - root[i];
        }
    }
}
