package kindthimble.core.tint;

import java.util.List;
import kindthimble.core.colour.Lab;

/**
 * Gels of a shelf in white icing, rested, as fast as a search needs it: look, and how the look answers to more of each gel. Amounts are
 * drops per 100 g of base.
 */
final class Blend {
    private static final double DELTA = 6.0 / 29;

    private final double[] white;
    private final double[][] k;
    private final double[] whitening;
    private final double[] whitePoint;
    private final double[] reflectance = new double[Observer.BANDS];
    private final double[] slope = new double[Observer.BANDS];
    private final double[] absorption = new double[Observer.BANDS];

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

    /**
     * L, a and b into {@code lab}, and their slopes against drops of each gel of {@code along} into {@code slopes[gel][0 to 2]}.
     */
    void lookAndSlopes(int[] which, double[] drops, int[] along, double[] lab, double[][] slopes) {
        double scatter = mix(which, drops);
        for (int i = 0; i < Observer.BANDS; i++) {
            double q = absorption[i];
            slope[i] = (1 - (q + 1) / Math.sqrt(q * q + 2 * q)) / scatter;
        }
        double[] xyz = Observer.xyz(reflectance);
        double[] f = new double[3];
        double[] df = new double[3];
        for (int c = 0; c < 3; c++) {
            double t = xyz[c] / whitePoint[c];
            f[c] = t > DELTA * DELTA * DELTA ? Math.cbrt(t) : t / (3 * DELTA * DELTA) + 4.0 / 29;
            df[c] = (t > DELTA * DELTA * DELTA ? 1 / (3 * f[c] * f[c]) : 1 / (3 * DELTA * DELTA)) / whitePoint[c];
        }
        lab[0] = 116 * f[1] - 16;
        lab[1] = 500 * (f[0] - f[1]);
        lab[2] = 200 * (f[1] - f[2]);
        for (int n = 0; n < along.length; n++) {
            double[] gel = k[along[n]];
            double w = whitening[along[n]];
            double x = 0;
            double y = 0;
            double z = 0;
            for (int i = 0; i < Observer.BANDS; i++) {
                double change = slope[i] * (gel[i] - absorption[i] * w);
                x += Observer.wx(i) * change;
                y += Observer.wy(i) * change;
                z += Observer.wz(i) * change;
            }
            double dy = df[1] * y;
            slopes[n][0] = 116 * dy;
            slopes[n][1] = 500 * (df[0] * x - dy);
            slopes[n][2] = 200 * (dy - df[2] * z);
        }
    }

    /** Fills in K/S and the light given back; answers how much more it scatters than without a whitener. */
    private double mix(int[] which, double[] drops) {
        double scatter = 1;
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
            reflectance[i] = 1 + q - Math.sqrt(q * q + 2 * q);
        }
        return scatter;
    }
}
