package kindthimble.core.tint;

import java.util.function.DoubleFunction;
import kindthimble.core.colour.Lab;

/**
 * A light shade by weight: so much of a darker bowl's base, and white. K/S goes with mass, so the shade's is exactly
 * {@code f K/S of the dark + (1 - f) K/S of the white}.
 *
 * @param share f, the part of its base that comes out of the darker bowl, over 0 and under 1
 * @param dry how it looks dried and rested
 * @param deltaE how far that is from what is wanted, CIEDE2000
 */
public record Shade(double share, Lab dry, double deltaE) {
    private static final double LEAST = 0.002;
    private static final double MOST = 0.98;
    private static final int SCANNED = 60;

    /**
     * The shade nearest to a colour.
     *
     * @param dark K/S of the darker bowl, rested, band by band
     * @param white of the same base without gel
     */
    public static Shade nearest(double[] dark, WhiteIcing white, Lab target) {
        DoubleFunction<Lab> look = share -> look(dark, white, share);
        double share = Searching.least(LEAST, MOST, SCANNED, s -> target.differenceTo(look.apply(s)));
        Lab dry = look.apply(share);
        return new Shade(share, dry, target.differenceTo(dry));
    }

    /** How a share of a darker bowl looks in white. */
    public static Lab look(double[] dark, WhiteIcing white, double share) {
        double[] q = white.absorption().clone();
        for (int i = 0; i < q.length; i++) {
            q[i] += share * (dark[i] - q[i]);
        }
        return Mixture.lab(q);
    }
}
